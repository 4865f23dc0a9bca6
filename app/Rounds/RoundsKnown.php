<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Directory\Student;
use App\Models\Booking;
use App\Models\Pass;
use App\Plans\Shortlist;
use App\Timetables\RoundsKnow;
use Illuminate\Support\Facades\DB;

/** What is set up for rounds, lent to those who judge their sheets. */
final class RoundsKnown implements RoundsKnow
{
    public function interpreters(int $round): array
    {
        $by = [];
        $rows = DB::table('round_interpreters')->join('staff', 'staff.id', '=', 'round_interpreters.staff_id')->whereNull('staff.left_at')
            ->where('round_id', $round)->orderBy('round_interpreters.id')->get(['language', 'staff_id']);
        foreach ($rows as $row) {
            $by[(string) $row->language][] = (int) $row->staff_id;
        }

        return $by;
    }

    public function languageOf(Pass $pass, int $round): ?string
    {
        $language = Shortlist::query()->where(['round_id' => $round, 'pass_id' => $pass->id])->value('asked->interpreter');

        return is_string($language) && isset($this->interpreters($round)[$language]) ? $language : null;
    }

    public function times(array $sheets, int $pass, string $key): array
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

    public function timesOfRound(int $round): array
    {
        $times = [];
        $rows = DB::table('round_longer')->join('round_hosts', 'round_hosts.id', '=', 'round_longer.round_host_id')
            ->where('round_id', $round)->whereNotNull('sheet_id')->get(['sheet_id', 'student_id', 'times']);
        foreach ($rows as $row) {
            $times[(int) $row->sheet_id][(int) $row->student_id] = (int) $row->times;
        }

        return $times;
    }

    public function asked(int $round, array $students): array
    {
        $asked = [];
        $rows = DB::table('round_asks')->join('round_hosts', 'round_hosts.id', '=', 'round_asks.round_host_id')
            ->where('round_id', $round)->whereNotNull('sheet_id')->whereIn('student_id', $students)->get(['student_id', 'sheet_id']);
        foreach ($rows as $row) {
            $asked[(int) $row->student_id][(int) $row->sheet_id] = true;
        }

        return $asked;
    }
}
