<?php

declare(strict_types=1);

namespace App\Visiting;

use App\Framework\Words;

/** How many times of a sheet can be had; or, of one with none, why not. The one line over its days. */
final class NoTimes
{
    /** @param  array<string, mixed>  $sheet  as VisitSheet in docs/formats/recess.openapi.yaml */
    public static function said(array $sheet): string
    {
        $opens = is_string($sheet['opens'] ?? null) ? $sheet['opens'] : '';
        $none = is_string($sheet['none'] ?? null) ? $sheet['none'] : '';

        return $none === ''
            ? Words::say('booking.times.free', ['free' => is_int($sheet['free']) ? $sheet['free'] : 0])
            : Words::say("booking.times.$none", ['opens' => $opens]);
    }
}
