<?php

declare(strict_types=1);

namespace App\Telling;

use App\Calendars\MeetingFacts;
use App\Calendars\Reader;
use App\Framework\Clock;
use App\Framework\Reading;
use App\Framework\Words;
use App\Passes\Joiner;

/** Tells whoever has a time that somebody asks to be brought to it. */
final class JoinerQuestion extends Message
{
    public function __construct(private readonly Joiner $joiner) {}

    protected function heading(): string
    {
        return Words::say('booking.join_subject', ['name' => $this->joiner->name]);
    }

    protected function reading(): Reading
    {
        return Reading::of($this->joiner->booking->pass);
    }

    protected function letter(): Letter
    {
        $booking = $this->joiner->booking;

        return new Letter(
            greeting: Words::say('booking.dear', ['name' => $booking->pass->name]),
            news: Words::say('booking.join_news', ['name' => $this->joiner->name]),
            word: '',
            facts: MeetingFacts::of($booking, Reader::pass($booking->pass), Clock::now()),
            linkText: Words::say('booking.open_pass'),
            link: $booking->pass->linkTo($booking),
            school: $booking->sheet->host->school->name,
        );
    }
}
