<?php

declare(strict_types=1);

namespace Recess\Quick;

use Recess\Time\DateRange;
use Recess\Time\LocalDate;
use Recess\Time\Weekday;

/** Reads dates, lists and ranges of them, and terms from the words of a quick line. */
final class DateWords
{
    /** @var list<Note> */
    public array $notes = [];

    /** @param  LocalDate  $anchor  a date without a year is the next such date from here */
    public function __construct(private readonly Words $words, private readonly Context $context, private readonly Forks $forks, private LocalDate $anchor)
    {
    }

    public function countingFrom(LocalDate $anchor): self
    {
        $other = clone $this;
        $other->anchor = $anchor;
        $other->notes = [];

        return $other;
    }

    /** The longest name of a term that the next words are: "autumn term", or "autumn" alone. */
    public function term(): ?DateRange
    {
        $mark = $this->words->mark();
        $name = '';
        $found = null;
        for ($length = 1; $length <= 5 && ! $this->words->atEnd(); $length++) {
            $name = ltrim($name.' '.$this->words->take()->text);
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
        $date = $this->date();
        if ($date === null) {
            $this->words->backTo($mark);
            throw QuickNotReadable::at($this->words->peek(), 'A date is needed here, such as 28 may or 2027-05-28.');
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
        for (; ;) {
            $mark = $this->words->mark();
            while ($ranges !== [] && $this->words->taken(',', 'and', '&', '+', 'on')) {
            }
            $some = $this->weekdayAndDate() ?? $this->monthFirst() ?? $this->dayFirst() ?? $this->written();
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
        return $this->ranges() ?? throw QuickNotReadable::at($this->words->peek(), 'A date is needed here, such as 25 dec or 21 dec - 3 jan.');
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
        $some = $this->monthFirst() ?? $this->dayFirst() ?? $this->written();
        if ($some === null) {
            $this->words->backTo($mark);

            return null;
        }
        $first = $this->agree($day, $some[0]->first, $this->words->tokenAt($mark));
        $some[0] = $some[0]->first->equals($some[0]->last) ? DateRange::day($first) : DateRange::of($first, $some[0]->last);

        return $some;
    }

    /** The date, or another day of its week where the weekday says so: asked when they are two. */
    private function agree(Weekday $day, LocalDate $date, Token $token): LocalDate
    {
        if ($date->weekday() === $day) {
            return $date;
        }
        $other = $date->plusDays($day->value - $date->weekday()->value);
        $way = $this->forks->at("weekday $token->position", sprintf('%s is a %s, not a %s. Which is meant?', self::said($date), $date->weekday()->name, $day->name));

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
        $year = $this->year();

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
        $other = $days === null || Names::month($next->text) !== null || $next->is('-', ':', 'times', 'x', '/', 'to', ...Names::MINUTES, ...Names::HOURS);
        if (! $other && $days[1] !== $days[0]) {
            // "dec 3, 5-7" may be days or hours.
            $other = $this->forks->at("days $before", sprintf('Is “%s” days or hours?', trim($words->since($mark)))) === 1;
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
        if (self::goesBack($days) || count($days) > 1 && $days[0][0] !== $days[0][1] && $this->forks->at("hours $mark", sprintf('Is “%s” days or hours?', $days[0][0].'-'.$days[0][1])) === 1) {
            $words->backTo($mark);

            return null;
        }

        return $this->inMonth($days, $month, $this->year(), $words->tokenAt($mark));
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
        $date = $this->date();

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
        if ($last === null || $last <= $first || (Names::month($this->words->tokenAt($mark - 1)->text) !== null && Names::month($this->words->peek()->text) !== null)) {
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
        $first = $this->withYear($token, $days[0][0], $month, $year);
        $year = $first->parts()[0];
        $ranges = array_map(static fn (array $one): DateRange => QuickNotReadable::unless($token, static fn (): DateRange => DateRange::of(LocalDate::of($year, $month, $one[0]), LocalDate::of($year, $month, $one[1]))), $days);

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
            throw QuickNotReadable::at($token, 'A range of dates lasts ten years at most.');
        }

        return QuickNotReadable::unless($token, static fn (): DateRange => DateRange::of($first, $last));
    }

    /** The date after the word that parts it from another. */
    private function afterOne(): ?LocalDate
    {
        $this->words->take();

        return $this->date();
    }

    /**
     * One date, in whatever way it is written; null, and nothing taken, when the next words are none.
     *
     * @throws QuickNotReadable when they look like a date that there is not
     */
    public function date(): ?LocalDate
    {
        $words = $this->words;
        $token = $words->peek();
        if ($words->taken('today')) {
            return $this->context->today;
        }
        if ($words->taken('tomorrow')) {
            return $this->context->today->plusDays(1);
        }
        if (preg_match('#^(?:\d+[-/]\d+(?:[-/]\d+)?|\d+\.\d+\.\d*)$#D', $token->text) === 1) {
            $date = $this->inDigits($token);
            $date === null || $words->take();

            return $date;
        }
        $mark = $words->mark();
        [$one, $two] = [$words->take()->text, $words->take()->text];
        $two = $two === 'of' ? $words->take()->text : $two;
        [$day, $month] = [Names::dayNumber($one), Names::month($two)];
        if ($day === null || $month === null) {
            [$month, $day] = [Names::month($one), Names::dayNumber($two)];
        }
        if ($day === null || $month === null) {
            $words->backTo($mark);

            return null;
        }

        return $this->withYear($token, $day, $month, $this->year());
    }

    /** Digits alone. Two numbers before the year, or without one, may be day and month or month and day. */
    private function inDigits(Token $token): ?LocalDate
    {
        $parts = array_map(intval(...), preg_split('#[-/.]#', rtrim($token->text, '.')) ?: []);
        if (preg_match('/^\d{4}/', $token->text) === 1) {
            return QuickNotReadable::unless($token, static fn (): LocalDate => LocalDate::of($parts[0], $parts[1] ?? 0, $parts[2] ?? 0));
        }
        if (count($parts) < 2) {
            return null;
        }
        $year = isset($parts[2]) ? ($parts[2] < 100 ? 2000 + $parts[2] : $parts[2]) : null;
        $dotted = str_contains($token->text, '.');
        $orders = $this->context->writesMonthFirst() && ! $dotted ? [[1, 0], [0, 1]] : [[0, 1], [1, 0]];
        $possible = array_values(array_filter($orders, static fn (array $order): bool => $parts[$order[1]] >= 1 && $parts[$order[1]] <= 12 && $parts[$order[0]] >= 1 && $parts[$order[0]] <= 31));
        if ($possible === []) {
            throw QuickNotReadable::at($token, sprintf('There is no date %s. Write the month in letters, such as 3 dec.', $token->text));
        }
        $dates = array_map(fn (array $order): LocalDate => $this->withYear($token, $parts[$order[0]], $parts[$order[1]], $year), $possible);
        // Dots part day, month and year everywhere they are used.
        if (count($dates) === 1 || $dotted || $dates[0]->equals($dates[1])) {
            return $dates[0];
        }
        foreach ([0, 1] as $way) {
            if ($dates[1 - $way]->isBefore($this->context->today) && ! $dates[$way]->isBefore($this->context->today)) {
                $this->notes[] = new Note(sprintf('%s was read as %s, as %s is past.', $token->text, self::said($dates[$way]), self::said($dates[1 - $way])), $token->position);

                return $dates[$way];
            }
        }

        return $dates[$this->forks->at('order of day and month', sprintf('Which date is %s?', $token->text))];
    }

    /** A year, unless it is the start of a stretch: "3 dec 2000-2100" are hours. */
    private function year(): ?int
    {
        $words = $this->words;
        $mark = $words->mark();
        $words->taken(',');
        if (preg_match('/^(?:19|20|21)\d{2}$/D', $words->peek()->text) === 1 && ! ($words->peek(1)->is('-', 'to') && preg_match('/^\d{4}$|[:.h]/', $words->peek(2)->text) === 1)) {
            return $words->take()->number();
        }
        $words->backTo($mark);

        return null;
    }

    /**
     * @param  int|null  $year  null where none is said: the first from the anchor on in which there is that day
     *
     * @throws QuickNotReadable
     */
    private function withYear(Token $first, int $day, int $month, ?int $year): LocalDate
    {
        // A leap day may be up to eight years away.
        $from = $this->anchor->parts()[0];
        foreach ($year === null ? range($from, $from + 8) : [$year] as $one) {
            if (checkdate($month, $day, $one) && ($year !== null || ! LocalDate::of($one, $month, $day)->isBefore($this->anchor))) {
                return $this->noted(LocalDate::of($one, $month, $day), $year === null, $first);
            }
        }

        throw QuickNotReadable::at($first, sprintf('There is no %d %s%s.', $day, Names::monthName($month), $year === null ? '' : " $year"));
    }

    /** Says which year was meant, where this year's has only just gone by. */
    private function noted(LocalDate $date, bool $filledIn, Token $token): LocalDate
    {
        [$year, $month, $day] = $date->parts();
        $passed = $filledIn && checkdate($month, $day, $year - 1) ? LocalDate::of($year - 1, $month, $day) : null;
        if ($passed !== null && $passed->isBefore($this->context->today) && $this->context->today->day - $passed->day <= 120 && $this->anchor->equals($this->context->today)) {
            $this->notes[] = new Note(sprintf('%d %s is past, so it was read as %s.', $day, Names::monthName($month), self::said($date)), $token->position);
        }

        return $date;
    }

    public static function said(LocalDate $date): string
    {
        [$year, $month, $day] = $date->parts();

        return $day.' '.Names::monthName($month).' '.$year;
    }
}
