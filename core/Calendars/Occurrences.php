<?php

declare(strict_types=1);

namespace Recess\Calendars;

use Recess\Repeat\Budget;
use Recess\Repeat\Reach;
use Recess\Repeat\Rrule;
use Recess\Repeat\RruleDates;
use Recess\Repeat\RruleNotValid;
use Recess\Time\Span;
use Recess\Time\TimeNotValid;

/** When an entry and the changes to its single occurrences really happen (RFC 5545, 3.8.5 and 3.8.4.4). */
final readonly class Occurrences
{
    /**
     * @param  bool  $startCounts  whether a DTSTART that its own rule does not name is an occurrence: for who is busy
     *                             it is the safe reading, for who is available it is not (RFC 7953's own examples)
     * @return list<array{Span, Entry}> that touch the range, in order of start
     *
     * @throws RruleNotValid
     * @throws TimeNotValid
     */
    public static function in(
        Span $range,
        Series $series,
        Limits $limits,
        bool $startCounts = true,
        ?Budget $budget = null,
    ): array {
        $main = $series->main;
        $changed = $series->changed;
        $replaced = $future = [];
        foreach ($changed as $entry) {
            $at = $entry->replaces?->instant() ?? 0;
            $replaced[$at] = true;
            if ($entry->andFuture) {
                $future[$at] = $entry;
            }
        }
        ksort($future);

        $found = [];
        if ($main !== null) {
            foreach (self::starts($main, $range, $limits, $startCounts, $budget) as [$start, $lasting]) {
                $instant = $start->instant();
                $budget?->spend(count($future));
                if (!isset($replaced[$instant])) {
                    $found[] = self::afterChanges($start, $lasting, $instant, $main, $future);
                }
            }
        }
        foreach ($changed as $entry) {
            $found[] = [$entry->start, $entry->lasting, $entry];
        }

        $occurrences = [];
        foreach ($found as [$start, $lasting, $entry]) {
            $from = $start->instant();
            $until = $lasting->end($start);
            if ($until > $from && $from < $range->end && $until > $range->start) {
                $occurrences[] = [Span::of($from, $until), $entry];
            }
        }
        usort($occurrences, static fn(array $a, array $b): int => $a[0]->start <=> $b[0]->start);

        return $occurrences;
    }

    /**
     * @param  array<int, Entry>  $future  changes to one occurrence and all later ones, by its instant, in order
     * @return array{Moment, Lasting, Entry}
     */
    private static function afterChanges(
        Moment $start,
        ?Lasting $lasting,
        int $instant,
        Entry $main,
        array $future,
    ): array {
        $last = null;
        foreach ($future as $since => $later) {
            $last = $instant > $since ? $later : $last;
        }
        if ($last?->replaces === null) {
            return [$start, $lasting ?? $main->lasting, $main];
        }

        // Later ones move along by as much as the changed one did.
        return [
            $last->start->at($last->start->reading + $start->reading - $last->replaces->reading),
            $last->lasting,
            $last,
        ];
    }

    /**
     * Every start of the entry itself, each once, less the EXDATEs.
     *
     * @return list<array{Moment, Lasting|null}>
     */
    private static function starts(Entry $entry, Span $range, Limits $limits, bool $startCounts, ?Budget $budget): array
    {
        $start = $entry->start;
        $before = $start->zone->readingAt($range->end) + 86_400;
        // One that began before the range and lasts into it counts; clocks change by a few hours.
        $from =
            $start->zone->readingAt($range->start) -
            2 * 86_400 -
            max(0, $entry->lasting->end($start) - $start->instant());
        $starts = $startCounts || $entry->rules === [] ? [$start->reading => [$start, null]] : [];
        foreach ($entry->rules as $text) {
            $rule = Rrule::parse($text);
            $end = $rule->until === null ? $before : min($before, self::untilReading($rule->until, $start) + 1);
            foreach (
                RruleDates::of(
                    $rule,
                    new Reach($start->reading, $end, $limits->occurrences, $from),
                    $startCounts,
                    $budget,
                )
                as $reading
            ) {
                $starts[$reading] = [$start->at($reading), null];
            }
        }
        $budget?->make(count($entry->also) + count($entry->not));
        foreach ($entry->also as [$also, $lasting]) {
            $starts[$start->zone->readingAt($also->instant())] = [$also, $lasting];
        }

        $not = $notDays = [];
        foreach ($entry->not as $moment) {
            if ($moment->isDate && !$start->isDate) {
                $notDays[intdiv($moment->reading, 86_400)] = true;
            } else {
                $not[$moment->instant()] = true;
            }
        }
        if ($not === [] && $notDays === []) {
            return array_values($starts);
        }

        return array_values(
            array_filter(
                $starts,
                static fn(array $one): bool => !isset($not[$one[0]->instant()]) &&
                    !isset($notDays[intdiv($one[0]->reading, 86_400)]),
            ),
        );
    }

    /** The last reading that UNTIL lets pass: UTC is told in the entry's own zone, a date lasts until its end. */
    private static function untilReading(string $until, Moment $start): int
    {
        $moment = Moment::read($until, $start->zone);

        return $moment->isDate ? $moment->reading + 86_399 : $start->zone->readingAt($moment->instant());
    }
}
