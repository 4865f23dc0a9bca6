<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Models\Sheet;
use App\Timetables\FormerSlugs;
use Illuminate\Support\Facades\DB;

/** Gives a sheet another address; every one that it had before goes on working. */
final class RenameSheet
{
    public function __invoke(Sheet $sheet, string $slug): Sheet
    {
        return DB::transaction(static function () use ($sheet, $slug): Sheet {
            FormerSlugs::again($sheet->id, $slug);
            if ($sheet->slug !== $slug) {
                FormerSlugs::keep($sheet->id, $sheet->slug);
                $sheet->update(['slug' => $slug]);
            }

            return $sheet;
        });
    }
}
