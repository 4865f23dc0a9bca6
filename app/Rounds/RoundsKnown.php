<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Directory\Guardian;
use App\Directory\Student;
use App\Models\Pass;
use App\Plans\Shortlist;
use App\Timetables\RoundsKnow;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use Recess\Names\NameKey;

/** What is set up for rounds, lent to those who judge their sheets. */
final class RoundsKnown implements RoundsKnow
{
    public function interpreters(int $round): array
    {
        $by = [];
        $rows = DB::table('round_interpreters')
            ->join('staff', 'staff.id', '=', 'round_interpreters.staff_id')
            ->whereNull('staff.left_at')
            ->where('round_id', $round)
            ->orderBy('round_interpreters.id')
            ->get(['round_interpreters.language', 'staff_id']);
        foreach ($rows as $row) {
            $by[(string) $row->language][] = (int) $row->staff_id;
        }

        return $by;
    }

    public function languageOf(Pass $pass, int $round): ?string
    {
        $language = Shortlist::query()
            ->toBase()
            ->where(['round_id' => $round, 'pass_id' => $pass->id])
            ->value('asked->interpreter');

        return is_string($language) && isset($this->interpreters($round)[$language]) ? $language : null;
    }

    public function times(array $sheets, int $pass, string $key): array
    {
        $children =
            Guardian::ofPass(Pass::query()->find($pass))
                ?->students()
                ->with('classes')
                ->get() ?? new Collection();
        $students = $children->filter(static fn(Student $one): bool => NameKey::of($one->name()) === $key)->modelKeys();

        return $students === []
            ? []
            : array_map(
                intval(...),
                DB::table('round_longer')
                    ->join('round_hosts', 'round_hosts.id', '=', 'round_longer.round_host_id')
                    ->whereIn('round_longer.student_id', $students)
                    ->whereIn('round_hosts.sheet_id', $sheets)
                    ->pluck('round_longer.times', 'round_hosts.sheet_id')
                    ->all(),
            );
    }

    public function timesOfRound(int $round): array
    {
        $times = [];
        $rows = DB::table('round_longer')
            ->join('round_hosts', 'round_hosts.id', '=', 'round_longer.round_host_id')
            ->where('round_id', $round)
            ->whereNotNull('sheet_id')
            ->get(['sheet_id', 'student_id', 'times']);
        foreach ($rows as $row) {
            $times[(int) $row->sheet_id][(int) $row->student_id] = (int) $row->times;
        }

        return $times;
    }

    public function asked(int $round, array $students): array
    {
        $asked = [];
        $rows = DB::table('round_asks')
            ->join('round_hosts', 'round_hosts.id', '=', 'round_asks.round_host_id')
            ->where('round_id', $round)
            ->whereNotNull('sheet_id')
            ->whereIn('student_id', $students)
            ->get(['student_id', 'sheet_id']);
        foreach ($rows as $row) {
            $asked[(int) $row->student_id][(int) $row->sheet_id] = true;
        }

        return $asked;
    }
}
