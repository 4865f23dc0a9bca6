<?php

declare(strict_types=1);

namespace App\Directory;

use App\Framework\Tidies;
use App\Models\Secret;

/** What opened a pass or a sheet before its key was renewed, and opens nothing any more. */
final class TidySecrets implements Tidies
{
    public function tidy(int $now): void
    {
        Secret::forget($now);
    }
}
