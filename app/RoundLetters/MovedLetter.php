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

/** All meetings of a family on another date, in one letter. */
final class MovedLetter extends Message
{
    /** @param  list<int>  $bookings */
    public function __construct(
        private readonly Pass $pass,
        private readonly Round $round,
        private readonly array $bookings,
        private readonly string $text,
    ) {}

    protected function reading(): Reading
    {
        return Reading::of($this->pass);
    }

    protected function heading(): string
    {
        return Words::say('replanning.moved_heading', ['title' => Version::title($this->round)]);
    }

    protected function letter(): Letter
    {
        $meetings = Meetings::still($this->bookings);

        return new Letter(
            greeting: Words::say('booking.dear', ['name' => $this->pass->name]),
            word: $this->text,
            facts: Meetings::facts($meetings),
            news: Words::say('replanning.moved_news', ['count' => $meetings->count()]),
            linkText: Words::say('replanning.moved_link'),
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
