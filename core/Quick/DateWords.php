<?php

declare(strict_types=1);

namespace Recess\Quick;

use Recess\Message;
use Recess\Time\DateRange;
use Recess\Time\LocalDate;
use Recess\Time\Weekday;

/** Reads dates, lists and ranges of them, and terms from the words of a quick line. */
final class DateWords
{
    private OneDate $single;

    /** @param  LocalDate  $anchor  a date without a year is the next such date from here */
    public function __construct(
        private readonly Words $words,
        private readonly Context $context,
        private readonly Forks $forks,
        LocalDate $anchor,
    ) {
        $this->single = new OneDate($words, $context, $forks, $anchor);
    }

    public function countingFrom(LocalDate $anchor): self
    {
        return new self($this->words, $this->context, $this->forks, $anchor);
    }

    /** @return list<Note> which years were filled in */
    public function notes(): array
    {
        return $this->single->notes;
    }

    /** What was noted is said otherwise, or not at all. */
    public function forgetNotes(): void
    {
        $this->single->notes = [];
    }

    /** @throws QuickNotReadable when the next words look like a date that there is not */
    public function date(): ?LocalDate
    {
        return $this->single->date();
    }

    /** The longest name of a term that the next words are: "autumn term", or "autumn" alone. */
    public function term(): ?DateRange
    {
        $mark = $this->words->mark();
        $name = '';
        $found = null;
        for ($length = 1; $length <= 5 && !$this->words->atEnd(); $length++) {
            $name = ltrim($name . ' ' . $this->words->take()->text);
            foreach ($this->context->terms as $known => $term) {
                if ($name === $known || $name === preg_replace('/ (term|semester|trimester|quarter)$/', '', $known)) {
                    $found = [$term, $this->words->mark()];
                }
            }
        }
        $this->words->backTo($found[1] ?? $mark);
        $found !== null && $this->words->taken('term');

        return $found[0] ?? null;
    }

    /** @throws QuickNotReadable */
    public function one(): LocalDate
    {
        $this->words->taken('the');
        $mark = $this->words->mark();
        $day = $this->words->weekday();
        $this->words->taken(',');
        $date = $this->single->date();
        if ($date === null) {
            $this->words->backTo($mark);
            throw QuickNotReadable::at($this->words->peek(), Message::of('quick.date_needed'));
        }
        if ($day !== null) {
            $this->agree($day, $date, $this->words->tokenAt($mark));
        }

        return $date;
    }

    /**
     * Ranges with commas, "and" or nothing between; null, and nothing taken, when the next words are no date.
     *
     * @return non-empty-list<DateRange>|null
     */
    public function ranges(): ?array
    {
        $ranges = [];
        for (;;) {
            $mark = $this->words->mark();
            while ($ranges !== [] && $this->words->taken(',', 'and', '&', '+', 'on')) {
            }
            $some = $this->weekdayAndDate() ?? ($this->monthFirst() ?? ($this->dayFirst() ?? $this->written()));
            if ($some === null) {
                // A comma that no date follows belongs to whatever comes next.
                $this->words->backTo($mark);

                return $ranges === [] ? null : $ranges;
            }
            array_push($ranges, ...$some);
        }
    }

    /** @return non-empty-list<DateRange> */
    public function someRanges(): array
    {
        return $this->ranges() ?? throw QuickNotReadable::at($this->words->peek(), Message::of('quick.dates_needed'));
    }

    /**
     * "thursday 3 december": the two have to agree.
     *
     * @return non-empty-list<DateRange>|null
     */
    private function weekdayAndDate(): ?array
    {
        $mark = $this->words->mark();
        $day = $this->words->weekday();
        if ($day === null) {
            return null;
        }
        $this->words->taken(',');
        $this->words->taken('the');
        $some = $this->monthFirst() ?? ($this->dayFirst() ?? $this->written());
        if ($some === null) {
            $this->words->backTo($mark);

            return null;
        }
        $first = $this->agree($day, $some[0]->first, $this->words->tokenAt($mark));
        $some[0] = $some[0]->first->equals($some[0]->last)
            ? DateRange::day($first)
            : DateRange::of($first, $some[0]->last);

        return $some;
    }

    /** The date, or another day of its week where the weekday says so: asked when they are two. */
    private function agree(Weekday $day, LocalDate $date, Token $token): LocalDate
    {
        if ($date->weekday() === $day) {
            return $date;
        }
        $other = $date->plusDays($day->value - $date->weekday()->value);
        $way = $this->forks->at(
            "weekday $token->position",
            Message::of('quick.which_weekday', date: $date, is: $date->weekday(), said: $day),
        );

        return $way === 0 ? $date : $other;
    }

    /**
     * "dec 3", "december 3-5", "dec 3, 10 and 17, 2026"
     *
     * @return non-empty-list<DateRange>|null
     */
    private function monthFirst(): ?array
    {
        $words = $this->words;
        $mark = $words->mark();
        $month = Names::month($words->take()->text);
        $first = $month === null ? null : $this->days();
        if ($month === null || $first === null) {
            $words->backTo($mark);

            return null;
        }
        $days = [$first];
        for ($before = $words->mark(); $words->taken(',', 'and', '&', '+'); $before = $words->mark()) {
            $more = $this->moreDays($before);
            if ($more === null) {
                break;
            }
            $days[] = $more;
        }
        $words->backTo($before);
        $year = $this->single->year();

        return $this->inMonth($days, $month, $year, $words->tokenAt($mark));
    }

