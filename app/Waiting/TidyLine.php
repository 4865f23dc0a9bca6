<?php

declare(strict_types=1);

namespace App\Waiting;

use App\Framework\Tidies;
use App\Models\Instant;
use App\Models\Sheet;
use App\Models\Waiting;
use Illuminate\Support\Facades\DB;

/** Ends offers to those who wait, and forgets addresses that have not answered within a day. */
final class TidyLine implements Tidies
{
    public function __construct(private readonly OfferFreed $offer) {}

    public function tidy(int $now): void
    {
        Waiting::query()
            ->whereNull('confirmed_at')
            ->where('created_at', '<=', Instant::column($now - 86_400))
            ->delete();
        $waiting = Waiting::query()
            ->where('offered_until', '<=', Instant::column($now))
            ->pluck('sheet_id')
            ->merge(DB::table('freed')->pluck('sheet_id'))
            ->unique();
        foreach (Sheet::query()->whereIn('id', $waiting)->where('state', 'open')->get() as $sheet) {
            ($this->offer)($sheet, $now);
        }
    }

    /** A sheet that goes takes with it what came free on it. */
    public static function drop(int $sheet): void
    {
        DB::table('freed')->where('sheet_id', $sheet)->delete();
    }
}
