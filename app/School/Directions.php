<?php

declare(strict_types=1);

namespace App\School;

use App\Models\Place;
use App\Models\PlaceKind;
use App\Models\School;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;
use Recess\Names\NameKey;

/**
 * How to get to the place of a meeting: what its sheet says, else what the school says of a room of that name; and the
 * school's picture of the way, where there is one.
 */
final class Directions
{
    /** @var array<int, array<string, SavedPlace>> of each school by the name of the room, in this request */
    private array $rooms = [];

    /** @return array{text: string, picture: string|null} the address of the picture */
    public static function to(Place $place, School $school): array
    {
        $shown = app(self::class)->room($place, $school);

        return [
            'text' => $place->directions ?: $shown->directions ?? '',
            'picture' => $shown?->picturePath(),
        ];
    }

    /** @param  array<string, mixed>  $columns */
    public static function change(SavedPlace $place, array $columns): void
    {
        DB::transaction(static function () use ($place, $columns): void {
            $place->fill($columns)->save();
            School::query()
                ->whereKey($place->school_id)
                ->update(['shown_rooms' => self::shown($place->school_id)->count()]);
        });
    }

    private function room(Place $place, School $school): ?SavedPlace
    {
        if ($school->shown_rooms === 0 || $place->kind !== PlaceKind::Room) {
            return null;
        }
        $this->rooms[$school->id] ??= self::shown($school->id)
            ->get(SavedPlace::SHOWN)
            ->keyBy(static fn(SavedPlace $one): string => NameKey::of($one->label))
            ->all();

        return $this->rooms[$school->id][NameKey::of($place->label)] ?? null;
    }

    /** @return Builder<SavedPlace> */
    private static function shown(int $school): Builder
    {
        return SavedPlace::query()
            ->where('school_id', $school)
            ->whereNull('staff_id')
            ->where('kind', PlaceKind::Room)
            ->where(static fn($one) => $one->where('directions', '<>', '')->orWhereNotNull('picture_key'));
    }
}
