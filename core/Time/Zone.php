<?php

declare(strict_types=1);

namespace Recess\Time;

/**
 * A time zone of the tz database: clock times to instants and back.
 *
 * The zone's changes are read once into two arrays, so that ten years of weekly blocks cost a search each
 * and no date object.
 */
final class Zone implements \Stringable
{
    /** From 1900 to 2200: outside of it the last known offset goes on. */
    private const FIRST = -2_208_988_800;

    private const LAST = 7_258_118_400;

    /** @var array<string, self> */
    private static array $known = [];

    /** @var (\Closure(string): (array{non-empty-list<int>, non-empty-list<int>, list<int>}|null))|null */
    private static ?\Closure $find = null;

    /** @var (\Closure(string, array{non-empty-list<int>, non-empty-list<int>, list<int>}): mixed)|null */
    private static ?\Closure $keep = null;

    /** Where the last instant was found: the next one asked about usually lies beside it. */
    private int $lastFound = 0;

    /** The last day asked about, and the instants between which it is that one: the slots of a day are asked about in a row. */
    private int $lastDay = 0;

    private int $lastDayFrom = 0;

    private int $lastDayBefore = 0;

    /**
     * @param  non-empty-list<int>  $since  the instant from which offsets[i] holds
     * @param  non-empty-list<int>  $offsets  seconds east of UTC
     * @param  list<int>  $localEnds  the clock reading, as if UTC, at which offsets[i] stops; one fewer than offsets
     */
    private function __construct(
        public readonly string $name,
        private readonly array $since,
        private readonly array $offsets,
        private readonly array $localEnds,
    ) {}

    /**
     * @param  string  $name  an IANA name, such as Atlantic/Azores
     *
     * @throws TimeNotValid when the tz database does not know it
     */
    public static function of(string $name): self
    {
        if (isset(self::$known[$name])) {
            return self::$known[$name];
        }
        $kept = self::$find === null ? null : (self::$find)($name);
        if ($kept !== null) {
            return self::$known[$name] = new self($name, ...$kept);
        }
        $zone = self::load($name);
        if (self::$keep !== null) {
            (self::$keep)($name, [$zone->since, $zone->offsets, $zone->localEnds]);
        }

        return self::$known[$name] = $zone;
    }

    /**
     * Where what is read of zones is kept, such as in memory that processes share: reading one takes a millisecond.
     *
     * @param  \Closure(string): (array{non-empty-list<int>, non-empty-list<int>, list<int>}|null)  $find
     * @param  \Closure(string, array{non-empty-list<int>, non-empty-list<int>, list<int>}): mixed  $keep
     */
    public static function keptBy(\Closure $find, \Closure $keep): void
    {
        [self::$find, self::$keep] = [$find, $keep];
    }

    /** @return array{string, ?array{non-empty-list<int>, non-empty-list<int>, list<int>}} its name alone, where that says all */
    public function __serialize(): array
    {
        return [
            $this->name,
            (self::$known[$this->name] ?? null)?->since === $this->since
                ? null
                : [$this->since, $this->offsets, $this->localEnds],
        ];
    }

    /** @param  array{string, ?array{non-empty-list<int>, non-empty-list<int>, list<int>}}  $was */
    public function __unserialize(array $was): void
    {
        [$this->name, $changes] = $was;
        if ($changes === null) {
            $zone = self::of($this->name);
            $changes = [$zone->since, $zone->offsets, $zone->localEnds];
        }
        [$this->since, $this->offsets, $this->localEnds] = $changes;
    }

    private static function load(string $name): self
    {
        // PHP also takes "+02:00" and "EST", which do not name a place's rules.
        if ($name !== 'UTC' && !in_array($name, \DateTimeZone::listIdentifiers(\DateTimeZone::ALL_WITH_BC), true)) {
            throw TimeNotValid::noSuchZone($name);
        }
        $since = $offsets = [];
        foreach ((new \DateTimeZone($name))->getTransitions(self::FIRST, self::LAST) ?: [] as $change) {
            if ($offsets === [] || $offsets[array_key_last($offsets)] !== $change['offset']) {
                $since[] = $change['ts'];
                $offsets[] = $change['offset'];
            }
        }
        if ($since === []) {
            [$since, $offsets] = [[self::FIRST], [0]];
        }

        return self::fromChanges($name, $since, $offsets);
    }

    /**
     * A zone that the tz database does not know, as a calendar describes it.
     *
     * @param  non-empty-list<int>  $since  the instants from which the offsets hold, in order
     * @param  non-empty-list<int>  $offsets  seconds east of UTC, as many
     */
    public static function fromChanges(string $name, array $since, array $offsets): self
    {
        $localEnds = [];
        for ($i = 1; isset($since[$i], $offsets[$i - 1]); $i++) {
            $localEnds[] = $since[$i] + $offsets[$i - 1];
        }

        return new self($name, $since, $offsets, $localEnds);
    }

