<?php

declare(strict_types=1);

namespace Recess\Quick;

use Recess\Time\LocalDate;

/** Days by which a school year goes, and which have names. */
final class Feasts
{
    public const NAMES = ['christmas', 'easter'];

    /** The next one that is not before that date: Christmas Day, or Easter Sunday of the western churches. */
    public static function next(string $name, LocalDate $from): LocalDate
    {
        [$year] = $from->parts();
        $in = static fn(int $year): LocalDate => $name === 'easter'
            ? self::easter($year)
            : LocalDate::of($year, 12, 25);

        return $in($year)->isBefore($from) ? $in($year + 1) : $in($year);
    }

    /** The Gregorian reckoning in Meeus' form (Astronomical Algorithms, chapter 8); checked against python-dateutil's. */
    private static function easter(int $year): LocalDate
    {
        $century = intdiv($year, 100);
        $shift = $century - intdiv($century, 4) - intdiv(8 * $century + 13, 25) + 15;
        $moon = (19 * ($year % 19) + $shift) % 30;
        $moon -= $moon > 28 || ($moon === 28 && $year % 19 > 10) ? 1 : 0;
        $sunday = ($year + intdiv($year, 4) + $moon + 2 - $century + intdiv($century, 4)) % 7;
        $day = 28 + $moon - $sunday;

        return $day > 31 ? LocalDate::of($year, 4, $day - 31) : LocalDate::of($year, 3, $day);
    }
}
