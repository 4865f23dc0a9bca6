<?php

declare(strict_types=1);

namespace App\Telling;

use App\Calendars\MeetingFacts;
use App\Calendars\Reader;
use App\Framework\Clock;
use App\Framework\Reading;
use App\Framework\Spell;
use App\Framework\Words;
use App\Models\Booking;
use App\Models\Pass;
use Illuminate\Queue\Attributes\WithoutRelations;

/** Somebody declined an entry in their calendar: whether that was meant. The time is theirs until they give it back on their pass. */
final class DeclinedLetter extends Message
{
    public function __construct(
        #[WithoutRelations] private readonly Booking $booking,
        #[WithoutRelations] private readonly Pass $pass,
    ) {}

    protected function identity(): string
    {
        return "{$this->booking->uid}.declined.{$this->booking->sequence}";
    }

    protected function reading(): Reading
    {
        return Reading::of($this->pass);
    }

    protected function heading(): string
    {
        return Words::say('answers.declined_heading', [
            'title' => $this->booking->sheet->title,
            'when' => Spell::moment($this->booking->span()->start, $this->booking->sheet->host->school->timeZone()),
        ]);
    }

    protected function letter(): Letter
    {
        return new Letter(
            greeting: Words::say('booking.dear', ['name' => $this->pass->name]),
            news: Words::say('answers.declined_news', ['host' => $this->booking->host->name]),
            word: '',
            facts: MeetingFacts::of($this->booking, Reader::pass($this->pass), Clock::now()),
            linkText: Words::say('answers.declined_link'),
            link: $this->pass->linkTo($this->booking),
            school: $this->booking->sheet->host->school->name,
        );
    }
}
