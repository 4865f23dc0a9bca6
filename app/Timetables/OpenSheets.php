<?php

declare(strict_types=1);

namespace App\Timetables;

use App\Models\Audience;
use App\Models\Sheet;
use App\Models\SheetState;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/**
 * All sheets that are open to everybody and not put away, at hand for the pages that show many of them: kept between requests, and
 * read again, those that have changed alone, when the database's stamps say so (docs/decisions/0011-rush.md).
 */
final class OpenSheets
{
    private const KEY = 'open sheets';

    private const HOUR = 3600;

    /** All that a listed sheet is made of: itself and its parts, its host, its colleagues, its school. */
    private const STAMP = 'CONCAT_WS(".", sheets.id, sheets.stamp, staff.stamp, schools.stamp, (SELECT SUM(others.stamp) FROM sheet_hosts JOIN staff AS others ON others.id = sheet_hosts.staff_id WHERE sheet_hosts.sheet_id = sheets.id))';

    /** @return array<int, Listed> by number, in the order of their titles */
    public static function all(): array
    {
        return self::atHand(
            self::KEY,
            self::rows()->where('sheets.state', SheetState::Open)->where('sheets.audience', Audience::Anyone),
        );
    }

    /** @return array<int, Listed> those of a round, whomever it is for */
    public static function ofRound(int $round): array
    {
        return self::atHand("sheets of round $round", self::rows()->where('sheets.round_id', $round));
    }

    /** @return array<int, Listed> */
    private static function atHand(string $key, Builder $rows): array
    {
        /** @var array{string, array<int, Listed>}|false $known */
        $known = apcu_enabled() ? apcu_fetch($key) : false;
        // One row that tells whether anything of any of them has changed.
        $state = (string) json_encode(
            $rows
                ->clone()
                ->selectRaw('COUNT(*) AS n, SUM(CRC32(' . self::STAMP . ')) AS stamps')
                ->first(),
        );
        if ($known !== false && $known[0] === $state) {
            return $known[1];
        }
        $sheets = self::read($rows, $known === false ? [] : $known[1]);
        apcu_enabled() && apcu_store($key, [$state, $sheets], self::HOUR);

        return $sheets;
    }

    /**
     * @param  array<int, Listed>  $known
     * @return array<int, Listed>
     */
    private static function read(Builder $rows, array $known): array
    {
        $sheets = $stamps = [];
        foreach (
            $rows
                ->clone()
                ->orderBy('sheets.title')
                ->orderBy('sheets.id')
                ->selectRaw('sheets.id, ' . self::STAMP . ' AS stamp')
                ->get()
            as $row
        ) {
            $one = $known[(int) $row->id] ?? null;
            $sheets[(int) $row->id] = $one?->stamp === $row->stamp ? $one : null;
            $stamps[(int) $row->id] = (string) $row->stamp;
        }
        $stale = array_keys(array_filter($sheets, static fn(?Listed $one): bool => $one === null));
        foreach (
            $stale === []
                ? []
                : Sheet::query()
                    ->whereKey($stale)
                    ->with([...Sheet::PARTS, 'colleagues.colleague'])
                    ->get()
            as $sheet
        ) {
            $sheets[$sheet->id] = Listed::of($sheet, $stamps[$sheet->id]);
        }

        return array_filter($sheets);
    }

    private static function rows(): Builder
    {
        return DB::table('sheets')
            ->join('staff', 'staff.id', '=', 'sheets.staff_id')
            ->join('schools', 'schools.id', '=', 'staff.school_id')
            ->whereNull('sheets.put_away_at');
    }
}
