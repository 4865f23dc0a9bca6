<?php

declare(strict_types=1);

namespace App\Passes;

use App\Booking\PassWanted;
use App\Models\Pass;
use App\Models\School;
use Illuminate\Contracts\Queue\ShouldBeEncrypted;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Looks for the passes of an address, in its own time, and has a letter sent that leads to them. */
final class LookForPasses implements ShouldBeEncrypted, ShouldQueue
{
    use Queueable;

    private const MOST = 10;

    public int $tries = 3;

    public function __construct(private readonly string $email) {}

    public function handle(): void
    {
        $passes = Pass::query()->where('email', $this->email)->orderByDesc('id')->limit(self::MOST)->get();
        $newest = $passes->first();
        if ($newest !== null) {
            event(
                new PassWanted(
                    $newest,
                    array_values(array_map(intval(...), $passes->skip(1)->pluck('id')->all())),
                    School::here($newest)->name,
                ),
            );
        }
    }
}
