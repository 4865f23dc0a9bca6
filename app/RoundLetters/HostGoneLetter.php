<?php

declare(strict_types=1);

namespace App\RoundLetters;

use App\Framework\Clock;
use App\Framework\Reading;
use App\Framework\Spell;
use App\Framework\Words;
use App\Models\Pass;
use App\Models\Round;
use App\Telling\Letter;
use App\Telling\Message;

/** Tells a family that somebody for whom it has wished is not there any more, and until when it can wish for another. */
final class HostGoneLetter extends Message
{
    public function __construct(
        private readonly Pass $pass,
        private readonly Round $round,
        private readonly string $host,
    ) {}

    protected function reading(): Reading
    {
        return Reading::of($this->pass);
    }

    protected function heading(): string
    {
        return Words::say('allotting.gone_heading', ['host' => $this->host]);
    }

    protected function letter(): Letter
    {
        return new Letter(
            greeting: Letter::greeting($this->pass),
            news: Words::say('allotting.gone_news', [
                'host' => $this->host,
                'open' => $this->round->takesWishes(Clock::now()) ? 'yes' : 'no',
                'moment' => Spell::moment(
                    (int) $this->round->wishes_until?->getTimestamp(),
                    $this->round->school->timeZone(),
                ),
            ]),
            word: '',
            facts: [],
            linkText: Words::say('allotting.wishes_link'),
            link: $this->round->linkFor($this->pass),
            school: $this->round->school->name,
        );
    }
}
