<?php

declare(strict_types=1);

namespace App\Day;

use App\Framework\Room;
use App\Models\StaffMember;
use App\School\Kiosk;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\Route;

/** The day, for those who run it: desk, entrance, paper, and what is noted afterwards. */
final class DayRoom extends Room
{
    public function boot(): void
    {
        parent::boot();
        Route::bind('kiosk', static fn(string $token): Kiosk => Kiosk::byToken($token) ?? abort(404));
        // Whoever has the tablet's address is at the tablet.
        Gate::define('use-kiosk', static fn(?StaffMember $reader, Kiosk $kiosk): bool => $kiosk->ended_at === null);
        Gate::define(
            'end-kiosk',
            static fn(StaffMember $reader, Kiosk $tablet): bool => $reader->office &&
                $tablet->school_id === $reader->school_id,
        );
    }
}
