<?php

declare(strict_types=1);

namespace App\Timetables;

use App\Framework\Room;
use App\Models\Sheet;
use Illuminate\Support\Facades\Route;
use Recess\Time\Zone;

/** Sheets and what is known of them, read for the core to judge. */
final class TimetablesRoom extends Room
{
    public function boot(): void
    {
        parent::boot();
        if (apcu_enabled()) {
            $key = static fn(string $zone): string => 'zone ' . timezone_version_get() . " $zone";
            Zone::keptBy(static function (string $zone) use ($key): ?array {
                /** @var array{non-empty-list<int>, non-empty-list<int>, list<int>}|false $kept */
                $kept = apcu_fetch($key($zone));

                return $kept ?: null;
            }, static fn(string $zone, array $changes): bool => apcu_store($key($zone), $changes));
        }
        // An address that a sheet once had leads to it still.
        Route::bind('sheet', static function (string $value, \Illuminate\Routing\Route $route): Sheet {
            if (($route->bindingFieldFor('sheet') ?? 'id') === 'id') {
                return Sheet::query()->find($value) ?? abort(404);
            }

            return SheetAtHand::now($value) ?? (Sheet::query()->find(FormerSlugs::sheet($value)) ?? abort(404));
        });
    }
}
