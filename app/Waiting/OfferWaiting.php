<?php

declare(strict_types=1);

namespace App\Waiting;

use App\Framework\Clock;
use App\Models\Sheet;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Offers what is free on a sheet to those who wait. Queued in the transaction that frees it. */
final class OfferWaiting implements ShouldQueue
{
    use Queueable;

    public int $tries = 5;

    public function __construct(private readonly int $sheet) {}

    public function handle(OfferFreed $offer): void
    {
        $sheet = Sheet::query()->find($this->sheet);
        if ($sheet !== null) {
            $offer($sheet, Clock::now());
        }
    }
}
