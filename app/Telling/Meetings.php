<?php

declare(strict_types=1);

namespace App\Telling;

use App\Booking\Occasion;
use App\Calendars\MeetingEntry;
use App\Calendars\MeetingFacts;
use App\Calendars\Reader;
use App\Framework\Clock;
use App\Framework\Spell;
use App\Framework\Words;
use App\Models\Booking;
use App\Models\BookingState;
use App\Models\Pass;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Mail\Mailables\Attachment;

/** Several meetings of a family in one letter, as they stand when it goes out: in words, and as one calendar file. */
final class Meetings
{
    /**
     * @param  list<int>  $ids
     * @return Collection<int, Booking> those that still stand
     */
    public static function still(array $ids): Collection
    {
        return self::known($ids)->whereNotNull('hold_id')->get();
    }

    /**
     * @param  list<int>  $ids
     * @return Collection<int, Booking> as they were last, whether they stand or not
     */
    public static function all(array $ids): Collection
    {
        return self::known($ids)->get();
    }

    /**
     * @param  list<int>  $ids
     * @return Builder<Booking>
     */
    private static function known(array $ids): Builder
    {
        return Booking::query()
            ->whereKey($ids)
            ->with(['host', 'place', 'pass', 'interpreter', 'sheet.host.school'])
            ->orderBy('starts_at');
    }

    /**
     * @param  Collection<int, Booking>  $bookings
     * @param  bool  $strange  whether it goes to an address that has not answered: about whom it is is then not said
     * @return array<string, string> where and with whom, by when
     */
    public static function facts(Collection $bookings, bool $strange = false): array
    {
        $rows = [];
        foreach ($bookings as $one) {
            $rows[Spell::slot($one->span(), $one->sheet->host->school->timeZone())][] = Words::say(
                'booking.letter_row',
                [
                    'host' => $one->host->name,
                    'where' => MeetingFacts::where($one, Reader::pass($one->pass), Clock::now()),
                    'directions' => MeetingFacts::directions($one) ?: 'none',
                    'student' => $one->student === '' || $strange ? 'none' : $one->student,
                    'interpreter' => $one->interpreter->name ?? 'none',
                ],
            );
        }

        // Two children may come to one time of a group.
        return array_map(Spell::list(...), $rows);
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

    /**
     * @param  Collection<int, Booking>  $bookings
     * @return list<CalendarEntry> one for each: a calendar takes in one meeting of a message (RFC 5546, 3.2.2)
     */
    public static function entries(Collection $bookings, Pass $pass, Occasion $as = Occasion::Booked): array
    {
        return array_values(
            array_filter(
                $bookings
                    ->map(
                        static fn(Booking $one): ?CalendarEntry => CalendarEntry::of(
                            $one,
                            $as,
                            Reader::pass($pass),
                            $one->sequence,
                            $one->updated_at->getTimestamp(),
                        ),
                    )
                    ->all(),
            ),
        );
    }
}
