<?php

declare(strict_types=1);

namespace Recess\Quick;

use Recess\Time\DateRange;
use Recess\Time\LocalDate;

/** Reads dates, ranges of dates and terms from the words of a quick line. */
final class DateWords
{
    public function __construct(private readonly Words $words, private readonly Context $context)
    {
    }

    /** The longest name of a term that the next words are. */
    public function term(): ?DateRange
    {
        $mark = $this->words->mark();
        $name = '';
        $found = null;
        for ($length = 1; $length <= 4 && ! $this->words->atEnd(); $length++) {
            $name = ltrim($name.' '.$this->words->take()->text);
            if (isset($this->context->terms[$name])) {
                $found = [$this->context->terms[$name], $this->words->mark()];
            }
        }
        $this->words->backTo($found[1] ?? $mark);

        return $found[0] ?? null;
    }

    public function one(): LocalDate
    {
        return $this->words->date() ?? throw QuickNotReadable::at($this->words->peek(), 'A date is needed.', ['28 may', '2027-05-28', ...array_keys($this->context->terms)]);
    }

    /**
     * Dates and ranges, with commas between.
     *
     * @return non-empty-list<DateRange>
     */
    public function ranges(): array
    {
        $ranges = [];
        $mark = $this->words->mark();
        while (($range = $this->range()) !== null) {
            $ranges[] = $range;
            $mark = $this->words->mark();
            $this->words->taken(',', 'and', '&');
        }
        // A comma that no date follows belongs to whatever comes next.
        $this->words->backTo($mark);

        return $ranges === [] ? throw QuickNotReadable::at($this->words->peek(), 'A date is needed.', ['25 dec', '21 dec - 3 jan', '2026-12-25']) : $ranges;
    }

    /** "3 dec", "3-5 dec", "21 dec - 3 jan", "2026-12-03..2026-12-05". */
    public function range(): ?DateRange
    {
        $token = $this->words->peek();
        if (preg_match('/^(\d{1,2})(?:-|–)(\d{1,2})$/Du', $token->text, $part) === 1 && Words::asMonth($this->words->peek(1)->text) !== null) {
            $this->words->take();
            $month = (int) Words::asMonth($this->words->take()->text);
            $last = $this->words->withYear($token, (int) $part[2], $month);

            return QuickNotReadable::unless($token, static fn (): DateRange => DateRange::of(LocalDate::of($last->parts()[0], $month, (int) $part[1]), $last));
        }
        $first = $this->words->date();
        if ($first === null) {
            return null;
        }
        if (! $this->words->taken('-', '–', 'to', '..')) {
            return DateRange::day($first);
        }
        $last = $this->one();
        if ($last->isBefore($first) && $last->plusDays(366)->isAfter($first)) {
            // "21 dec - 3 jan" in November: the end is the first such date after the start.
            [$year, $month, $day] = $last->parts();
            $last = QuickNotReadable::unless($token, static fn (): LocalDate => LocalDate::of($year + 1, $month, $day));
        }
        if ($last->day - $first->day > 3660) {
            throw QuickNotReadable::at($token, 'A range of dates lasts ten years at most.', []);
        }

        return QuickNotReadable::unless($token, static fn (): DateRange => DateRange::of($first, $last));
    }
}
