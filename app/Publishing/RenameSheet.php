<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Models\Sheet;
use Illuminate\Support\Facades\DB;

/** Gives a sheet another address; every one that it had before goes on working. */
final class RenameSheet
{
    public function __invoke(Sheet $sheet, string $slug): Sheet
    {
        return DB::transaction(static function () use ($sheet, $slug): Sheet {
            DB::table('sheet_slugs')->where('sheet_id', $sheet->id)->where('slug', $slug)->delete();
            if ($sheet->slug !== $slug) {
                DB::table('sheet_slugs')->insert(['slug' => $sheet->slug, 'sheet_id' => $sheet->id]);
                $sheet->update(['slug' => $slug]);
            }

            return $sheet;
        });
    }
}
