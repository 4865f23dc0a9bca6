<?php

declare(strict_types=1);

namespace App\Framework;

use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;

/** What a running Recess knows of itself: for whoever watches it (/up, /metrics) and for the doctor. */
final readonly class Vitals
{
    private const BEAT = 'scheduler-beat';

    /** Seconds for which the scheduler may be silent, and letters may wait. */
    private const SILENT = 180;

    private const BEHIND = 300;

    /** Stamps that wait: some hundred come with one press, and are gone in a tenth of a second. */
    private const UNTOLD = 10_000;

    /** Seconds by which what was written down may lie in the future. */
    private const AHEAD = 300;

    /**
     * @param  int  $waiting  letters and other work that is due
     * @param  int  $waitsFor  seconds for which the oldest of it has been due
     * @param  int  $failed  what could not be done at all, of the last day
     * @param  int|null  $silent  seconds since the scheduler's last beat; null when there was none
     * @param  int  $ahead  seconds by which the newest that was written down lies in the future: the clock was set back
     * @param  int  $untold  pages that have to be told that something changed, and were not yet
     * @param  int  $freeBytes  on the disk of this installation
     */
    private function __construct(
        public int $waiting,
        public int $waitsFor,
        public int $failed,
        public ?int $silent,
        public int $ahead,
        public int $untold,
        public int $freeBytes,
    ) {}

    /** @param  int  $now  seconds since the epoch */
    public static function at(int $now): self
    {
        $due = DB::table('jobs')
            ->where('queue', '<>', Queued::HELD)
            ->where('available_at', '<=', $now)
            ->selectRaw('COUNT(*) AS waiting, MIN(available_at) AS oldest')
            ->first();
        $beat = Cache::get(self::BEAT);
        // The last row by its number: anybody may ask this, so it reads one row and no table.
        $newest = max(
            (int) DB::table('jobs')->orderByDesc('id')->value('created_at'),
            (int) strtotime((string) (DB::table('bookings')->orderByDesc('id')->value('created_at') ?? '1970-01-01')),
            is_int($beat) ? $beat : 0,
        );

        return new self(
            waiting: (int) ($due->waiting ?? 0),
            waitsFor: isset($due->oldest) ? max(0, $now - (int) $due->oldest) : 0,
            failed: DB::table('failed_jobs')->where('failed_at', '>', gmdate('Y-m-d H:i:s', $now - 86_400))->count(),
            silent: is_int($beat) ? max(0, $now - $beat) : null,
            ahead: max(0, $newest - $now),
            // No more of them than matters.
            untold: self::untold(),
            freeBytes: (int) disk_free_space(storage_path()),
        );
    }

    private static function untold(): int
    {
        $untold = 0;
        foreach (app()->tagged(HasUntold::class) as $room) {
            assert($room instanceof HasUntold);
            $untold += $room->untold(self::UNTOLD + 1);
        }

        return $untold;
    }

    /** The scheduler says each minute that it is there. */
    public static function beat(int $now): void
    {
        Cache::forever(self::BEAT, $now);
    }

    public function isBehind(): bool
    {
        return $this->waitsFor > self::BEHIND;
    }

    public function isUntold(): bool
    {
        return $this->untold > self::UNTOLD;
    }

    public function isSilent(): bool
    {
        return $this->silent === null || $this->silent > self::SILENT + Queued::sleeps();
    }

    public function wasSetBack(): bool
    {
        return $this->ahead > self::AHEAD;
    }
}
