<?php

declare(strict_types=1);

namespace App\Directory;

use App\Framework\Tidies;
use App\Models\Secret;

/** What opened a pass or a sheet before its key was renewed; and how a directory was before a file, once that cannot be taken back any more. */
final class TidyDirectory implements Tidies
{
    public function tidy(int $now): void
    {
        Secret::forget($now);
        BroughtIn::forget($now);
    }
}
