<?php

declare(strict_types=1);

namespace App\Line;

use App\Models\Booking;
use App\Models\StaffMember;
use App\Models\Turn;
use Illuminate\Database\Eloquent\Collection;
use Recess\Line\Line;
use Recess\Line\Turn as CoreTurn;

/**
 * All of a host's day at the desk: who is booked on all of their sheets, who came in without, and what has happened.
 */
final class HostDay
{
    /** A meeting that lasts for so many times its length, and for so many seconds, is over and was not ended. */
    private const ASLEEP = 3;

    private const ASLEEP_AFTER = 1800;

    /**
     * @param  Collection<int, Booking>  $bookings  in the order of their times, with their turns
     * @param  Collection<int, Turn>  $unbooked  of those who just came in
     */
    private function __construct(
        public readonly StaffMember $host,
        public readonly DayOf $day,
        public readonly DeskDay $desk,
        public readonly Collection $bookings,
        public readonly Collection $unbooked,
    ) {}

    public static function of(StaffMember $host, DayOf $day): self
    {
        $bookings = $day
            ->meetings()
            ->where('staff_id', $host->id)
            ->with(['sheet.host.school', 'place', 'pass', 'guests.pass', 'turn'])
            ->orderBy('starts_at')
            ->orderBy('id')
            ->get();

        return new self(
            $host,
            $day,
            DeskDay::query()->firstOrNew(['staff_id' => $host->id, 'day' => (string) $day->date]),
            $bookings,
            Turn::query()
                ->where('staff_id', $host->id)
                ->where('day', (string) $day->date)
                ->whereNull('booking_id')
                ->orderBy('id')
                ->get(),
        );
    }

    /** On which a meeting is. */
    public static function around(Booking $booking): self
    {
        return self::of($booking->host, DayOf::at($booking->span()->start, $booking->sheet->host->school->timeZone()));
    }

    /** As the core reckons with it; a booking goes by its number, whoever just came in by theirs below nought. */
    public function line(int $now): Line
    {
        $turns = [];
        foreach ($this->bookings as $booking) {
            $turn = $booking->turn;
            $turns[] = CoreTurn::of(
                $booking->id,
                $booking->span(),
                self::at($turn?->arrived_at),
                self::at($turn?->called_at),
                self::at($turn?->ended_at),
                self::isGone($turn),
                ($turn->more_minutes ?? 0) * 60,
            );
        }
        foreach ($this->unbooked as $turn) {
            $turns[] = CoreTurn::withoutBooking(
                -$turn->id,
                ($turn->minutes + $turn->more_minutes) * 60,
                (int) self::at($turn->arrived_at),
                self::at($turn->called_at),
                self::at($turn->ended_at),
                self::isGone($turn),
            );
        }

        return Line::of(
            $turns,
            $now,
            $this->desk->break_until?->getTimestamp(),
            $this->desk->late_minutes * 60,
            $this->host->missing_minutes * 60,
        );
    }

    /**
     * Whether nobody looks after the desk: nothing was pressed yet, or a meeting goes on and on and was not ended.
     * Then nothing is known of how late it is.
     */
    public function isAsleep(int $now): bool
    {
        $called = 0;
        foreach ($this->bookings as $booking) {
            $turn = $booking->turn;
            $called += $turn?->called_at === null ? 0 : 1;
            if (
                $turn?->isUnderWay() === true &&
                $now - (int) $turn->called_at?->getTimestamp() >
                    max(self::ASLEEP_AFTER, self::ASLEEP * ($booking->span()->seconds() + $turn->more_minutes * 60))
            ) {
                return true;
            }
        }

        return $called === 0 && $this->desk->late_minutes === 0 && $this->desk->break_until === null;
    }

    /**
     * By how much each who is still to come in begins later than planned, in seconds: as reckoned, or, where nobody
     * looks after the desk, what is certain. Who is there and was not called in is as late as their time is past,
     * whatever was pressed.
     *
     * @param  Line|null  $line  as line() has it, where it is known already
     * @return array<int, int> by booking
     */
    public function lateness(int $now, ?Line $line = null): array
    {
        if (!$this->isAsleep($now)) {
            return ($line ?? $this->line($now))->lateness();
        }
        $late = [];
        foreach ($this->bookings as $booking) {
            $turn = $booking->turn;
            if ($turn?->arrived_at !== null && $turn->called_at === null && !$turn->isOver()) {
                $late[$booking->id] = max(0, $now - $booking->span()->start);
            }
        }

        return $late;
    }

    private static function at(?\Carbon\CarbonImmutable $at): ?int
    {
        return $at?->getTimestamp();
    }

    private static function isGone(?Turn $turn): bool
    {
        return $turn?->outcome !== null && $turn->ended_at === null;
    }
}
