<?php

declare(strict_types=1);

namespace App\Http\Data;

use App\Models\School;
use App\Models\Sheet;
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
        $doors = [];
        foreach (self::open()->orderBy('title')->get() as $sheet) {
            $timetable = new SheetTimetable($sheet, $now, Onlooker::unknown());
            $free = $timetable->free();
            $doors[$sheet->staff_id] ??= VisitSheetData::host($sheet->host) + ['sheets' => []];
            $doors[$sheet->staff_id]['sheets'][] = [
                'path' => '/s/'.$sheet->slug, 'title' => $sheet->title, 'place' => $sheet->places->map(static fn ($place): string => $place->label)->implode(', '),
                'free' => count($free), 'next' => $free === [] ? null : ucfirst(Spell::ahead($free[0]->slot->start, $now, $timetable->zone)),
            ];
        }
        usort($doors, static fn (array $a, array $b): int => strcoll((string) $a['name'], (string) $b['name']));

        return ['school' => self::school(), 'doors' => $doors, 'titles' => self::titles()];
    }

    /** @return array<string, mixed> props of web/pages/Door.svelte */
    public static function door(StaffMember $staff, int $now): array
    {
        return [
            'school' => $staff->school->name,
            'host' => VisitSheetData::host($staff),
            'sheets' => array_values(self::open()->where('staff_id', $staff->id)->orderBy('title')->get()->map(static function (Sheet $sheet) use ($now): array {
                $timetable = new SheetTimetable($sheet, $now, Onlooker::unknown());
                $free = $timetable->free();

                return [
                    'path' => '/s/'.$sheet->slug, 'title' => $sheet->title, 'intro' => $sheet->intro, 'free' => count($free),
                    'next' => $free === [] ? null : Spell::date($timetable->zone->dateAt($free[0]->slot->start)).', '.Spell::time($free[0]->slot->start, $timetable->zone),
                ];
            })->all()),
        ];
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
