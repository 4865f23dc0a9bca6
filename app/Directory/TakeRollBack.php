<?php

declare(strict_types=1);

namespace App\Directory;

use App\Accounts\NotNow;
use App\Framework\Contended;
use App\Framework\Words;
use App\Models\Instant;
use App\Models\School;
use Illuminate\Support\Facades\DB;

/**
 * The last file that was brought in is taken back: who was new is put away, everybody else is as before. Whoever was changed
 * by hand since stays as they are now.
 */
final class TakeRollBack
{
    /**
     * @param  int  $now  seconds since the epoch
     * @return int how many of the students stay as they are, because somebody has changed them since
     *
     * @throws NotNow when nothing can be taken back any more
     */
    public function __invoke(School $school, int $now): int
    {
        return Contended::transaction(function () use ($school, $now): int {
            DB::table('rolls_brought_in')->where('school_id', $school->id)->lockForUpdate()->first();
            $last = BroughtIn::of($school, $now) ?? throw new NotNow(Words::say('directory.nothing_to_take_back'));
            $at = Instant::column($last->at);
            $this->passes($last, $at);
            $stay = 0;
            foreach (['students', 'school_classes', 'guardians'] as $table) {
                $theirs = DB::table($table)->where('updated_at', $at);
                foreach (array_chunk($last->new[$table], 500) as $some) {
                    $put = (clone $theirs)
                        ->whereIn('id', $some)
                        ->update(['put_away_at' => Instant::column($now), 'updated_at' => Instant::column($now)]);
                    $stay += $table === 'students' ? count($some) - $put : 0;
                }
                $back = [];
                foreach ($last->before[$table] as $row) {
                    // What the database works out by itself is not written.
                    if (
                        (clone $theirs)->where('id', $row['id'])->update(array_diff_key($row, ['sort_key' => 0])) === 1
                    ) {
                        $back[] = (int) $row['id'];
                    }
                }
                $stay += $table === 'students' ? count($last->before[$table]) - count($back) : 0;
                match ($table) {
                    'students' => $this->memberships($last, [...$back, ...$last->new['students']]),
                    'school_classes' => $this->again('class_teachers', 'class_id', $back, $last),
                    'guardians' => null,
                };
            }
            DB::table('rolls_brought_in')->where('school_id', $school->id)->delete();

            return $stay;
        });
    }

    /** @param  list<int>  $students */
    private function memberships(BroughtIn $last, array $students): void
    {
        $this->again('class_student', 'student_id', $students, $last);
        foreach (array_chunk($students, 500) as $some) {
            DB::table('guardian_student')->whereIn('student_id', $some)->where('from_file', true)->delete();
        }
        $this->insert('guardian_student', 'student_id', $students, $last);
    }

    /** @param  list<int>  $ids */
    private function again(string $table, string $by, array $ids, BroughtIn $last): void
    {
        foreach (array_chunk($ids, 500) as $some) {
            DB::table($table)->whereIn($by, $some)->delete();
        }
        $this->insert($table, $by, $ids, $last);
    }

    /** @param  list<int>  $ids */
    private function insert(string $table, string $by, array $ids, BroughtIn $last): void
    {
        $of = array_flip($ids);
        $rows = array_filter($last->before[$table], static fn(array $row): bool => isset($of[$row[$by]]));
        foreach (array_chunk($rows, 500) as $some) {
            // What was typed by hand meanwhile stands.
            DB::table($table)->insertOrIgnore($some);
        }
    }

    /** Who they are on their passes, unless they have mended it themselves since. */
    private function passes(BroughtIn $last, string $at): void
    {
        foreach ($last->before['passes'] as $row) {
            DB::update(
                'UPDATE passes JOIN guardians ON guardians.id = passes.guardian_id' .
                    ' SET passes.name = ?, passes.email = ?, passes.phone = ? WHERE passes.id = ? AND guardians.updated_at = ?' .
                    ' AND passes.name = guardians.name AND passes.phone = guardians.phone AND passes.email <=> guardians.email',
                [$row['name'], $row['email'], $row['phone'], $row['id'], $at],
            );
        }
    }
}