    /**
     * Further days of a month that was named before them: not what turns out to be a time, a length or a date of its own.
     *
     * @return array{int, int}|null
     */
    private function moreDays(int $before): ?array
    {
        $words = $this->words;
        $mark = $words->mark();
        $days = $this->days();
        $next = $words->peek();
        $other =
            $days === null ||
            Names::month($next->text) !== null ||
            $next->is('-', ':', 'times', 'x', '/', 'to', ...Names::MINUTES, ...Names::HOURS);
        if (!$other && $days[1] !== $days[0]) {
            // "dec 3, 5-7" may be days or hours.
            $other =
                $this->forks->at(
                    "days $before",
                    Message::of('quick.days_or_hours', typed: trim($words->since($mark))),
                ) === 1;
        }
        if ($other) {
            $words->backTo($mark);

            return null;
        }

        return $days;
    }

    /**
     * "3 dec", "3-5 dec", "3 & 10 dec 2026", "3rd of december"
     *
     * @return non-empty-list<DateRange>|null
     */
    private function dayFirst(): ?array
    {
        $words = $this->words;
        $mark = $words->mark();
        $days = [];
        do {
            $one = $this->days();
            if ($one === null) {
                break;
            }
            $days[] = $one;
        } while ($words->taken(',', 'and', '&', '+'));
        $words->taken('of');
        $month = $days === [] ? null : Names::month($words->peek()->text);
        if ($month === null) {
            $words->backTo($mark);

            return null;
        }
        $words->take();
        // "9-11, 15 dec" may be days, or hours and a day; "9-11, 3 dec" can only be the latter.
        if (
            self::goesBack($days) ||
            (count($days) > 1 &&
                $days[0][0] !== $days[0][1] &&
                $this->forks->at(
                    "hours $mark",
                    Message::of('quick.days_or_hours', typed: $days[0][0] . '-' . $days[0][1]),
                ) === 1)
        ) {
            $words->backTo($mark);

            return null;
        }

        return $this->inMonth($days, $month, $this->single->year(), $words->tokenAt($mark));
    }

    /** @param  list<array{int, int}>  $days */
    private static function goesBack(array $days): bool
    {
        $last = 0;
        foreach ($days as [$first, $end]) {
            if ($first <= $last) {
                return true;
            }
            $last = $end;
        }

        return false;
    }

    /**
     * 2026-12-03, 3/12/2026, 3/12, 3.12., tomorrow
     *
     * @return non-empty-list<DateRange>|null
     */
    private function written(): ?array
    {
        $token = $this->words->peek();
        $date = $this->single->date();

        return $date === null ? null : [$this->upTo($date, $token)];
    }

    /** @return array{int, int}|null one day of a month, or from one to another */
    private function days(): ?array
    {
        $mark = $this->words->mark();
        $first = Names::dayNumber($this->words->take()->text);
        if ($first === null) {
            $this->words->backTo($mark);

            return null;
        }
        $before = $this->words->mark();
        $last = $this->words->taken('-', 'to', '..') ? Names::dayNumber($this->words->take()->text) : null;
        // "21 dec - 3 jan" and "dec 3 - dec 5" are ranges of dates, read by upTo().
        if (
            $last === null ||
            $last <= $first ||
            (Names::month($this->words->tokenAt($mark - 1)->text) !== null &&
                Names::month($this->words->peek()->text) !== null)
        ) {
            $this->words->backTo($before);
            $last = $first;
        }

        return [$first, $last];
    }

    /**
     * @param  non-empty-list<array{int, int}>  $days
     * @return non-empty-list<DateRange>
     */
    private function inMonth(array $days, int $month, ?int $year, Token $token): array
    {
        $first = $this->single->withYear($token, $days[0][0], $month, $year);
        $year = $first->parts()[0];
        $ranges = array_map(
            static fn(array $one): DateRange => QuickNotReadable::unless(
                $token,
                static fn(): DateRange => DateRange::of(
                    LocalDate::of($year, $month, $one[0]),
                    LocalDate::of($year, $month, $one[1]),
                ),
            ),
            $days,
        );

        return count($days) === 1 && $days[0][0] === $days[0][1] ? [$this->upTo($ranges[0]->first, $token)] : $ranges;
    }

    /** A date and what may follow it: "- 3 jan", "to 2026-12-05". */
    private function upTo(LocalDate $first, Token $token): DateRange
    {
        $mark = $this->words->mark();
        // An interval of ISO 8601 has a stroke: 2026-12-03/2026-12-05.
        $interval = $this->words->peek()->is('/') && preg_match('/^\d{4}-/', $this->words->peek(1)->text) === 1;
        $last = $interval || $this->words->peek()->is('-', 'to', '..') ? $this->countingFrom($first)->afterOne() : null;
        if ($last === null) {
            $this->words->backTo($mark);

            return DateRange::day($first);
        }
        if ($last->day - $first->day > 3660) {
            throw QuickNotReadable::at($token, Message::of('quick.range_too_long'));
        }

        return QuickNotReadable::unless($token, static fn(): DateRange => DateRange::of($first, $last));
    }

    /** The date after the word that parts it from another. */
    private function afterOne(): ?LocalDate
    {
        $this->words->take();

        return $this->single->date();
    }
}
