<?php

declare(strict_types=1);

namespace App\Timetables;

use App\Framework\Room;
use App\Models\Sheet;
use Illuminate\Support\Facades\Route;

/** Sheets and what is known of them, read for the core to judge. */
final class TimetablesRoom extends Room
{
    public function boot(): void
    {
        parent::boot();
        // An address that a sheet once had leads to it still.
        Route::bind('sheet', static function (string $value, \Illuminate\Routing\Route $route): Sheet {
            if (($route->bindingFieldFor('sheet') ?? 'id') === 'id') {
                return Sheet::query()->find($value) ?? abort(404);
            }

            return SheetAtHand::now($value) ?? (Sheet::query()->find(FormerSlugs::sheet($value)) ?? abort(404));
        });
    }
}
