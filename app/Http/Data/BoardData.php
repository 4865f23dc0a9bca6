<?php

declare(strict_types=1);

namespace App\Http\Data;

use App\Models\HostRole;
use App\Models\School;
use App\Models\Sheet;
use App\Models\SheetKind;
use App\Models\SheetState;
use App\Models\StaffMember;
use App\Timetables\Onlooker;
use App\Timetables\SheetTimetable;
use App\Wording\Spell;
use Illuminate\Database\Eloquent\Builder;
use Recess\Time\LocalDate;
use Recess\Time\TimeNotValid;

/** What anybody can see of the school: whose doors are open, and how much is still free. */
final class BoardData
{
    /** Days of one look at several hosts. */
    private const DAYS = 14;

    /** @return array<string, mixed> props of web/pages/Board.svelte */
    public static function board(int $now): array
    {
        $doors = $titled = [];
        foreach (self::open()->orderBy('title')->get() as $sheet) {
            $timetable = new SheetTimetable($sheet, $now, Onlooker::unknown());
            $free = $timetable->free();
            foreach ($sheet->whomToMeet() as $host) {
                $doors[$host->id] ??= VisitSheetData::host($host) + ['sheets' => []];
                $doors[$host->id]['sheets'][] = [
                    'path' => self::path($sheet, $host), 'title' => $sheet->title, 'place' => $sheet->places->map(static fn ($place): string => $place->label)->implode(', '),
                    'free' => count($free), 'next' => $free === [] ? null : ucfirst(Spell::ahead($free[0]->slot->start, $now, $timetable->zone)),
                ];
            }
            if ($sheet->kind === SheetKind::Conferences) {
                $titled[$sheet->title][] = $timetable;
            }
        }
        usort($doors, static fn (array $a, array $b): int => strcoll((string) $a['name'], (string) $b['name']));

        return ['school' => self::school(), 'rounds' => self::rounds($titled, $now), 'doors' => $doors, 'titles' => self::titles()];
    }

    /**
     * Conferences that several hosts hold under one title are a round of the school's; those still to come.
     *
     * @param  array<string, list<SheetTimetable>>  $titled
     * @return list<array{title: string, path: string, hosts: int, free: int, when: string}> as Round in docs/formats/recess.openapi.yaml, the soonest first
     */
    private static function rounds(array $titled, int $now): array
    {
        $rounds = [];
        foreach ($titled as $title => $timetables) {
            $days = $free = [];
            foreach ($timetables as $timetable) {
                foreach ($timetable->offers() as $offer) {
                    if ($offer->slot->start > $now) {
                        $days[] = $timetable->zone->dayAt($offer->slot->start);
                    }
                }
                $free[] = count($timetable->free());
            }
            if (count($timetables) > 1 && $days !== []) {
                $first = LocalDate::fromDay(min($days));
                $rounds[min($days)." $title"] = [
                    'title' => $title, 'path' => '/find?'.http_build_query(['about' => $title, 'from' => (string) $first, 'to' => (string) LocalDate::fromDay(min(max($days), $first->day + self::DAYS - 1))]),
                    'hosts' => count($timetables), 'free' => array_sum($free), 'when' => Spell::date($first),
                ];
            }
        }
        ksort($rounds, SORT_NATURAL);

        return array_values($rounds);
    }

    /** @return array<string, mixed> props of web/pages/Door.svelte */
    public static function door(StaffMember $staff, int $now): array
    {
        $theirs = self::open()->where(static fn (Builder $sheets) => $sheets->where('staff_id', $staff->id)
            ->orWhereHas('colleagues', static fn (Builder $colleagues) => $colleagues->where('staff_id', $staff->id)->where('role', HostRole::Any)));

        return [
            'school' => $staff->school->name,
            'host' => VisitSheetData::host($staff),
            'sheets' => array_values($theirs->orderBy('title')->get()->map(static function (Sheet $sheet) use ($staff, $now): array {
                $timetable = new SheetTimetable($sheet, $now, Onlooker::unknown());
                $free = $timetable->free();

                return [
                    'path' => self::path($sheet, $staff), 'title' => $sheet->title, 'intro' => $sheet->intro, 'free' => count($free),
                    'next' => $free === [] ? null : Spell::date($timetable->zone->dateAt($free[0]->slot->start)).', '.Spell::time($free[0]->slot->start, $timetable->zone),
                ];
            })->all()),
        ];
    }

