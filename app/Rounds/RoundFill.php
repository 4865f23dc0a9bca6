<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Framework\Spell;
use App\Models\Round;
use Illuminate\Support\Facades\DB;

/** While a round runs: how full it is, whose families have not booked, who is over full, which rooms are used twice. */
final class RoundFill
{
    /** @return array<string, mixed> as RoundFill in docs/formats/recess.openapi.yaml */
    public static function of(Round $round, int $now): array
    {
        if ($round->published_at === null) {
            return ['taken' => 0, 'slots' => 0, 'hosts' => [], 'classes' => [], 'twice' => []];
        }
        $sheets = FindPlan::sheets($round);
        $dates = FindPlan::dates($round);
        $taken = DB::table('bookings')->whereIn('sheet_id', array_map(static fn ($one): int => $one->id, array_values($sheets)))->whereNotNull('hold_id')->selectRaw('sheet_id, COUNT(*) AS taken')->groupBy('sheet_id')->get()->mapWithKeys(static fn (\stdClass $row): array => [(int) $row->sheet_id => (int) $row->taken])->all();
        $hosts = $rooms = [];
        foreach ($sheets as $sheet) {
            $slots = $sheet->toCore()->count($dates->first, $dates->last->plusDays(1));
            $hosts[] = ['sheet' => $sheet->id, 'name' => $sheet->host->name, 'taken' => $taken[$sheet->id] ?? 0, 'slots' => $slots];
            $rooms[(string) $sheet->places->first()?->label][] = $sheet->places->first()?->kind->value === 'room' ? $sheet->host->name : null;
        }

        return [
            'taken' => array_sum($taken), 'slots' => array_sum(array_column($hosts, 'slots')), 'hosts' => $hosts, 'classes' => self::classes($round),
            'twice' => array_values(array_filter(array_map(static fn (string $room, array $names): ?array => count(array_filter($names)) > 1 ? ['room' => $room, 'names' => Spell::list(array_values(array_filter($names)))] : null, array_keys($rooms), $rooms))),
        ];
    }

    /** @return list<array{name: string, students: int, missing: int}> by class: for how many nobody has booked */
    private static function classes(Round $round): array
    {
        $rows = DB::table('school_classes')->join('class_student', 'class_student.class_id', '=', 'school_classes.id')->join('students', 'students.id', '=', 'class_student.student_id')
            ->where('school_classes.school_id', $round->school_id)->whereNull('school_classes.put_away_at')->whereNull('students.put_away_at')
            ->when($round->classes !== [], static fn ($query) => $query->whereIn('school_classes.id', $round->classes))
            ->selectRaw('school_classes.name, COUNT(*) AS students, SUM(NOT EXISTS (SELECT 1 FROM bookings JOIN sheets ON sheets.id = bookings.sheet_id WHERE sheets.round_id = ? AND bookings.student_id = students.id AND bookings.hold_id IS NOT NULL)) AS missing', [$round->id])
            ->groupBy('school_classes.id', 'school_classes.name')->orderBy('school_classes.name')->get();

        return array_values($rows->map(static fn (\stdClass $row): array => ['name' => (string) $row->name, 'students' => (int) $row->students, 'missing' => (int) $row->missing])->all());
    }
}
