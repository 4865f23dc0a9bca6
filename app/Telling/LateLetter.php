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

/** Tells a visitor that their host runs late; their entry in the calendar stays as it is. */
final class LateLetter extends Message
{
    public function __construct(
        #[WithoutRelations] private readonly Booking $booking,
        #[WithoutRelations] private readonly Pass $pass,
        private readonly int $late,
        private readonly int $about,
    ) {}

    protected function identity(): string
    {
        return "{$this->booking->uid}.late.$this->late.{$this->pass->id}";
    }

    protected function reading(): Reading
    {
        return Reading::of($this->pass);
    }

    protected function heading(): string
    {
        return Words::say('day.late_heading', $this->values());
    }

    protected function letter(): Letter
    {
        return new Letter(
            greeting: Words::say('booking.dear', ['name' => $this->pass->name]),
            news: Words::say('day.late_news', $this->values()),
            word: '',
            facts: MeetingFacts::of($this->booking, Reader::pass($this->pass), Clock::now()),
            linkText: Words::say('day.late_link'),
            link: $this->pass->linkTo($this->booking),
            school: $this->booking->sheet->host->school->name,
        );
    }

    /** @return array<string, int|string> */
    private function values(): array
    {
        return [
            'host' => $this->booking->host->name,
            'minutes' => intdiv($this->late, 60),
            'time' => Spell::time($this->about, $this->booking->sheet->host->school->timeZone()),
        ];
    }
}
