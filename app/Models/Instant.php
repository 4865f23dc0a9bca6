<?php

declare(strict_types=1);

namespace App\Models;

/** How the tables keep an instant: as DATETIME in UTC. The one place that turns seconds since the epoch into columns. */
final class Instant
{
    public static function column(int $instant): string
    {
        return gmdate('Y-m-d H:i:s', $instant);
    }
}
