<?php

declare(strict_types=1);

namespace App\Booking;

use App\Accounts\HasLeft;
use App\Calendars\OwnEntries;
use App\Framework\Room;
use App\Models\Booking;
use App\Models\Notice;
use App\Models\Pass;
use App\Models\Sheet;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Route;

/** Keep, book, move, give back: whoever does it. */
final class BookingRoom extends Room
{
    protected function tidies(): array
    {
        return [TidyMeetings::class];
    }

    protected function policies(): array
    {
        return [
            Booking::class => BookingPolicy::class,
            Sheet::class => SheetPolicy::class,
            Pass::class => PassPolicy::class,
        ];
    }

    public function boot(): void
    {
        parent::boot();
        Event::listen(HasLeft::class, static function (HasLeft $event): void {
            Notice::query()->where('staff_id', $event->staff->id)->delete();
        });
        $this->app->tag(MeetingEntries::class, OwnEntries::class);
        Route::bind('pass', static fn(string $token): Pass => Pass::byToken($token) ?? abort(404));
    }
}
