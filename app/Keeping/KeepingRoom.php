<?php

declare(strict_types=1);

namespace App\Keeping;

use App\Framework\Room;
use App\Models\Pass;
use App\Passes\OtherPages;
use Illuminate\Support\Facades\Route;

/** What is kept of people, for how long, and who did what. */
final class KeepingRoom extends Room
{
    public function register(): void
    {
        $this->app->bind(OtherPages::class, SamePerson::class);
    }

    public function boot(): void
    {
        parent::boot();
        Route::bind('mailbox', static fn(string $key): Pass => SamePerson::opened($key) ?? abort(404));
    }
}
