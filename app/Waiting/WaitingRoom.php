<?php

declare(strict_types=1);

namespace App\Waiting;

use App\Booking\BookingNews;
use App\Framework\Room;
use App\Models\Secret;
use App\Models\Waiting;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Route;

/** The line at a sheet: who waits for a time, and what newly came free for them. */
final class WaitingRoom extends Room
{
    protected function tidies(): array
    {
        return [TidyLine::class];
    }

    public function boot(): void
    {
        parent::boot();
        Event::listen(BookingNews::class, OfferWhatIsFree::class);
        Route::bind(
            'waiting',
            static fn(string $token): Waiting => Waiting::query()->where('token_hash', Secret::hash($token))->first() ??
                (Waiting::query()->find(Secret::formerly('waiting', $token)) ?? abort(404)),
        );
    }
}
