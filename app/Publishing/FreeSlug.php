<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Models\Sheet;
use App\Timetables\FormerSlugs;
use Illuminate\Support\Str;

/** The title as an address; with the host's name, and then a number, where another sheet has or had that already. */
final class FreeSlug
{
    public static function for(string $title, string $host): string
    {
        $base = Str::limit(Str::slug($title), 40, '') ?: 'sheet';
        $named = Str::limit($base . '-' . Str::slug($host), 70, '');
        foreach ([$base, $named] as $slug) {
            if (!self::taken($slug)) {
                return $slug;
            }
        }
        for ($n = 2; self::taken("$named-$n"); $n++);

        return "$named-$n";
    }

    public static function taken(string $slug, ?int $butFor = null): bool
    {
        return Sheet::query()
            ->where('slug', $slug)
            ->where('id', '!=', $butFor ?? 0)
            ->exists() || !in_array(FormerSlugs::sheet($slug), [null, $butFor], true);
    }
}
