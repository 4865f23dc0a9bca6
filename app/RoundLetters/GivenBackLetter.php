<?php

declare(strict_types=1);

namespace App\RoundLetters;

use App\Booking\Occasion;
use App\Framework\Reading;
use App\Framework\Version;
use App\Framework\Words;
use App\Models\Pass;
use App\Models\Round;
use App\Telling\Letter;
use App\Telling\Meetings;
use App\Telling\Message;

/** What a family has cancelled of a round, in one letter; each goes out of its calendar. */
final class GivenBackLetter extends Message
{
    /** @param  list<int>  $bookings */
    public function __construct(
        private readonly Pass $pass,
        private readonly Round $round,
        private readonly array $bookings,
        private readonly string $word,
    ) {}

    protected function reading(): Reading
    {
        return Reading::of($this->pass);
    }

    protected function heading(): string
    {
        return Words::say('rounds.back_heading', ['title' => Version::title($this->round)]);
    }

    protected function letter(): Letter
    {
        $off = Meetings::all($this->bookings);

        return new Letter(
            greeting: Letter::greeting($this->pass),
            news: Words::say('rounds.back_news', ['count' => $off->count()]),
            word: $this->word,
            facts: Meetings::facts($off),
            linkText: Words::say('rounds.back_link'),
            link: $this->pass->linkTo($this->round),
            school: $this->round->school->name,
        );
    }

    protected function entries(): array
    {
        return Meetings::entries(Meetings::all($this->bookings), $this->pass, Occasion::Cancelled);
    }
}