    /** The way to a sheet from somebody's door: of several hosts, it leads to them. */
    private static function path(Sheet $sheet, StaffMember $host): string
    {
        return '/s/'.$sheet->slug.($sheet->anyOne() === [] ? '' : '?with='.$host->slug);
    }

    /** @return array<string, mixed> props of web/pages/Find.svelte */
    public static function find(string $about, string $from, string $to, int $now): array
    {
        $zone = School::query()->firstOrFail()->timeZone();
        $today = $zone->dateAt($now);
        $first = self::date($from) ?? $today;
        $first = $first->isBefore($today) ? $today : $first;
        $last = self::date($to) ?? $first->plusDays(6);
        $last = $last->isBefore($first) ? $first : $last;
        $before = $last->day - $first->day >= self::DAYS ? $first->plusDays(self::DAYS) : $last->plusDays(1);
        $rows = [];
        foreach (self::open()->where('title', $about)->get() as $sheet) {
            $timetable = new SheetTimetable($sheet, $now, Onlooker::unknown(), $first, $before);
            foreach ($timetable->pieces as $pieces) {
                $rows[$zone->dayAt($pieces->stretch->start)][$sheet->id] ??= [$sheet, $timetable];
            }
        }
        ksort($rows);

        return ['school' => self::school(), 'titles' => self::titles(), 'about' => $about, 'from' => (string) $first, 'to' => (string) $before->plusDays(-1), 'days' => self::rulers($rows, $zone, $now)];
    }

    /**
     * @param  array<int, array<int, array{Sheet, SheetTimetable}>>  $rows  by day and sheet
     * @return list<array{label: string, rows: list<array{path: string, host: string, subject: string, ruler: array<string, mixed>}>}>
     */
    private static function rulers(array $rows, \Recess\Time\Zone $zone, int $now): array
    {
        $days = [];
        foreach ($rows as $day => $sheets) {
            $pieces = $offers = [];
            foreach ($sheets as $id => [, $timetable]) {
                $pieces[$id] = array_values(array_filter($timetable->pieces, static fn ($one): bool => $zone->dayAt($one->stretch->start) === $day));
                $offers[$id] = $timetable->offers();
            }
            $scale = RulerData::scale($zone, array_merge(...$pieces));
            $shown = [];
            foreach ($sheets as $id => [$sheet]) {
                $shown[] = [
                    'path' => '/s/'.$sheet->slug, 'host' => $sheet->host->name, 'subject' => $sheet->host->subject,
                    'ruler' => RulerData::days($zone, $pieces[$id], $offers[$id], $now, new RulerNotes(scale: $scale))[0],
                ];
            }
            $days[] = ['label' => Spell::date(LocalDate::fromDay($day)), 'rows' => $shown];
        }

        return $days;
    }

    private static function date(string $text): ?LocalDate
    {
        try {
            return $text === '' ? null : LocalDate::parse($text);
        } catch (TimeNotValid) {
            return null;
        }
    }

    private static function school(): string
    {
        return School::query()->first()->name ?? 'Our school';
    }

    /** @return list<string> what meetings can be about: the titles of open sheets */
    private static function titles(): array
    {
        return array_values(array_filter(self::open()->orderBy('title')->pluck('title')->unique()->all(), is_string(...)));
    }

    /** @return Builder<Sheet> */
    private static function open(): Builder
    {
        return Sheet::query()->where('state', SheetState::Open)->whereNull('put_away_at')->with(['host.school', 'blocks', 'places', 'colleagues', 'slotChanges']);
    }
}
