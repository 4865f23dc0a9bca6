<?php

declare(strict_types=1);

namespace App\Live;

use App\Framework\HasUntold;
use App\Framework\Room;
use App\Models\Booking;
use App\Models\Guest;
use App\Models\Place;
use App\Models\Sheet;
use App\Models\Turn;

/** Pages that show what changes are told at once that it did. */
final class LiveRoom extends Room
{
    public function register(): void
    {
        $this->app->singleton(
            Stamps::class,
            static fn(): Stamps => is_string($socket = config('recess.live_socket')) && $socket !== ''
                ? new NginxStamps($socket)
                : new NoStamps(),
        );
    }

    public function boot(): void
    {
        parent::boot();
        $this->app->tag(Untold::class, HasUntold::class);
        Booking::saved(Announce::booking(...));
        Guest::saved(static fn(Guest $guest) => Announce::booking($guest->booking));
        Place::updated(Announce::place(...));
        Sheet::saved(static fn(Sheet $sheet) => Announce::sheet($sheet->id));
        Turn::saved(static fn(Turn $turn) => Announce::desk($turn->staff_id));
    }
}
