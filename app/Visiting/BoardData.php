<?php

declare(strict_types=1);

namespace App\Visiting;

use App\Framework\Spell;
use App\Models\HostRole;
use App\Models\School;
use App\Models\Sheet;
use App\Models\SheetKind;
use App\Models\SheetState;
use App\Models\StaffMember;
use App\Timetables\Judge;
use App\Timetables\SheetAtHand;
use Illuminate\Database\Eloquent\Builder;
use Recess\Time\LocalDate;
use Recess\Time\Span;

/** What anybody can see of the school: whose doors are open, and when each is free next. */
final class BoardData
{
    /** Days of one look at several hosts. */
    public const DAYS = 14;

    /**
     * @param  int  $now  seconds since the epoch
     * @return array<string, mixed> props of web/pages/Board.svelte
     */
    public static function board(int $now): array
    {
        $sheets = SheetAtHand::open();
        $free = Judge::firstFreeOfAll($sheets, $now);
        $doors = $titled = [];
        foreach ($sheets as $sheet) {
            foreach ($sheet->whomToMeet() as $host) {
                $doors[$host->id] ??= VisitSheetData::host($host) + ['sheets' => []];
                $doors[$host->id]['sheets'][] = [
                    'path' => self::path($sheet, $host), 'title' => $sheet->title,
                    'place' => $sheet->places->map(static fn ($place): string => $place->label)->implode(', '),
                    'next' => self::next($sheet, $free[$sheet->id] ?? null, $now),
                ];
            }
            if ($sheet->kind === SheetKind::Conferences) {
                $titled[$sheet->title][] = $sheet;
            }
        }
        usort($doors, static fn (array $a, array $b): int => strcoll((string) $a['name'], (string) $b['name']));

        return ['school' => self::school(), 'rounds' => self::rounds($titled, $free, $now), 'doors' => $doors, 'titles' => self::titles($sheets)];
    }

    /**
     * Conferences that several hosts hold under one title are a round of the school's; those still to come.
     *
     * @param  array<string, list<Sheet>>  $titled
     * @param  array<int, Span>  $free  the first free time of each sheet
     * @return list<array{title: string, path: string, hosts: int, free: int, when: string}> as Round in docs/formats/recess.openapi.yaml, the soonest first
     */
    private static function rounds(array $titled, array $free, int $now): array
    {
        $rounds = [];
        foreach ($titled as $title => $sheets) {
            $first = $last = null;
            foreach (count($sheets) > 1 ? $sheets : [] as $sheet) {
                $core = $sheet->toCore();
                $today = $core->zone->dateAt($now);
                [$dates] = $core->firstDates($today, self::DAYS, $today, $now);
                $first = $dates === null ? $first : min($first ?? PHP_INT_MAX, $dates->first->day);
                $last = $dates === null ? $last : max($last ?? 0, $dates->last->day);
            }
            if ($first !== null && $last !== null) {
                $rounds["$first $title"] = [
                    'title' => (string) $title, 'path' => '/find?'.http_build_query(['about' => $title, 'from' => (string) LocalDate::fromDay($first), 'to' => (string) LocalDate::fromDay(min($last, $first + self::DAYS - 1))]),
                    'hosts' => count($sheets), 'free' => count(array_filter($sheets, static fn (Sheet $sheet): bool => isset($free[$sheet->id]))),
                    'when' => Spell::date(LocalDate::fromDay($first)),
                ];
            }
        }
        ksort($rounds, SORT_NATURAL);

        return array_values($rounds);
    }

    /**
     * @param  int  $now  seconds since the epoch
     * @return array<string, mixed> props of web/pages/Door.svelte
     */
    public static function door(StaffMember $staff, int $now): array
    {
        $theirs = self::open()->where(static fn (Builder $sheets) => $sheets->where('staff_id', $staff->id)
            ->orWhereHas('colleagues', static fn (Builder $colleagues) => $colleagues->where('staff_id', $staff->id)->where('role', HostRole::Any)))->orderBy('title')->get();
        $free = Judge::firstFreeOfAll($theirs->all(), $now);

        return [
            'school' => $staff->school->name,
            'host' => VisitSheetData::host($staff),
            'sheets' => array_values($theirs->map(static fn (Sheet $sheet): array => [
                'path' => self::path($sheet, $staff), 'title' => $sheet->title, 'intro' => $sheet->intro, 'next' => self::next($sheet, $free[$sheet->id] ?? null, $now),
            ])->all()),
        ];
    }

    private static function next(Sheet $sheet, ?Span $free, int $now): ?string
    {
        if ($free === null) {
            return null;
        }
        $zone = $sheet->toCore()->zone;

        return $free->start - $now < 2 * 86_400 ? Spell::ahead($free->start, $now, $zone) : Spell::shortDate($zone->dateAt($free->start)).', '.Spell::time($free->start, $zone);
    }

    /** The way to a sheet from somebody's door: of several hosts, it leads to them. */
    private static function path(Sheet $sheet, StaffMember $host): string
    {
        return '/s/'.$sheet->slug.($sheet->canChooseHost() ? '?with='.$host->slug : '');
    }

    public static function school(): string
    {
        return School::query()->first()->name ?? 'Our school';
    }

    /**
     * @param  array<Sheet>  $sheets
     * @return list<string> what meetings can be about: the titles of open sheets
     */
    public static function titles(array $sheets): array
    {
        $titles = array_unique(array_map(static fn (Sheet $sheet): string => $sheet->title, $sheets));
        sort($titles);

        return $titles;
    }

    /** @return Builder<Sheet> */
    public static function open(): Builder
    {
        return Sheet::query()->where('state', SheetState::Open)->whereNull('put_away_at')->with(Sheet::PARTS);
    }
}
