<?php

declare(strict_types=1);

namespace Recess\Calendars;

use Recess\Message;
use Recess\RecessException;
use Recess\Repeat\Budget;
use Recess\Time\Span;
use Recess\Time\Spans;
use Recess\Time\TimeNotValid;
use Recess\Time\Zone;

/** Reads an iCalendar text of any origin into busy spans (RFC 5545). What cannot be read is skipped and said. */
final class BusyReader
{
    /** @var list<Skipped> */
    private array $skipped = [];

    /** @var list<array{Span, string}> */
    private array $entries = [];

    /** Whether as many are read as may be: what comes after is not worked out. */
    private bool $full = false;

    private function __construct(
        private readonly Chunks $chunks,
        private readonly Zones $zones,
        private readonly Span $range,
        private readonly Limits $limits,
        private readonly bool $tentative,
        /** @var array<string, mixed> */
        private readonly array $but,
        private readonly Budget $budget,
    ) {
        $this->skipped = $chunks->skipped;
    }

    /**
     * @param  Span  $range  what is asked about
     * @param  Zone  $floating  for times and dates that name no zone
     *
     * @throws CalendarNotReadable when it is no calendar, or too large a one
     */
    public static function read(
        string $text,
        Span $range,
        Zone $floating,
        Limits $limits = new Limits(),
        Counting $counting = new Counting(),
    ): BusyTimes {
        $latest = $range->start + $limits->years * 31_557_600;
        if ($range->end > $latest) {
            $range = Span::of($range->start, max($latest, $range->start + 1));
        }
        $chunks = Chunks::of($text, $limits);
        if ($chunks->zoneName !== null) {
            try {
                $floating = Zone::of($chunks->zoneName);
            } catch (TimeNotValid) {
                // A name of somebody's own: the reader's zone is the better guess.
            }
        }

        $budget = new Budget($limits->work);

        return (new self(
            $chunks,
            Zones::of($chunks, $floating, $budget),
            $range,
            $limits,
            $counting->tentative,
            array_flip($counting->but),
            $budget,
        ))->all();
    }

    private function all(): BusyTimes
    {
        $this->events();
        $this->freeBusy();
        usort($this->entries, static fn(array $a, array $b): int => $a[0]->start <=> $b[0]->start);

        return new BusyTimes(Spans::of(array_column($this->entries, 0)), $this->entries, $this->skipped);
    }

    private function events(): void
    {
        $mains = $changed = [];
        foreach ($this->chunks->named('VEVENT', $this->skipped) as $line => $component) {
            try {
                $entry = Entry::of($line, $component, $this->zones);
            } catch (RecessException $failure) {
                $this->skipped[] = new Skipped(
                    $line,
                    Fields::text($component, 'SUMMARY') ?: Message::of('given.an_entry'),
                    $failure->says(),
                );

                continue;
            }
            if (isset($this->but[$entry->uid])) {
                continue;
            }
            $uid = $entry->uid === '' ? "line $line" : $entry->uid;
            if ($entry->replaces !== null) {
                $changed[$uid][] = $entry;
            } elseif (isset($mains[$uid])) {
                // The same entry twice, as programs write that export carelessly: both count.
                $mains["$uid, line $line"] = $entry;
            } else {
                $mains[$uid] = $entry;
            }
        }
        foreach ($mains + $changed as $uid => $one) {
            if ($this->full) {
                return;
            }
            $main = $one instanceof Entry ? $one : null;
            $this->occurrences($main, $changed[$uid] ?? []);
        }
    }

    /** @param  list<Entry>  $changed */
    private function occurrences(?Entry $main, array $changed): void
    {
        $told = $main ?? ($changed[0] ?? null);
        if ($told === null || $main?->isCancelled() === true) {
            return;
        }
        try {
            $occurrences = Occurrences::in(
                $this->range,
                new Series($main, $changed),
                $this->limits,
                budget: $this->budget,
            );
        } catch (RecessException $failure) {
            $this->skipped[] = new Skipped(
                $told->line,
                $told->title ?: Message::of('given.an_entry'),
                $failure->says(),
            );

            return;
        }
        foreach ($occurrences as [$span, $entry]) {
            if ($entry->transparent || $entry->isCancelled() || ($entry->status === 'TENTATIVE' && !$this->tentative)) {
                continue;
            }
            if (!$this->add($span, $entry->title, $told->line)) {
                $this->full = true;

                return;
            }
        }
    }

    /** VFREEBUSY: periods in UTC, of a type each (RFC 5545, 3.6.4 and 3.2.9). */
    private function freeBusy(): void
    {
        foreach ($this->chunks->named('VFREEBUSY', $this->skipped) as $line => $component) {
            foreach (Fields::all($component, 'FREEBUSY') as $property) {
                $type = strtoupper(Fields::parameter($property, 'FBTYPE'));
                if ($type === 'FREE' || ($type === 'BUSY-TENTATIVE' && !$this->tentative)) {
                    continue;
                }
                foreach (explode(',', (string) $property) as $text) {
                    try {
                        $start = Moment::read(explode('/', trim($text))[0], Zone::of('UTC'));
                        $end = (Entry::lengthOfPeriod(trim($text), $start) ?? Lasting::nothing())->end($start);
                    } catch (TimeNotValid $failure) {
                        $this->skipped[] = new Skipped($line, Message::of('given.a_busy_period'), $failure->says());

                        continue;
                    }
                    if ($end > $start->instant() && !$this->add(Span::of($start->instant(), $end), '', $line)) {
                        return;
                    }
                }
            }
        }
    }

    /** Whether there was room for it. */
    private function add(Span $span, string $title, int $line): bool
    {
        if ($this->range->shared($span) === null) {
            return true;
        }
        if (count($this->entries) >= $this->limits->spans) {
            $this->skipped[] = new Skipped(
                $line,
                $title ?: Message::of('given.an_entry'),
                Message::of('given.only_busy', most: $this->limits->spans),
            );

            return false;
        }
        $this->entries[] = [$span, $title];

        return true;
    }
}
