<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Accounts\HasLeft;
use App\Framework\Room;
use App\Timetables\RoundsKnow;
use Illuminate\Support\Facades\Event;

/** A whole school's conferences: set up once, planned by each family at once. */
final class RoundsRoom extends Room
{
    public function register(): void
    {
        $this->app->singleton(RoundsKnow::class, RoundsKnown::class);
    }

    public function boot(): void
    {
        parent::boot();
        Event::listen(HasLeft::class, [NotInItAnyMore::class, 'ofLeaving']);
    }

    protected function policies(): array
    {
        return [RoundHost::class => RoundHostPolicy::class];
    }
}
