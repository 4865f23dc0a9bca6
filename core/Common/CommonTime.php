<?php

declare(strict_types=1);

namespace Recess\Common;

use Recess\Time\Span;
use Recess\Time\Spans;

/**
 * When several people are all free: within windows, told in whole cells of a grid and no finer.
 *
 * Cells are counted from the epoch, which is where the quarters of a clock lie in every zone that the tz database has today:
 * its offsets are multiples of fifteen minutes. A cell of which anybody lacks a second is not free, so nothing that is seen
 * here tells when exactly somebody is busy.
 */
final readonly class CommonTime
{
    /** Minutes: a quarter of an hour. */
    public const GRID = 15;

    private function __construct(
        /** What all have in common: whole cells, joined. */
        public Spans $free,
        /** Seconds. */
        private int $cell,
    ) {}

    /**
     * @param  Spans  $windows  when a meeting can be at all
     * @param  list<Spans>  $busy  what each of the people has to do otherwise
     * @param  int<1, 1440>  $grid  minutes
     */
    public static function of(Spans $windows, array $busy, int $grid = self::GRID): self
    {
        $left = array_reduce($busy, static fn(Spans $left, Spans $one): Spans => $left->subtract($one), $windows);
        $cell = $grid * 60;
        $whole = [];
        foreach ($left->all() as $span) {
            $start = self::up($span->start, $cell);
            $end = $span->end - self::past($span->end, $cell);
            if ($start < $end) {
                $whole[] = Span::of($start, $end);
            }
        }

        return new self(Spans::of($whole), $cell);
    }

    /**
     * Where a meeting of that length can begin, on the grid; also one that is no whole number of cells long.
     *
     * @return list<int> instants, in order
     */
    public function starts(int $minutes): array
    {
        $starts = [];
        foreach ($this->free->all() as $span) {
            for ($start = $span->start; $start + $minutes * 60 <= $span->end; $start += $this->cell) {
                $starts[] = $start;
            }
        }

        return $starts;
    }

    /** How many minutes there are from an instant on; 0 where it is not free, or not on the grid. */
    public function longestAt(int $start): int
    {
        if (self::past($start, $this->cell) !== 0) {
            return 0;
        }
        foreach ($this->free->all() as $span) {
            if ($span->holds($start)) {
                return Span::of($start, $span->end)->minutes();
            }
        }

        return 0;
    }

    /** Whether a meeting can be then. */
    public function holds(Span $meeting): bool
    {
        return $meeting->seconds() <= $this->longestAt($meeting->start) * 60;
    }

    /**
     * The common times of a length that lie nearest to an instant, the earlier of two as near first.
     *
     * @return list<Span> in order of their starts
     */
    public function nearest(int $instant, int $minutes, int $atMost): array
    {
        $starts = $this->starts($minutes);
        usort($starts, static fn(int $a, int $b): int => [abs($a - $instant), $a] <=> [abs($b - $instant), $b]);
        $near = array_slice($starts, 0, $atMost);
        sort($near);

        return array_map(static fn(int $start): Span => Span::of($start, $start + $minutes * 60), $near);
    }

    private static function up(int $instant, int $cell): int
    {
        $past = self::past($instant, $cell);

        return $past === 0 ? $instant : $instant + $cell - $past;
    }

    /** How far into its cell an instant lies, before the epoch too. */
    private static function past(int $instant, int $cell): int
    {
        return (($instant % $cell) + $cell) % $cell;
    }
}
