<?php

declare(strict_types=1);

namespace App\Framework;

use Carbon\CarbonImmutable;

/** What time it is: asked once, at the door of a request, a command or a job, and handed on from there. */
final class Clock
{
    /** Seconds since the epoch. */
    public static function now(): int
    {
        return CarbonImmutable::now()->getTimestamp();
    }
}
