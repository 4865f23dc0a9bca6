<?php

declare(strict_types=1);

namespace Recess\Calendars;

use Recess\Time\LocalDate;
use Recess\Time\TimeNotValid;
use Recess\Time\Zone;
use Sabre\VObject\Property;

/** A DATE or DATE-TIME of iCalendar: a clock reading in a zone (RFC 5545, 3.3.4 and 3.3.5). */
final readonly class Moment
{
    public function __construct(
        /** Date and clock time as the seconds they would be in UTC. */
        public int $reading,
        public Zone $zone,
        public bool $isDate,
    ) {}

    /**
     * The values of a property such as DTSTART or EXDATE; the start of each where they are periods.
     *
     * @return list<self>
     *
     * @throws TimeNotValid
     */
    public static function all(Property $property, Zones $zones): array
    {
        $name = Fields::parameter($property, 'TZID');
        $zone = $name === '' ? $zones->floating : $zones->named($name);

        return array_map(
            static fn(string $text): self => self::read(explode('/', $text)[0], $zone),
            array_values(array_filter(array_map(trim(...), explode(',', (string) $property)))),
        );
    }

    /** @throws TimeNotValid */
    public static function read(string $text, Zone $zone): self
    {
        if (preg_match('/^(\d{4})(\d{2})(\d{2})(?:T(\d{2})(\d{2})(\d{2})(Z?))?$/Di', $text, $part) !== 1) {
            throw TimeNotValid::noSuchDate($text);
        }
        $day = LocalDate::of((int) $part[1], (int) $part[2], (int) $part[3])->day;
        if (!isset($part[4])) {
            return new self($day * 86_400, $zone, true);
        }
        [$hour, $minute, $second] = [(int) $part[4], (int) ($part[5] ?? 0), min(59, (int) ($part[6] ?? 0))];
        if ($hour > 23 || $minute > 59) {
            throw TimeNotValid::noSuchTime($text);
        }

        return new self(
            $day * 86_400 + $hour * 3600 + $minute * 60 + $second,
            ($part[7] ?? '') === '' ? $zone : Zone::of('UTC'),
            false,
        );
    }

    public function instant(): int
    {
        return $this->zone->instantOf($this->reading);
    }

    public function at(int $reading): self
    {
        return new self($reading, $this->zone, $this->isDate);
    }
}
