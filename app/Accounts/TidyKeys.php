<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Framework\Tidies;
use App\Models\Instant;

/** Keys that open no account any more. */
final class TidyKeys implements Tidies
{
    public function tidy(int $now): void
    {
        AccountKey::query()->where('until', '<=', Instant::column($now - 86_400))->delete();
    }
}
