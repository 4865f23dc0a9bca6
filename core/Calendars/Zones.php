<?php

declare(strict_types=1);

namespace Recess\Calendars;

use Recess\RecessException;
use Recess\Repeat\Budget;
use Recess\Repeat\Reach;
use Recess\Repeat\Rrule;
use Recess\Repeat\RruleDates;
use Recess\Repeat\RruleNotValid;
use Recess\Time\TimeNotValid;
use Recess\Time\Zone;
use Sabre\VObject\Component;
use Sabre\VObject\TimeZoneUtil;

/**
 * The zones that a calendar names: those of the tz database, the names that vendors give them, and failing both
 * what the calendar's own VTIMEZONE says (RFC 5545, 3.6.5).
 */
final class Zones
{
    /** Clock changes of a zone known only from its description are followed from this year on, and to the end of the last. */
    private const FIRST_YEAR = 1970;

    private const LAST_YEAR = 2100;

    /** Observances of one zone: governments have changed their minds some hundred times. */
    private const OBSERVANCES = 400;

    /** @var array<string, Zone> */
    private array $known = [];

    /** @param  array<string, Component>  $described VTIMEZONE by TZID */
    private function __construct(
        private readonly array $described,
        public readonly Zone $floating,
        private readonly Budget $budget,
    ) {}

    /**
     * @param  Zone  $floating  for times that name no zone
     * @param  Budget  $budget  of the whole file
     */
    public static function of(Chunks $chunks, Zone $floating, Budget $budget): self
    {
        $described = $skipped = [];
        foreach ($chunks->named('VTIMEZONE', $skipped) as $component) {
            $described[Fields::text($component, 'TZID')] = $component;
        }

        return new self($described, $floating, $budget);
    }

    /** @throws TimeNotValid when nothing tells what the name means */
    public function named(string $name): Zone
    {
        return $this->known[$name] ??= $this->find($name);
    }

    private function find(string $name): Zone
    {
        $plain = trim($name, "\" \t");
        // Some programs put a path before the name: /vendor.example/20261124_1/Europe/Lisbon.
        $tail = preg_match('#([A-Z]\w+/[\w+-]+(?:/[\w+-]+)?)$#D', $plain, $part) === 1 ? $part[1] : $plain;
        $described = $this->described[$name] ?? null;
        $location = $described === null ? '' : Fields::text($described, 'X-LIC-LOCATION');
        foreach ([$plain, $tail, $location, (string) strstr("$tail/", '/')] as $candidate) {
            try {
                return Zone::of($candidate);
            } catch (TimeNotValid) {
                continue;
            }
        }
        if ($described !== null) {
            return $this->fromDescription($plain, $described);
        }
        try {
            // Knows the names of the usual office programs.
            return Zone::of(TimeZoneUtil::getTimeZone($plain, null, true)->getName());
        } catch (\InvalidArgumentException) {
            throw TimeNotValid::noSuchZone($name);
        }
    }

    /** @throws TimeNotValid */
    private function fromDescription(string $name, Component $described): Zone
    {
        $changes = [];
        $before = null;
        if (count($described->getComponents()) > self::OBSERVANCES) {
            throw TimeNotValid::zoneTooLong($name);
        }
        foreach ($described->getComponents() as $observance) {
            if (!($observance instanceof Component) || !in_array($observance->name, ['STANDARD', 'DAYLIGHT'], true)) {
                continue;
            }
            $from = self::offset(Fields::text($observance, 'TZOFFSETFROM'));
            $to = self::offset(Fields::text($observance, 'TZOFFSETTO'));
            foreach ($this->onsets($name, $observance) as $reading) {
                $changes[$reading - $from] = $to;
                $before = $before === null || $reading - $from < $before[0] ? [$reading - $from, $from] : $before;
            }
        }
        if ($before === null) {
            throw TimeNotValid::noSuchZone($name);
        }
        ksort($changes);

        return Zone::fromChanges(
            $name,
            [PHP_INT_MIN, ...array_keys($changes)],
            [$before[1], ...array_values($changes)],
        );
    }

    /**
     * @return list<int> readings, before the change, at which an observance begins
     *
     * @throws TimeNotValid when it takes too long to find out
     */
    private function onsets(string $name, Component $observance): array
    {
        $utc = Zone::of('UTC');
        $start = Moment::read(Fields::text($observance, 'DTSTART'), $utc)->reading;
        $onsets = [$start];
        foreach (Fields::all($observance, 'RDATE') as $property) {
            foreach (explode(',', (string) $property) as $text) {
                $onsets[] = Moment::read($text, $utc)->reading;
            }
        }
        $text = Fields::text($observance, 'RRULE');
        if ($text !== '') {
            try {
                $rule = Rrule::parse($text);
                $end = (int) gmmktime(0, 0, 0, 1, 1, self::LAST_YEAR + 1);
                // UNTIL is UTC here; a day more or less never meets the next change.
                $end = $rule->until === null ? $end : min($end, Moment::read($rule->until, $utc)->reading + 86_400);
                $onsets = [
                    ...$onsets,
                    ...iterator_to_array(
                        RruleDates::of(
                            $rule,
                            new Reach($start, $end, 2_000, (int) gmmktime(0, 0, 0, 1, 1, self::FIRST_YEAR)),
                            false,
                            $this->budget,
                        ),
                        false,
                    ),
                ];
            } catch (RruleNotValid $failure) {
                // Half of its changes would be another zone than the one that was meant.
                throw TimeNotValid::zoneTooLong($name, $failure);
            } catch (RecessException) {
                // The first onset is then all that is known of it.
            }
        }

        return $onsets;
    }

    /** Seconds, of +HHMM or +HHMMSS. */
    private static function offset(string $text): int
    {
        if (preg_match('/^([+-])(\d{2})(\d{2})(\d{2})?$/D', trim($text), $part) !== 1) {
            return 0;
        }

        return ($part[1] === '-' ? -1 : 1) * ((int) $part[2] * 3600 + (int) $part[3] * 60 + (int) ($part[4] ?? 0));
    }
}
