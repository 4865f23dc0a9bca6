<?php

declare(strict_types=1);

namespace App\Models;

/** How the tables keep an instant: as DATETIME in UTC. The one place that turns seconds since the epoch into columns and back. */
final class Instant
{
    /** The last that a column can keep: the end of the year 9999. */
    public const FURTHEST = 253_402_300_799;

    public static function column(int $instant): string
    {
        return gmdate('Y-m-d H:i:s', $instant);
    }

    /** @param  string  $column  as column() writes it */
    public static function of(string $column): int
    {
        return (int) strtotime("$column UTC");
    }
}
