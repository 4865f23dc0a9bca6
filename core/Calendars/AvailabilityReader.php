<?php

declare(strict_types=1);

namespace Recess\Calendars;

use Recess\Message;
use Recess\RecessException;
use Recess\Repeat\Budget;
use Recess\Repeat\Recurrence;
use Recess\Slots\Block;
use Recess\Slots\Cut;
use Recess\Time\Hours;
use Recess\Time\LocalDate;
use Recess\Time\LocalTime;
use Recess\Time\Span;
use Recess\Time\Spans;
use Recess\Time\Zone;
use Sabre\VObject\Component;

/** Reads VAVAILABILITY (RFC 7953): as stretches of real time, or back into a sheet's blocks. */
final readonly class AvailabilityReader
{
    private const ALWAYS = 253_402_300_800;

    /** @param  list<array{Component, list<Entry>}>  $availabilities each with its AVAILABLE parts, the least important first */
    private function __construct(
        private array $availabilities,
        private Zones $zones,
        private Limits $limits,
        /** The zone that the calendar's own times are in, or else the one given for floating times. */
        public Zone $zone,
    ) {}

    /**
     * @param  Zone  $floating  for times that name no zone
     *
     * @throws CalendarNotReadable naming the line
     */
    public static function read(string $text, Zone $floating, Limits $limits = new Limits()): self
    {
        $chunks = Chunks::of($text, $limits);
        $zones = Zones::of($chunks, $floating, new Budget($limits->work));
        $skipped = $availabilities = [];
        $zone = null;
        foreach ($chunks->named('VAVAILABILITY', $skipped) as $line => $component) {
            $parts = array_values(
                array_filter($component->getComponents(), static fn(mixed $part): bool => $part instanceof Component),
            );
            $entries = [];
            foreach ($parts as $i => $part) {
                $at = $chunks->partsOf($line)[$i] ?? $line;
                if ($part->name !== 'AVAILABLE') {
                    continue;
                }
                try {
                    $entries[] = $entry = Entry::of($at, $part, $zones);
                } catch (RecessException $failure) {
                    throw CalendarNotReadable::atLine($at, $failure->says());
                }
                $zone ??= $entry->start->zone->name === 'UTC' ? null : $entry->start->zone;
            }
            $availabilities[] = [$component, $entries];
        }
        if ($skipped !== []) {
            throw CalendarNotReadable::atLine(
                $skipped[0]->line,
                Message::of('given.of_what', what: $skipped[0]->what, why: $skipped[0]->why),
            );
        }
        if ($availabilities === []) {
            throw CalendarNotReadable::noAvailability();
        }
        // PRIORITY 1 is the most important, 0 or none the least (RFC 7953, 4).
        usort(
            $availabilities,
            static fn(array $a, array $b): int => self::importance($a[0]) <=> self::importance($b[0]),
        );

        return new self($availabilities, $zones, $limits, $zone ?? $floating);
    }

    /**
     * The stretches of availability that touch the range, in order. Those that overlap are one; those that only
     * touch stay two, as cutting starts anew with each.
     *
     * @return list<Span>
     *
     * @throws CalendarNotReadable naming the line
     */
    public function stretches(Span $range): array
    {
        $free = [];
        $budget = new Budget($this->limits->work);
        foreach ($this->availabilities as [$component, $entries]) {
            $bounds = $this->bounds($component);
            $left = [];
            // What is more important says of its time alone what is free (RFC 7953, 4).
            foreach ($free as $span) {
                array_push(
                    $left,
                    ...Spans::of([$span])
                        ->subtract(Spans::of([$bounds]))
                        ->all(),
                );
            }
            foreach ($this->occurrences($entries, $range, $budget) as $span) {
                $shared = $span->shared($bounds);
                if ($shared !== null) {
                    $left[] = $shared;
                }
            }
            $free = $left;
        }

        return self::joined($free);
    }

    /**
     * The blocks that these availabilities are, as a sheet writes them.
     *
     * @return list<Block>
     *
     * @throws CalendarNotReadable naming the line, where a repeat says more than a block can
     */
    public function blocks(): array
    {
        $blocks = [];
        foreach ($this->availabilities as [$component, $entries]) {
            $parts = array_values(
                array_filter(
                    $component->getComponents(),
                    static fn(mixed $part): bool => $part instanceof Component && $part->name === 'AVAILABLE',
                ),
            );
            foreach ($entries as $i => $entry) {
                try {
                    $blocks[] = self::block($entry, $parts[$i] ?? $component);
                } catch (RecessException $failure) {
                    throw CalendarNotReadable::atLine($entry->line, $failure->says());
                }
            }
        }

        return $blocks;
    }

    private static function block(Entry $entry, Component $part): Block
    {
        $date = static fn(Moment $moment): LocalDate => LocalDate::fromDay(intdiv($moment->reading, 86_400));
        $minutes = intdiv($entry->lasting->end($entry->start) - $entry->start->instant(), 60);
        $rule = $entry->rules[0] ?? null;
        if ($rule !== null && preg_match('/UNTIL=(\d{8}T\d{6}Z?)/i', $rule, $found) === 1) {
            // The date of the last occurrence that the moment lets pass.
            $moment = Moment::read($found[1], $entry->start->zone);
            $last = $entry->start->zone->readingAt($moment->instant()) - ($entry->start->reading % 86_400);
            $rule = str_replace($found[1], gmdate('Ymd', $last), $rule);
        }
        $recurrence = new Recurrence(
            $date($entry->start),
            $rule,
            array_map(static fn(array $also): LocalDate => $date($also[0]), $entry->also),
            array_map($date, $entry->not),
        );

        return Block::of(
            $recurrence->pattern(),
            Hours::lasting(LocalTime::ofMinute(intdiv($entry->start->reading % 86_400, 60)), $minutes),
            Cut::of(
                (int) (Fields::text($part, AvailabilityWriter::MINUTES) ?: min($minutes, 1440)),
                (int) Fields::text($part, AvailabilityWriter::GAP),
            ),
        );
    }

    /**
     * @param  list<Entry>  $entries
     * @return list<Span>
     */
    private function occurrences(array $entries, Span $range, Budget $budget): array
    {
        $mains = $changed = $spans = [];
        foreach ($entries as $entry) {
            $entry->replaces === null ? ($mains[] = $entry) : ($changed[$entry->uid][] = $entry);
        }
        foreach ($mains as $entry) {
            try {
                foreach (
                    Occurrences::in(
                        $range,
                        new Series($entry, $changed[$entry->uid] ?? []),
                        $this->limits,
                        startCounts: false,
                        budget: $budget,
                    )
                    as [$span]
                ) {
                    $spans[] = $span;
                }
            } catch (RecessException $failure) {
                throw CalendarNotReadable::atLine($entry->line, $failure->says());
            }
        }

        return $spans;
    }

    private function bounds(Component $component): Span
    {
        $start = Fields::moment($component, 'DTSTART', $this->zones);
        $end = Fields::moment($component, 'DTEND', $this->zones)?->instant();
        $duration = Fields::text($component, 'DURATION');
        if ($end === null && $start !== null && $duration !== '') {
            $end = Lasting::read($duration)->end($start);
        }

        return Span::of($start?->instant() ?? -self::ALWAYS, $end ?? self::ALWAYS);
    }

    /**
     * @param  list<Span>  $spans
     * @return list<Span>
     */
    private static function joined(array $spans): array
    {
        usort($spans, static fn(Span $a, Span $b): int => $a->start <=> $b->start);
        $joined = [];
        foreach ($spans as $span) {
            $last = $joined === [] ? null : $joined[count($joined) - 1];
            if ($last !== null && $last->overlaps($span)) {
                $joined[count($joined) - 1] = Span::of($last->start, max($last->end, $span->end));
            } else {
                $joined[] = $span;
            }
        }

        return $joined;
    }

    private static function importance(Component $component): int
    {
        $priority = (int) Fields::text($component, 'PRIORITY');

        return $priority === 0 ? -10 : -$priority;
    }
}
