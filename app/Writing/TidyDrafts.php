<?php

declare(strict_types=1);

namespace App\Writing;

use App\Framework\Tidies;
use App\Models\Instant;

/** What was typed and never saved is not kept for ever. */
final class TidyDrafts implements Tidies
{
    public function tidy(int $now): void
    {
        Draft::query()->where('updated_at', '<=', Instant::column($now - 60 * 86_400))->limit(500)->delete();
    }
}
