<?php

declare(strict_types=1);

namespace App\Timetables;

use Illuminate\Support\Facades\DB;

/** The ends of addresses that sheets once had: they lead there still, and no other sheet gets one. */
final class FormerSlugs
{
    /** The number of the sheet that once had it; null when none had. */
    public static function sheet(string $slug): ?int
    {
        $sheet = DB::table('sheet_slugs')->where('slug', $slug)->value('sheet_id');

        return $sheet === null ? null : (int) $sheet;
    }

    public static function keep(int $sheet, string $slug): void
    {
        DB::table('sheet_slugs')->insertOrIgnore(['slug' => $slug, 'sheet_id' => $sheet]);
    }

    /** It has that one again. */
    public static function again(int $sheet, string $slug): void
    {
        DB::table('sheet_slugs')->where('slug', $slug)->where('sheet_id', $sheet)->delete();
    }
}
