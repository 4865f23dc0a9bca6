<?php

declare(strict_types=1);

namespace App\Live;

use App\Framework\Clock;
use App\Models\Booking;
use App\Models\BookingState;
use App\Models\Instant;
use App\Models\Pass;
use App\Models\Place;
use Illuminate\Support\Facades\DB;

/**
 * Writes down which pages have to look again, in the transaction that changed something: what is undone is not told, and
 * no crash loses a stamp. LiveCommand tells them.
 */
final class Announce
{
    /** Seconds around now within which a meeting is of the same day at the desk. */
    private const BEFORE = 43_200;

    private const AFTER = 57_600;

    public static function sheet(int $sheet): void
    {
        self::to([Channel::sheet($sheet)]);
    }

    /** A booking changed: its sheet, its pass, those who are brought, and the desk. */
    public static function booking(Booking $booking): void
    {
        $channels = [
            Channel::sheet($booking->sheet_id),
            Channel::pass($booking->pass),
            Channel::desk($booking->staff_id),
            Channel::times($booking->host->school_id),
        ];
        if (!$booking->wasRecentlyCreated) {
            foreach (
                DB::table('guests')
                    ->join('passes', 'passes.id', '=', 'guests.pass_id')
                    ->where('booking_id', $booking->id)
                    ->pluck('generation', 'pass_id')
                as $pass => $generation
            ) {
                $channels[] = Channel::pass((int) $pass, (int) $generation);
            }
        }
        self::to($channels);
    }

    /** Who somebody is changed: their own page shows it, and those of all whom they meet with others. */
    public static function holder(Pass $pass): void
    {
        $channels = [Channel::pass($pass)];
        if ($pass->wasChanged('name')) {
            $own = DB::table('bookings')
                ->where('pass_id', $pass->id)
                ->where('ends_at', '>', Instant::column(Clock::now()));
            array_push($channels, ...self::passesOf($own->pluck('id')->all()));
        }
        self::to($channels);
    }

    /** A place is called something else, or has another link: all who are to come there. */
    public static function place(Place $place): void
    {
        $there = DB::table('bookings')
            ->where('place_id', $place->id)
            ->whereIn('state', [BookingState::Asked, BookingState::Booked])
            ->where('ends_at', '>', Instant::column(Clock::now()));
        $channels = self::passesOf($there->pluck('id')->all());
        $channels === [] || self::to($channels);
    }

    /**
     * @param  array<int, int>  $bookings
     * @return list<string> of the passes that have one of them, and of those who are brought
     */
    private static function passesOf(array $bookings): array
    {
        $guests = DB::table('guests')->select('pass_id')->whereIn('booking_id', $bookings);
        $own = DB::table('bookings')->select('pass_id')->whereIn('id', $bookings);

        $passes = DB::table('passes')
            ->whereIn('id', $own->union($guests))
            ->get(['id', 'generation']);

        return array_map(
            static fn(\stdClass $one): string => Channel::pass((int) $one->id, (int) $one->generation),
            array_values($passes->all()),
        );
    }

    /** Something at a host's desk changed: for all who come to it that day it may be earlier or later now. */
    public static function desk(int $staff): void
    {
        self::to([Channel::desk($staff), ...self::aroundDesk($staff, Clock::now())]);
    }

    /** @return list<string> of the passes that come to it, of those who have to be there too, and of the school's entrances */
    private static function aroundDesk(int $staff, int $now): array
    {
        $around = [
            $staff,
            Instant::column($now - self::BEFORE),
            Instant::column($now + self::AFTER),
            BookingState::Booked->value,
        ];
        $that = 'bookings.staff_id = ? AND bookings.starts_at > ? AND bookings.starts_at < ? AND bookings.state = ?';
        $rows = DB::select(
            "SELECT 'pass' AS of, passes.id AS id, passes.generation AS generation FROM bookings JOIN passes ON passes.id = bookings.pass_id WHERE $that" .
                " UNION SELECT 'pass', passes.id, passes.generation FROM guests JOIN passes ON passes.id = guests.pass_id" .
                " JOIN bookings ON bookings.id = guests.booking_id WHERE $that AND guests.left_at IS NULL" .
                " UNION SELECT 'desk', sheet_hosts.staff_id, 1 FROM sheet_hosts JOIN bookings ON bookings.sheet_id = sheet_hosts.sheet_id WHERE $that" .
                " UNION SELECT 'entrance', staff.school_id, 1 FROM staff WHERE staff.id = ?",
            [...$around, ...$around, ...$around, $staff],
        );

        return array_map(
            static fn(\stdClass $row): string => match ($row->of) {
                'pass' => Channel::pass((int) $row->id, (int) $row->generation),
                'desk' => Channel::desk((int) $row->id),
                default => Channel::entrance((int) $row->id),
            },
            array_values($rows),
        );
    }

    /** @param  list<string>  $channels */
    public static function to(array $channels): void
    {
        DB::table('stamps')->insert(
            array_map(
                static fn(string $channel): array => ['channel' => $channel],
                array_values(array_unique($channels)),
            ),
        );
    }
}
