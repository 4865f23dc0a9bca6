<?php

declare(strict_types=1);

namespace App\Writing;

use App\Accounts\HasLeft;
use App\Framework\Room;
use Illuminate\Support\Facades\Event;

/** A worksheet while it is written: drawn, kept as a draft, read into a statement. */
final class WritingRoom extends Room
{
    protected function tidies(): array
    {
        return [TidyDrafts::class];
    }

    public function boot(): void
    {
        parent::boot();
        Event::listen(HasLeft::class, static function (HasLeft $event): void {
            Draft::query()->where('staff_id', $event->staff->id)->delete();
        });
    }
}
