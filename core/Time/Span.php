<?php

declare(strict_types=1);

namespace Recess\Time;

/**
 * A stretch of real time between two instants, the first in it and the last not: [start, end).
 *
 * Instants are whole seconds since 1970-01-01T00:00:00Z. Plain integers keep a term's thousands of slots
 * cheap; a Zone turns them into clock times.
 */
final readonly class Span
{
    private function __construct(
        /** The first second in the span. */
        public int $start,
        /** The first second after the span. */
        public int $end,
    ) {}

    /** @throws TimeNotValid when the end is not after the start */
    public static function of(int $start, int $end): self
    {
        if ($end <= $start) {
            throw TimeNotValid::spanEndsFirst($start, $end);
        }

        return new self($start, $end);
    }

    /**
     * Spans of one length, each so long after the start of the one before, as many as fit.
     *
     * @param  positive-int  $length  seconds
     * @param  positive-int  $step  seconds
     * @return list<self>
     */
    public static function row(int $start, int $end, int $length, int $step): array
    {
        $row = [];
        for (; $start + $length <= $end; $start += $step) {
            $row[] = new self($start, $start + $length);
        }

        return $row;
    }

    /** The length in seconds, more than 0. */
    public function seconds(): int
    {
        return $this->end - $this->start;
    }

    /** The length in whole minutes, rounded down. */
    public function minutes(): int
    {
        return intdiv($this->end - $this->start, 60);
    }

    /** Whether the two share more than nothing; spans that only touch ends do not. */
    public function overlaps(self $other): bool
    {
        return $this->start < $other->end && $other->start < $this->end;
    }

    public function holds(int $instant): bool
    {
        return $this->start <= $instant && $instant < $this->end;
    }

    public function equals(self $other): bool
    {
        return $this->start === $other->start && $this->end === $other->end;
    }

    /**
     * Whether all of it lies inside one of these; two that only touch are two.
     *
     * @param  list<self>  $windows
     */
    public function liesInOneOf(array $windows): bool
    {
        foreach ($windows as $window) {
            if ($window->start <= $this->start && $this->end <= $window->end) {
                return true;
            }
        }

        return false;
    }

    /** What both share, or null. */
    public function shared(self $other): ?self
    {
        $start = max($this->start, $other->start);
        $end = min($this->end, $other->end);

        return $start < $end ? new self($start, $end) : null;
    }

    /**
     * The span with so many seconds added before and after.
     *
     * @param  int<0, max>  $before
     * @param  int<0, max>  $after
     */
    public function widened(int $before, int $after): self
    {
        return new self($this->start - $before, $this->end + $after);
    }
}
