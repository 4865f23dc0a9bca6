<?php

declare(strict_types=1);

namespace App\Actions;

use App\Failures\SheetInUse;
use App\Models\Block;
use App\Models\Sheet;
use App\Models\SheetState;
use App\Models\StaffMember;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Keeps what the worksheet says, on a new sheet or on one that nobody has booked on yet. */
final class WriteSheet
{
    /** @throws SheetInUse when somebody has booked on it */
    public function __invoke(StaffMember $host, SheetStatement $statement, ?Sheet $sheet = null): Sheet
    {
        return DB::transaction(static function () use ($host, $statement, $sheet): Sheet {
            if ($sheet?->bookings()->exists()) {
                throw new SheetInUse;
            }
            $sheet ??= new Sheet(['staff_id' => $host->id, 'state' => SheetState::Draft, 'slug' => self::freeSlug($statement->title, $host->name)]);
            $sheet->fill([
                'title' => $statement->title,
                'intro' => $statement->intro,
                'seats' => $statement->seats,
                'lead_minutes' => $statement->lead,
            ])->save();

            $sheet->blocks()->delete();
            $sheet->blocks()->create(Block::columnsOf($statement->pattern, $statement->hours, $statement->cut));
            $sheet->places()->delete();
            $sheet->places()->create([
                'kind' => $statement->placeKind,
                'label' => $statement->placeLabel,
                'link' => $statement->placeLink,
                'directions' => $statement->directions,
            ]);

            return $sheet->refresh();
        });
    }

    /** The title as an address; with the host's name, and then a number, where another sheet has that already. */
    private static function freeSlug(string $title, string $host): string
    {
        $base = Str::limit(Str::slug($title), 40, '') ?: 'sheet';
        $named = Str::limit($base.'-'.Str::slug($host), 70, '');
        $taken = Sheet::query()->where('slug', 'like', $base.'%')->pluck('slug')->flip();
        foreach ([$base, $named] as $slug) {
            if (! $taken->has($slug)) {
                return $slug;
            }
        }
        for ($n = 2; $taken->has("$named-$n"); $n++);

        return "$named-$n";
    }
}
