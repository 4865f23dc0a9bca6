<?php

declare(strict_types=1);

namespace App\Timetables;

use App\Framework\AtHand;
use App\Models\Audience;
use App\Models\Sheet;
use App\Models\SheetState;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Recess\Sheet as CoreSheet;
use Recess\Time\LocalDate;

/**
 * All sheets that are open to everybody and not put away, at hand for the pages that show many of them: kept between
 * requests, and read again, those that have changed alone, when the database's stamps say so
 * (docs/decisions/0011-rush.md). The list is light; what the core needs of a sheet is kept apart, so that a page costs
 * what it shows and not what the school has.
 */
final class OpenSheets
{
    private const KEY = 'open sheets';

    private const HOUR = 3600;

    /** All that a listed sheet is made of: itself and its parts, its host, its colleagues, its school. */
    private const STAMP = 'CONCAT_WS(".", sheets.id, sheets.stamp, staff.stamp, schools.stamp, (SELECT SUM(others.stamp) FROM sheet_hosts JOIN staff AS others ON others.id = sheet_hosts.staff_id WHERE sheet_hosts.sheet_id = sheets.id))';

    /** @return array<int, Listed> by number, in the order of their titles */
    public static function all(LocalDate $today): array
    {
        return self::atHand(
            self::KEY,
            $today,
            self::rows()->where('sheets.state', SheetState::Open)->where('sheets.audience', Audience::Anyone),
        );
    }

    /** @return array<int, Listed> those of a round, whomever it is for */
    public static function ofRound(int $round, LocalDate $today): array
    {
        return self::atHand("sheets of round $round", $today, self::rows()->where('sheets.round_id', $round));
    }

    /**
     * What the core needs to judge them.
     *
     * @param  iterable<Listed>  $sheets
     * @return array<int, CoreSheet> by number, in the same order
     */
    public static function cores(iterable $sheets): array
    {
        $keys = [];
        foreach ($sheets as $sheet) {
            $keys[$sheet->id] = self::coreKey($sheet->id, $sheet->stamp);
        }
        /** @var array<string, CoreSheet> $known */
        $known = AtHand::all(array_values($keys));
        $missing = array_diff($keys, array_keys($known));
        foreach ($missing === [] ? [] : self::models(array_keys($missing)) as $sheet) {
            $known[$keys[$sheet->id]] = self::keep($sheet, $keys[$sheet->id]);
        }

        return array_filter(array_map(static fn(string $key): ?CoreSheet => $known[$key] ?? null, $keys));
    }

    /** @return array<int, Listed> */
    private static function atHand(string $key, LocalDate $today, Builder $rows): array
    {
        /** @var array{string, array<int, Listed>}|null $known */
        $known = AtHand::get($key);
        // One row that tells whether anything of any of them has changed; and what repeats without an end reaches
        // further each day.
        $state =
            "$today " .
            json_encode(
                $rows
                    ->clone()
                    ->selectRaw('COUNT(*) AS n, SUM(CRC32(' . self::STAMP . ')) AS stamps')
                    ->first(),
            );
        if ($known !== null && $known[0] === $state) {
            return $known[1];
        }
        $sheets = self::read($rows, $known === null || !str_starts_with($known[0], "$today ") ? [] : $known[1], $today);
        AtHand::put($key, [$state, $sheets], self::HOUR);

        return $sheets;
    }

    /**
     * @param  array<int, Listed>  $known
     * @return array<int, Listed>
     */
    private static function read(Builder $rows, array $known, LocalDate $today): array
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
        foreach ($stale === [] ? [] : self::models($stale) as $sheet) {
            $sheets[$sheet->id] = Listed::of($sheet, $stamps[$sheet->id], $today);
            self::keep($sheet, self::coreKey($sheet->id, $stamps[$sheet->id]));
        }

        return array_filter($sheets);
    }

    /**
     * @param  list<int>  $numbers
     * @return Collection<int, Sheet>
     */
    private static function models(array $numbers): Collection
    {
        return Sheet::query()
            ->whereKey($numbers)
            ->with([...Sheet::PARTS, 'colleagues.colleague'])
            ->get();
    }

    private static function keep(Sheet $sheet, string $key): CoreSheet
    {
        $core = $sheet->toCore();
        AtHand::put($key, $core, self::HOUR);

        return $core;
    }

    private static function coreKey(int $id, string $stamp): string
    {
        return "core of sheet $id at $stamp";
    }

    private static function rows(): Builder
    {
        return DB::table('sheets')
            ->join('staff', 'staff.id', '=', 'sheets.staff_id')
            ->join('schools', 'schools.id', '=', 'staff.school_id')
            ->whereNull('sheets.put_away_at');
    }
}
