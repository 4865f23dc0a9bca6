<?php

declare(strict_types=1);

namespace App\Live;

use App\Framework\HasUntold;
use Illuminate\Support\Facades\DB;

/** Stamps that no web server has been told yet. */
final class Untold implements HasUntold
{
    public function untold(int $atMost): int
    {
        return DB::table('stamps')->limit($atMost)->pluck('id')->count();
    }
}
