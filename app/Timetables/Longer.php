<?php

declare(strict_types=1);

namespace App\Timetables;

use App\Directory\Student;
use App\Models\Booking;
use Illuminate\Support\Facades\DB;

/** Whom a teacher of a round meets for longer: so many of their times in a row. */
final class Longer
{
    /**
     * Only where the pass is that of a guardian of the student: who types a name is told nothing of it.
     *
     * @param  list<int>  $sheets
     * @param  string  $key  of the student, as Booking::studentKey() makes it
     * @return array<int, int> by sheet: how many times in a row, where it is more than one
     */
    public static function times(array $sheets, int $pass, string $key): array
    {
        $rows = DB::table('passes')->join('guardian_student', 'guardian_student.guardian_id', '=', 'passes.guardian_id')
            ->join('round_longer', 'round_longer.student_id', '=', 'guardian_student.student_id')
            ->join('round_hosts', 'round_hosts.id', '=', 'round_longer.round_host_id')
            ->where('passes.id', $pass)->whereNull('guardian_student.put_away_at')->whereIn('round_hosts.sheet_id', $sheets)
            ->get(['round_hosts.sheet_id', 'round_longer.student_id', 'round_longer.times']);
        $students = $rows->isEmpty() ? [] : Student::query()->whereKey($rows->pluck('student_id')->unique())->with('classes')->get()
            ->filter(static fn (Student $one): bool => Booking::studentKey($one->name()) === $key)->modelKeys();

        return $rows->whereIn('student_id', $students)->mapWithKeys(static fn (\stdClass $row): array => [(int) $row->sheet_id => (int) $row->times])->all();
    }

    /**
     * The same of a whole round.
     *
     * @return array<int, array<int, int>> by sheet and student
     */
    public static function ofRound(int $round): array
    {
        $times = [];
        $rows = DB::table('round_longer')->join('round_hosts', 'round_hosts.id', '=', 'round_longer.round_host_id')
            ->where('round_id', $round)->whereNotNull('sheet_id')->get(['sheet_id', 'student_id', 'times']);
        foreach ($rows as $row) {
            $times[(int) $row->sheet_id][(int) $row->student_id] = (int) $row->times;
        }

        return $times;
    }
}