    /**
     * The instant at which the clock shows that time on that date.
     *
     * A time that a change skips is read with the offset before the change; of a time that comes twice the
     * first is meant (RFC 5545, 3.3.5).
     *
     * @param  int  $minute  of the day on the clock's face; over 1440 runs on into the next days
     */
    public function instant(LocalDate $date, int $minute): int
    {
        return $this->instantOf($date->day * 86_400 + $minute * 60);
    }

    /**
     * The same of a moment as forms have it: 2027-03-09T16:00.
     *
     * @throws TimeNotValid
     */
    public function moment(string $local): int
    {
        return $this->instant(LocalDate::parse(substr($local, 0, 10)), LocalTime::parse(substr($local, 11, 5))->minute);
    }

    /** @param  int  $reading date and clock time, as the seconds they would be in UTC */
    public function instantOf(int $reading): int
    {
        $i = $this->lastFound;
        if (
            (isset($this->localEnds[$i]) && $this->localEnds[$i] <= $reading) ||
            ($i > 0 && $this->localEnds[$i - 1] > $reading)
        ) {
            $this->lastFound = $i = self::firstAfter($this->localEnds, $reading);
        }
        $instant = $reading - $this->offsets[$i];

        return $i > 0 && $instant < $this->since[$i] ? $reading - $this->offsets[$i - 1] : $instant;
    }

    /** Seconds east of UTC at that instant. */
    public function offsetAt(int $instant): int
    {
        $i = $this->lastFound;
        if ($this->since[$i] > $instant || (isset($this->since[$i + 1]) && $this->since[$i + 1] <= $instant)) {
            $this->lastFound = $i = max(0, self::firstAfter($this->since, $instant) - 1);
        }

        return $this->offsets[$i];
    }

    /** The clock's reading at that instant, as the seconds it would be in UTC. */
    public function readingAt(int $instant): int
    {
        return $instant + $this->offsetAt($instant);
    }

    public function dateAt(int $instant): LocalDate
    {
        return LocalDate::fromDay($this->dayAt($instant));
    }

    /** The day number of the date at that instant. */
    public function dayAt(int $instant): int
    {
        if ($instant >= $this->lastDayFrom && $instant < $this->lastDayBefore) {
            return $this->lastDay;
        }
        $offset = $this->offsetAt($instant);
        $i = $this->lastFound;
        $reading = $instant + $offset;
        $midnight = $reading - ((($reading % 86_400) + 86_400) % 86_400);
        // No further than the offset holds: beyond a change the clock shows another date.
        $this->lastDayFrom = max($midnight - $offset, $i === 0 ? PHP_INT_MIN : $this->since[$i] ?? PHP_INT_MIN);
        $this->lastDayBefore = min($midnight + 86_400 - $offset, $this->since[$i + 1] ?? PHP_INT_MAX);

        return $this->lastDay = intdiv($midnight, 86_400);
    }

    /** What date and clock show at an instant, as forms have it: 2027-03-09T16:00. */
    public function reading(int $instant): string
    {
        return $this->dateAt($instant) . 'T' . $this->timeAt($instant);
    }

    /** The clock time at that instant, to the minute below. */
    public function timeAt(int $instant): LocalTime
    {
        $reading = $this->readingAt($instant);

        return LocalTime::ofMinute(intdiv((($reading % 86_400) + 86_400) % 86_400, 60));
    }

    /** The whole of a date, 23 to 25 hours where clocks change. */
    public function day(LocalDate $date): Span
    {
        return Span::of($this->instant($date, 0), $this->instant($date, 1440));
    }

    /** Date, time and offset as in RFC 3339, 5.6; UTC is written Z. */
    public function rfc3339(int $instant): string
    {
        $offset = $this->offsetAt($instant);
        $minutes = intdiv(abs($offset), 60);
        $suffix =
            $this->name === 'UTC'
                ? 'Z'
                : sprintf('%s%02d:%02d', $offset < 0 ? '-' : '+', intdiv($minutes, 60), $minutes % 60);

        return gmdate('Y-m-d\TH:i:s', $instant + $offset) . $suffix;
    }

    /**
     * The clock changes of the zone that fall in the span, in order.
     *
     * @return list<array{at: int, before: int, after: int}> instants, and offsets in seconds
     */
    public function changesIn(Span $span): array
    {
        $changes = [];
        for (
            $i = max(1, self::firstAfter($this->since, $span->start - 1));
            isset($this->since[$i]) && $this->since[$i] < $span->end;
            $i++
        ) {
            $changes[] = ['at' => $this->since[$i], 'before' => $this->offsets[$i - 1], 'after' => $this->offsets[$i]];
        }

        return $changes;
    }

    public function __toString(): string
    {
        return $this->name;
    }

    /**
     * The index of the first value greater than the given one, in O(log n).
     *
     * @param  list<int>  $sorted
     */
    private static function firstAfter(array $sorted, int $value): int
    {
        $low = 0;
        $high = count($sorted);
        while ($low < $high) {
            $middle = ($low + $high) >> 1;
            if ($sorted[$middle] > $value) {
                $high = $middle;
            } else {
                $low = $middle + 1;
            }
        }

        return $low;
    }
}
