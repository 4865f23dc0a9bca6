<?php

declare(strict_types=1);

namespace App\RoundLetters;

use App\Calendars\MeetingEntry;
use App\Calendars\Reader;
use App\Framework\Clock;
use App\Framework\Spell;
use App\Framework\Words;
use App\Models\Booking;
use App\Models\BookingState;
use App\Models\Pass;
use App\Models\Round;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Mail\Mailables\Attachment;

/** A family's meetings in a letter, as they stand when it goes out: in words, and as one calendar file. */
final class Meetings
{
    /**
     * @param  list<int>  $ids
     * @return Collection<int, Booking> those that still stand
     */
    public static function still(array $ids): Collection
    {
        return Booking::query()
            ->whereKey($ids)
            ->whereNotNull('hold_id')
            ->with(['host', 'place', 'pass', 'interpreter', 'sheet.host.school'])
            ->orderBy('starts_at')
            ->get();
    }

    /**
     * @param  Collection<int, Booking>  $bookings
     * @param  bool  $strange  whether it goes to an address that has not answered: about whom it is is then not said
     * @return array<string, string> where and with whom, by when
     */
    public static function facts(Collection $bookings, Round $round, bool $strange = false): array
    {
        $zone = $round->school->timeZone();
        $facts = [];
        foreach ($bookings as $one) {
            $student = $one->student === '' || $strange ? 'none' : $one->student;
            $facts[Spell::slot($one->span(), $zone)] = Words::say('rounds.kept_row', [
                'host' => $one->host->name,
                'place' => $one->place->label,
                'student' => $student,
                'interpreter' => $one->interpreter->name ?? 'none',
            ]);
        }

        return $facts;
    }

    /**
     * @param  Collection<int, Booking>  $bookings
     * @return list<Attachment> what is not agreed yet goes into no calendar
     */
    public static function file(Collection $bookings, Pass $pass): array
    {
        $booked = $bookings->filter(static fn(Booking $one): bool => $one->state === BookingState::Booked)->all();

        return $booked === []
            ? []
            : [
                Attachment::fromData(
                    static fn(): string => MeetingEntry::files($booked, Reader::pass($pass), Clock::now()),
                    'meetings.ics',
                )->withMime('text/calendar; charset=utf-8'),
            ];
    }
}
