<?php

declare(strict_types=1);

namespace App\School;

use App\Framework\Tidies;
use App\Models\Instant;

/** Lets go of saved places that were taken away, once nobody puts them back any more. */
final class TidyPlaces implements Tidies
{
    /** Seconds for which one can be put back. */
    private const BACK = 86_400;

    public function tidy(int $now): void
    {
        SavedPlace::withRemoved()->where('removed_at', '<', Instant::column($now - self::BACK))->delete();
    }
}
