<?php

declare(strict_types=1);

namespace App\Framework;

/** How pages name a slot: the instant at which it begins, in UTC (RFC 3339). */
final class SlotKey
{
    public const PATTERN = '/^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}:\d{2}Z$/D';

    /** Laravel's rule for one. */
    public const RULE = 'regex:' . self::PATTERN;

    /** @param  int  $start  seconds since the epoch */
    public static function of(int $start): string
    {
        return gmdate('Y-m-d\TH:i:s\Z', $start);
    }

    /** Of a key that has passed the rule, in seconds since the epoch. */
    public static function instant(string $key): int
    {
        return (int) strtotime($key);
    }
}
