<?php

declare(strict_types=1);

namespace Recess\Time;

/**
 * A set of instants, kept as the fewest spans in order: none overlap, none touch.
 */
final class Spans implements \Countable
{
    /** Where the last look ended: the next one usually lies beside it. */
    private int $cursor = 0;

    /** @param  list<Span>  $spans in order, apart from one another */
    private function __construct(private readonly array $spans) {}

    /** @param  iterable<Span>  $spans in any order, overlapping as they may */
    public static function of(iterable $spans): self
    {
        $given = is_array($spans) ? array_values($spans) : iterator_to_array($spans, false);
        // Sorted by number, which PHP does by itself: with a comparison of ours it takes several times as long.
        $starts = [];
        foreach ($given as $i => $span) {
            $starts[$i] = $span->start;
        }
        asort($starts);

        $joined = [];
        $last = null;
        foreach ($starts as $i => $start) {
            $span = $given[$i];
            if ($last !== null && $span->start <= $last->end) {
                if ($span->end > $last->end) {
                    $last = Span::of($last->start, $span->end);
                    $joined[array_key_last($joined)] = $last;
                }

                continue;
            }
            $joined[] = $last = $span;
        }

        return new self($joined);
    }

    public static function none(): self
    {
        return new self([]);
    }

    public function union(self $other): self
    {
        return self::of([...$this->spans, ...$other->spans]);
    }

    /** What is in this set and not in the other. */
    public function subtract(self $other): self
    {
        $kept = [];
        $cutters = $other->spans;
        $next = 0;
        foreach ($this->spans as $span) {
            while (isset($cutters[$next]) && $cutters[$next]->end <= $span->start) {
                $next++;
            }
            $start = $span->start;
            for ($i = $next; isset($cutters[$i]) && $cutters[$i]->start < $span->end; $i++) {
                if ($cutters[$i]->start > $start) {
                    $kept[] = Span::of($start, $cutters[$i]->start);
                }
                $start = max($start, $cutters[$i]->end);
            }
            if ($start < $span->end) {
                $kept[] = Span::of($start, $span->end);
            }
        }

        return new self($kept);
    }

    /** What both sets share. */
    public function overlap(self $other): self
    {
        $shared = [];
        $i = $j = 0;
        while (isset($this->spans[$i], $other->spans[$j])) {
            $both = $this->spans[$i]->shared($other->spans[$j]);
            if ($both !== null) {
                $shared[] = $both;
            }
            $this->spans[$i]->end <= $other->spans[$j]->end ? $i++ : $j++;
        }

        return new self($shared);
    }

    /** Whether any of the set lies in the span. Touching ends do not count. In O(log n), and O(1) for spans asked about in order. */
    public function touches(Span $span): bool
    {
        $start = $span->start;
        $i = $this->cursor;
        if ($i > 0 && $this->spans[$i - 1]->end > $start) {
            $i = $this->firstEndingAfter($start, 0, $i);
        } elseif (isset($this->spans[$i]) && $this->spans[$i]->end <= $start) {
            $i++;
            if (isset($this->spans[$i]) && $this->spans[$i]->end <= $start) {
                $i = $this->firstEndingAfter($start, $i, count($this->spans));
            }
        }
        $this->cursor = $i;

        return isset($this->spans[$i]) && $this->spans[$i]->start < $span->end;
    }

    private function firstEndingAfter(int $instant, int $low, int $high): int
    {
        while ($low < $high) {
            $middle = ($low + $high) >> 1;
            if ($this->spans[$middle]->end <= $instant) {
                $low = $middle + 1;
            } else {
                $high = $middle;
            }
        }

        return $low;
    }

    /** All of it together, in seconds. */
    public function seconds(): int
    {
        return array_sum(array_map(static fn(Span $span): int => $span->seconds(), $this->spans));
    }

    /** @return list<Span> */
    public function all(): array
    {
        return $this->spans;
    }

    public function count(): int
    {
        return count($this->spans);
    }
}
