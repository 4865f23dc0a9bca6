<?php

declare(strict_types=1);

namespace App\CalendarServers;

use App\Calendars\MeetingEntry;
use App\Calendars\OwnMeetings;
use App\Calendars\Reader;
use App\Framework\Reading;
use App\Models\Booking;
use App\Models\BookingState;
use App\Models\StaffMember;
use Illuminate\Database\Eloquent\Collection;
use Recess\Calendars\CalendarNotReadable;
use Recess\Calendars\Invitation;
use Recess\Calendars\OwnEntry;

/**
 * Makes what stands in somebody's own calendar what is agreed here: writes what is missing there, brings up to date what has
 * changed, takes out what is off. What is as it should be is not touched, so it may run as often as anybody likes.
 */
final class WriteMeetings
{
    /** How often it looks anew when its owner writes to the same entry at the same moment. */
    private const TRIES = 3;

    /** @throws DavFailed at the first that fails; what was written until then is known */
    public function __invoke(ServerCalendar $calendar, Dav $dav, int $now): void
    {
        $owner = $calendar->server->owner;
        $meetings = OwnMeetings::of($owner, $now)->keyBy('id');
        /** @var Collection<int, ServerEntry> $entries */
        $entries = $calendar->entries()->with('booking')->get()->keyBy('booking_id');
        foreach ($entries as $entry) {
            $meetings->has($entry->booking_id) || $this->out($dav, $entry, $now);
        }
        foreach ($meetings as $booking) {
            $this->in($calendar, $dav, $booking, $entries->get($booking->id), $owner, $now);
        }
    }

    /**
     * Out of a calendar that takes meetings no more: what nobody brings up to date there would mislead. Those that are over stay.
     *
     * @throws DavFailed
     */
    public function leave(ServerCalendar $calendar, Dav $dav, int $now): void
    {
        foreach ($calendar->entries()->with('booking')->get() as $entry) {
            if ($entry->booking->span()->end > $now) {
                $this->takenOut($dav, $entry);
            }
            $entry->delete();
        }
    }

    private function in(
        ServerCalendar $calendar,
        Dav $dav,
        Booking $booking,
        ?ServerEntry $entry,
        StaffMember $owner,
        int $now,
    ): void {
        $text = Reading::of($owner)->hears(
            static fn(): string => OwnEntry::kept(
                Invitation::publish(
                    MeetingEntry::meeting($booking, Reader::staff($owner), $booking->sequence, $now),
                    $booking->updated_at->getTimestamp(),
                ),
            ),
        );
        // When it was written is no change of it.
        $hash = hash('sha256', (string) preg_replace('/^DTSTAMP:.*\R/m', '', $text));
        // What its owner took out comes back when it is agreed anew, and not before.
        if (
            $entry !== null &&
            ($entry->hash === $hash || ($entry->taken_out && $entry->sequence >= $booking->sequence))
        ) {
            return;
        }
        $path = $entry->path ?? $calendar->path . self::file($booking);
        for ($try = 0; $try < self::TRIES; $try++) {
            $there = $entry === null && $try === 0 ? null : $dav->get($path);
            if ($there === null && $entry !== null && !$entry->taken_out && $try === 0) {
                // Taken out since it was looked at last: the next look says so.
                return;
            }
            $new = $there === null ? $text : self::over($there[0], $entry->written ?? '', $text);
            $etag = $dav->put($path, $new, $there === null ? null : $there[1]);
            if ($etag !== null) {
                ServerEntry::query()->updateOrCreate(
                    ['server_calendar_id' => $calendar->id, 'booking_id' => $booking->id],
                    [
                        'path' => $path,
                        // One that is not named is learned at the next look.
                        'etag' => $etag !== '' ? $etag : $dav->get($path)[1] ?? '',
                        'sequence' => $booking->sequence,
                        'written' => $text,
                        'hash' => $hash,
                        'taken_out' => false,
                    ],
                );

                return;
            }
        }
    }

    /** Its meeting is off, or somebody else's; one that is over stays where its owner may look it up. */
    private function out(Dav $dav, ServerEntry $entry, int $now): void
    {
        $booking = $entry->booking;
        $isOver = $booking->state === BookingState::Booked && $booking->span()->end <= $now;
        $isOver || $this->takenOut($dav, $entry);
        $entry->delete();
    }

    private function takenOut(Dav $dav, ServerEntry $entry): void
    {
        $etag = $entry->etag;
        for ($try = 0; $try < self::TRIES && !$entry->taken_out; $try++) {
            if ($etag !== '' && $dav->delete($entry->path, $etag)) {
                break;
            }
            // What its owner wrote to it meanwhile does not keep a meeting that is off.
            $etag = $dav->get($entry->path)[1] ?? '';
            if ($etag === '') {
                break;
            }
        }
    }

    private static function over(string $theirs, string $wrote, string $now): string
    {
        try {
            return OwnEntry::broughtUp($theirs, $wrote, $now);
        } catch (CalendarNotReadable) {
            return $now;
        }
    }

    private static function file(Booking $booking): string
    {
        return preg_replace('/[^\w.-]/', '-', $booking->uid) . '.ics';
    }
}
