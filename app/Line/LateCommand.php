<?php

declare(strict_types=1);

namespace App\Line;

use App\Framework\Clock;
use App\Framework\Contended;
use App\Framework\Guard;
use App\Framework\Undoable;
use App\Models\Booking;
use App\Models\Instant;
use App\Models\StaffMember;
use App\Models\Turn;
use Illuminate\Console\Command;

/**
 * Tells those who come later that a host runs late, once it matters, and again only when it has become quite another
 * lateness.
 */
final class LateCommand extends Command
{
    protected $signature = 'recess:late';

    protected $description = 'Tell visitors whose host runs late';

    /** Seconds ahead within which it is known well enough. */
    private const AHEAD = 10_800;

    private const ROUND = 300;

    /** Seconds by which it has to be another lateness to be told once more: more, or less. */
    private const OTHER = 600;

    public function handle(): int
    {
        $now = Clock::now();
        // Where nobody has pressed today nothing is known, and a press of a moment ago can be taken back.
        $desks = DeskDay::query()
            ->where('revision', '>', 0)
            ->where('updated_at', '>', Instant::column($now - 86_400))
            ->where('updated_at', '<=', Instant::column($now - Undoable::TOLD))
            ->get();
        foreach ($desks as $desk) {
            $host = StaffMember::query()->with('school')->find($desk->staff_id);
            if ($host !== null && $desk->day === (string) ($day = DayOf::at($now, $host->school->timeZone()))->date) {
                self::tell(HostDay::of($host, $day), $now);
            }
        }

        return self::SUCCESS;
    }

    private static function tell(HostDay $day, int $now): void
    {
        if ($day->isAsleep($now)) {
            return;
        }
        $threshold = $day->host->late_threshold * 60;
        foreach ($day->line($now)->lateness() as $id => $seconds) {
            $booking = $day->bookings->find($id);
            $late = intdiv($seconds + intdiv(self::ROUND, 2), self::ROUND) * self::ROUND;
            // What is less than their host finds worth a letter is in time.
            $late = $late < max(self::ROUND, $threshold) ? 0 : $late;
            if (
                !($booking instanceof Booking) ||
                $booking->span()->start > $now + self::AHEAD ||
                $booking->span()->start + $late < $now
            ) {
                continue;
            }
            Contended::transaction(static function () use ($booking, $day, $late): void {
                Guard::turn($booking->id);
                $turn = Turn::query()->where('booking_id', $booking->id)->first();
                $told = $turn->told_late ?? 0;
                if (
                    $late === $told ||
                    ($told !== 0 && abs($late - $told) <= self::OTHER) ||
                    $turn?->called_at !== null ||
                    $turn?->isOver() === true
                ) {
                    return;
                }
                ($turn ?? Press::begun($booking, $day->day))->fill(['told_late' => $late])->save();
                event(new HostRunsLate($booking, $late, $booking->span()->start + $late));
            });
        }
    }
}
