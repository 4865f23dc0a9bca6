<?php

declare(strict_types=1);

namespace App\Telling;

use App\Booking\Occasion;
use App\Calendars\MeetingEntry;
use App\Calendars\Reader;
use App\Models\Booking;
use App\Models\BookingState;
use App\Models\SheetKind;
use Recess\Calendars\Invitation;
use Recess\Calendars\Meeting;

/** The calendar entry that goes with a message: what it asks the reader's calendar to do. */
final readonly class CalendarEntry
{
    private function __construct(
        public string $method,
        public string $text,
        public string $uid,
        /** Of what asks its reader to come, which they can answer; null for what is only told. */
        public ?int $sequence,
    ) {}

    /** @param  string  $text  as Recess\Calendars\Invitation writes it */
    public static function written(string $method, string $text, Meeting $meeting): self
    {
        return new self($method, $text, $meeting->uid, $method === 'REQUEST' ? $meeting->sequence : null);
    }

    /**
     * @param  int|null  $guest  the pass of the guest whom it is about
     * @return self|null null where a calendar has nothing to keep: a wish that is not answered yet, wherever it was moved, or never was.
     */
    public static function of(
        Booking $booking,
        Occasion $occasion,
        Reader $reader,
        int $sequence,
        int $stamp,
        ?int $guest = null,
    ): ?self {
        if (
            $occasion->isOpen() ||
            $occasion === Occasion::Declined ||
            $booking->held_until !== null ||
            $booking->state === BookingState::Kept
        ) {
            return null;
        }
        $meeting = MeetingEntry::meeting($booking, $reader, $sequence, $stamp);
        // Of whoever comes no more; with whoever else does it stays.
        $leaves = $occasion === Occasion::GuestLeft && !$reader->isHost() && $reader->person()->id === $guest;

        return match (true) {
            in_array($occasion, [Occasion::Cancelled, Occasion::MovedAway], true) || $leaves => self::written(
                'CANCEL',
                Invitation::cancel($meeting, $stamp),
                $meeting,
            ),
            // Of what they were asked for they have an entry that calls them.
            !$reader->isHost() || $booking->sheet->kind === SheetKind::Knock => self::written(
                'REQUEST',
                Invitation::request($meeting, $stamp),
                $meeting,
            ),
            default => self::written('PUBLISH', Invitation::publish($meeting, $stamp), $meeting),
        };
    }
}
