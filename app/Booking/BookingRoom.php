<?php

declare(strict_types=1);

namespace App\Booking;

use App\Framework\Room;
use App\Models\Booking;
use App\Models\Pass;
use App\Models\Secret;
use App\Models\Waiting;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Route;

/** Keep, book, move, give back, wait: whoever does it. */
final class BookingRoom extends Room
{
    protected function policies(): array
    {
        return [Booking::class => BookingPolicy::class, Pass::class => PassPolicy::class];
    }

    public function register(): void
    {
        $this->app->bind(VideoRooms::class, static function (): VideoRooms {
            $address = config('recess.video_address');

            return is_string($address) && $address !== '' ? new TemplateRooms($address) : new StandInRooms;
        });
    }

    public function boot(): void
    {
        parent::boot();
        Event::listen(BookingNews::class, OfferWhatIsFree::class);
        Route::bind('waiting', static fn (string $token): Waiting => Waiting::query()->where('token_hash', Secret::hash($token))->first() ?? abort(404));
        Route::bind('pass', static fn (string $token): Pass => Pass::byToken($token) ?? abort(404));
    }
}
