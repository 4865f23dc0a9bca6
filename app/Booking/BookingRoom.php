<?php

declare(strict_types=1);

namespace App\Booking;

use App\Framework\Room;
use App\Models\Booking;
use App\Models\Pass;
use Illuminate\Support\Facades\Route;

/** Keep, book, move, give back: whoever does it. */
final class BookingRoom extends Room
{
    protected function policies(): array
    {
        return [Booking::class => BookingPolicy::class, Pass::class => PassPolicy::class];
    }

    public function boot(): void
    {
        parent::boot();
        Route::bind('pass', static fn (string $token): Pass => Pass::byToken($token) ?? abort(404));
    }
}
