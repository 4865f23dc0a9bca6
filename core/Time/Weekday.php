<?php

declare(strict_types=1);

namespace Recess\Time;

/** A day of the week, numbered as in ISO 8601; the week starts on Monday. */
enum Weekday: int
{
    case Monday = 1;
    case Tuesday = 2;
    case Wednesday = 3;
    case Thursday = 4;
    case Friday = 5;
    case Saturday = 6;
    case Sunday = 7;

    /** The two letters of RFC 5545, 3.3.10: MO … SU. */
    public function ical(): string
    {
        return strtoupper(substr($this->name, 0, 2));
    }

    /** @throws TimeNotValid when the letters name no day */
    public static function fromIcal(string $letters): self
    {
        foreach (self::cases() as $day) {
            if ($day->ical() === strtoupper($letters)) {
                return $day;
            }
        }

        throw TimeNotValid::noSuchDate($letters);
    }
}
