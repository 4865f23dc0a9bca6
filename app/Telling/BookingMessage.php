<?php

declare(strict_types=1);

namespace App\Telling;

use App\Booking\Occasion;
use App\Booking\Presser;
use App\Calendars\Reader;
use App\Framework\Clock;
use App\Framework\Reading;
use App\Framework\Spell;
use App\Framework\Words;
use App\Models\Booking;
use App\Models\Instant;
use App\Models\Party;
use Illuminate\Mail\Mailables\Address;
use Illuminate\Queue\Attributes\WithoutRelations;
use Recess\Time\Span;

/** Tells one reader what became of a booking: as text, as HTML, and as a calendar entry. */
final class BookingMessage extends Message implements HostHears
{
    /** As it was when the event happened: a later change sends its own message. */
    private readonly int $sequence;

    private readonly int $stamp;

    private readonly int $starts;

    private readonly int $ends;

    public function __construct(
        #[WithoutRelations] public readonly Booking $booking,
        public readonly Occasion $occasion,
        public readonly Reader $reader,
        public readonly Presser|Party $by,
        public readonly string $note = '',
        private readonly ?Span $was = null,
        /** The pass of the guest whom it is about. */
        private readonly ?int $guest = null,
    ) {
        $this->sequence = $booking->sequence;
        $this->stamp = $booking->updated_at->getTimestamp();
        $span = $occasion === Occasion::MovedAway && $was !== null ? $was : $booking->span();
        [$this->starts, $this->ends] = [$span->start, $span->end];
    }

    /** The booking at the time that this message is about, even when it was moved before the message went out. */
    private function then(): Booking
    {
        return $this->booking->forceFill([
            'starts_at' => Instant::column($this->starts),
            'ends_at' => Instant::column($this->ends),
        ]);
    }

    /** Nobody is reminded of what has begun. */
    protected function isMoot(): bool
    {
        return $this->occasion === Occasion::Reminder && $this->starts <= Clock::now();
    }

    public function failed(\Throwable $failure): void
    {
        (new MailFailed())($this->booking, $this->reader, $failure);
    }

    protected function heading(): string
    {
        $sheet = $this->then()->sheet;
        $zone = $sheet->host->school->timeZone();
        $start = $this->booking->span()->start;

        return Words::say('news.subject', [
            'what' => str_replace(' ', '_', $this->occasion->value),
            'date' => Spell::shortDate($zone->dateAt($start)),
            'time' => Spell::time($start, $zone),
            'with' => $this->reader->isHost() ? $this->booking->pass->name : $this->booking->host->name,
            'title' => $this->reader->said($sheet, $sheet->title),
        ]);
    }

    /** @return list<Address> */
    protected function answersTo(): array
    {
        $other = $this->reader->isHost() ? $this->booking->pass : $this->booking->host;

        return $other->email === null ? [] : [new Address($other->email, $other->name)];
    }

    protected function reading(): Reading
    {
        return $this->reader->reading();
    }

    protected function identity(): string
    {
        return sprintf(
            '%s.%d.%s.%s',
            $this->booking->uid,
            $this->sequence,
            str_replace(' ', '-', $this->occasion->value),
            $this->reader->key(),
        );
    }

    protected function letter(): Letter
    {
        $was = $this->occasion === Occasion::MovedAway ? null : $this->was?->start;

        return Letter::about(
            $this->then(),
            new News($this->occasion, Presser::of($this->by), $this->note, $was, guest: $this->guest),
            $this->reader,
            Clock::now(),
        );
    }

    protected function entry(): ?CalendarEntry
    {
        return CalendarEntry::of(
            $this->then(),
            $this->occasion,
            $this->reader,
            $this->sequence,
            $this->stamp,
            $this->guest,
        );
    }
}
