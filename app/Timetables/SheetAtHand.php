<?php

declare(strict_types=1);

namespace App\Timetables;

use App\Framework\AtHand;
use App\Models\Sheet;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/**
 * Sheets with all that they are made of, at hand for visitors: the web server's processes share what one of them has
 * read, until the database's stamp says that something of it has changed (docs/decisions/0011-rush.md).
 */
final class SheetAtHand
{
    private const HOUR = 3600;

    /** The sheet as it is now. */
    public static function now(string $slug): ?Sheet
    {
        $known = self::recalled($slug);

        return $known !== null && self::stamp(self::rows()->where('sheets.slug', $slug)) === self::stampOf($known)
            ? $known
            : self::read($slug);
    }

    /**
     * The same sheet, read again if it has changed. Inside a transaction that has raised the sheet's guard nobody changes
     * it until the end, so what is decided by it holds.
     */
    public static function held(Sheet $sheet): Sheet
    {
        $stamp = self::stamp(self::rows()->where('sheets.id', $sheet->id));
        if ($stamp === self::stampOf($sheet)) {
            return $sheet;
        }

        return self::read($sheet->slug) ?? $sheet->refresh();
    }

    private static function read(string $slug): ?Sheet
    {
        $sheet = Sheet::query()->where('slug', $slug)->with(Sheet::PARTS)->first();
        if ($sheet !== null && AtHand::isThere()) {
            $sheet->atHand();
            // That there is a picture is all a page asks of it.
            $host = (clone $sheet->host)->setRawAttributes(
                ['picture' => $sheet->host->picture === null ? null : ''] + $sheet->host->getAttributes(),
                sync: true,
            );
            AtHand::put("sheet|$slug", (clone $sheet)->setRelation('host', $host), self::HOUR);
            AtHand::put("sheet's stamp|$slug", [$sheet->id, $sheet->stamp], self::HOUR);
        }

        // Storing it has taken from its parts what loads the rest of them when that is asked for (Model::__sleep).
        $sheet?->autoloadRelationsUsing(
            static fn(array $path) => $sheet->newCollection([$sheet])->loadMissingRelationshipChain($path),
            $sheet,
        );

        return $sheet;
    }

    /** @return array{int, int}|null a sheet's number and stamp, as whoever read it last has found them */
    public static function glimpse(string $slug): ?array
    {
        /** @var array{int, int}|null $known */
        $known = AtHand::get("sheet's stamp|$slug");

        return $known;
    }

    private static function recalled(string $slug): ?Sheet
    {
        $known = AtHand::get("sheet|$slug");

        if (!($known instanceof Sheet)) {
            return null;
        }
        return $known->withRelationshipAutoloading();
    }

    private static function rows(): Builder
    {
        return DB::table('sheets')
            ->join('staff', 'staff.id', '=', 'sheets.staff_id')
            ->join('schools', 'schools.id', '=', 'staff.school_id')
            ->select(['sheets.stamp', 'staff.stamp as of_host', 'schools.stamp as of_school']);
    }

    private static function stamp(Builder $rows): string
    {
        $row = $rows->first();

        return $row === null ? '' : "$row->stamp.$row->of_host.$row->of_school";
    }

    private static function stampOf(Sheet $sheet): string
    {
        return "$sheet->stamp.{$sheet->host->stamp}.{$sheet->host->school->stamp}";
    }
}
