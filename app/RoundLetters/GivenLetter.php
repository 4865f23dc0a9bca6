<?php

declare(strict_types=1);

namespace App\RoundLetters;

use App\Framework\Reading;
use App\Framework\Version;
use App\Framework\Words;
use App\Models\Pass;
use App\Models\Round;
use App\Telling\Letter;
use App\Telling\Meetings;
use App\Telling\Message;
use Illuminate\Mail\Mailables\Attachment;

/** What a family was given, and what could not be given and why. */
final class GivenLetter extends Message
{
    /**
     * @param  list<int>  $bookings
     * @param  list<array{host: string, why: string}>  $left
     * @param  bool  $asked  whether a teacher asked for some of it
     */
    public function __construct(
        private readonly Pass $pass,
        private readonly Round $round,
        private readonly array $bookings,
        private readonly array $left,
        private readonly bool $asked,
    ) {}

    /** One for each family of an allotment, however often the queue tries. */
    protected function identity(): string
    {
        return "given.{$this->round->id}.{$this->pass->id}.{$this->round->version}";
    }

    protected function reading(): Reading
    {
        return Reading::of($this->pass);
    }

    protected function heading(): string
    {
        return Words::say('allotting.given_heading', ['title' => Version::title($this->round)]);
    }

    protected function letter(): Letter
    {
        $meetings = Meetings::still($this->bookings);
        $facts = Meetings::facts($meetings);
        foreach ($this->left as ['host' => $host, 'why' => $why]) {
            $facts[Words::say('allotting.given_left', ['host' => $host])] = $why;
        }

        return new Letter(
            greeting: Words::say('booking.dear', ['name' => $this->pass->name]),
            word: $this->asked ? Words::say('allotting.given_asked') : '',
            facts: $facts,
            news: Words::say('allotting.given_news', ['count' => $meetings->count(), 'left' => count($this->left)]),
            linkText: Words::say('allotting.given_link'),
            link: $this->pass->linkTo($this->round),
            school: $this->round->school->name,
        );
    }

    /** @return list<Attachment> */
    public function attachments(): array
    {
        return Meetings::file(Meetings::still($this->bookings), $this->pass);
    }
}
