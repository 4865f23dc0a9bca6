<?php

declare(strict_types=1);

namespace App\Directory;

use App\Framework\Contended;
use App\Models\Instant;
use Illuminate\Support\Facades\DB;
use Recess\Names\NameKey;

/** Writes what a plan says: all of it, or nothing. Nobody is ever deleted; who has gone is put away. */
final class BringIn
{
    /** @param  int  $now  seconds since the epoch */
    public function __invoke(RollPlan $plan, int $now): void
    {
        Contended::transaction(function () use ($plan, $now): void {
            $at = Instant::column($now);
            $before = BroughtIn::look($plan);
            $known = [$plan->studentRows, $plan->classRows, $plan->guardianRows];
            $touched = [...$plan->newStudents(), ...$plan->changedStudents];
            $this->classes($plan, $at);
            $students = array_intersect_key($plan->roll->students, array_flip($touched));
            $this->people($plan, 'students', $students, $plan->studentRows, $at);
            $guardians = array_flip([...$plan->newGuardians(), ...$plan->changedGuardians]);
            $this->people(
                $plan,
                'guardians',
                array_intersect_key($plan->roll->guardians, $guardians),
                $plan->guardianRows,
                $at,
            );
            $this->passes($plan);
            $this->memberships($plan, $touched, $at);
            foreach (array_chunk(array_keys($plan->goneStudents), 500) as $gone) {
                DB::table('students')
                    ->whereIn('id', $gone)
                    ->update(['put_away_at' => $at, 'updated_at' => $at]);
            }
            DB::table('school_classes')
                ->whereIn('id', $plan->goneClasses)
                ->update(['put_away_at' => $at, 'updated_at' => $at]);
            $new = [
                'students' => array_values(array_diff($plan->studentRows, $known[0])),
                'school_classes' => array_values(array_diff($plan->classRows, $known[1])),
                'guardians' => array_values(array_diff($plan->guardianRows, $known[2])),
            ];
            BroughtIn::keep($plan, $new, $before, $now);
        });
    }

    private function classes(RollPlan $plan, string $at): void
    {
        foreach ([...$plan->newClasses(), ...$plan->changedClasses] as $key) {
            $class = $plan->roll->classes[$key];
            $columns = [
                'name' => $class['name'],
                'number' => $class['number'],
                'put_away_at' => null,
                'updated_at' => $at,
            ];
            if (isset($plan->classRows[$key])) {
                DB::table('school_classes')->where('id', $plan->classRows[$key])->update($columns);
            } else {
                $plan->classRows[$key] = DB::table('school_classes')->insertGetId(
                    $columns + ['school_id' => $plan->school->id, 'created_at' => $at],
                );
            }
            DB::table('class_teachers')->where('class_id', $plan->classRows[$key])->delete();
            DB::table('class_teachers')->insert(
                array_map(
                    static fn(string $email): array => ['class_id' => $plan->classRows[$key], 'email' => $email],
                    array_keys($class['teachers']),
                ),
            );
        }
    }

    /**
     * @param  array<string, array<string, mixed>>  $said  of those who are new or have changed
     * @param  array<string, int>  $rows
     */
    private function people(RollPlan $plan, string $table, array $said, array &$rows, string $at): void
    {
        foreach ($said as $key => $one) {
            $name = (string) $one['name'];
            $columns = [
                'name' => $name,
                'name_key' => NameKey::of($name),
                'put_away_at' => null,
                'updated_at' => $at,
            ];
            // What a file does not say of somebody stays as it is known.
            foreach (['number', 'family', 'email', 'phone', 'language'] as $field) {
                if (($one[$field] ?? '') !== '') {
                    $columns[$field] = $one[$field];
                }
            }
            if (isset($rows[$key])) {
                DB::table($table)->where('id', $rows[$key])->update($columns);
            } else {
                $rows[$key] = DB::table($table)->insertGetId(
                    $columns + ['school_id' => $plan->school->id, 'created_at' => $at],
                );
            }
        }
    }

    /** Whoever has a pass already has the same name and address on it. */
    private function passes(RollPlan $plan): void
    {
        $ids = array_map(static fn(string $key): int => $plan->guardianRows[$key], $plan->changedGuardians);
        foreach (array_chunk($ids, 500) as $some) {
            DB::statement(
                'UPDATE passes JOIN guardians ON guardians.id = passes.guardian_id SET passes.name = guardians.name, passes.email = guardians.email, passes.phone = guardians.phone WHERE guardians.id IN (' .
                    implode(',', $some) .
                    ')',
            );
        }
    }

    /** @param  list<string>  $keys  of the students whom it touches */
    private function memberships(RollPlan $plan, array $keys, string $at): void
    {
        $classes = $links = [];
        $touched = array_map(static fn(string $key): int => $plan->studentRows[$key], $keys);
        $byHand = [];
        foreach (array_chunk($touched, 500) as $some) {
            foreach (
                DB::table('guardian_student')->whereIn('student_id', $some)->where('from_file', false)->get()
                as $link
            ) {
                $byHand[(int) $link->student_id][(int) $link->guardian_id] = true;
            }
        }
        foreach ($keys as $key) {
            $student = $plan->studentRows[$key];
            foreach (array_keys($plan->roll->students[$key]['classes']) as $class) {
                $classes[] = ['class_id' => $plan->classRows[$class], 'student_id' => $student];
            }
            foreach ($plan->roll->students[$key]['guardians'] as $guardian => $mayBook) {
                $row = $plan->guardianRows[$guardian];
                if (!isset($byHand[$student][$row])) {
                    $links[] = [
                        'guardian_id' => $row,
                        'student_id' => $student,
                        'may_book' => $mayBook,
                        'from_file' => true,
                        'put_away_at' => null,
                    ];
                }
            }
        }
        foreach (array_chunk($touched, 500) as $some) {
            $plan->roll->hasClasses && DB::table('class_student')->whereIn('student_id', $some)->delete();
            $plan->roll->hasGuardians &&
                DB::table('guardian_student')
                    ->whereIn('student_id', $some)
                    ->where('from_file', true)
                    ->update(['put_away_at' => $at]);
        }
        foreach (array_chunk($plan->roll->hasClasses ? $classes : [], 1000) as $some) {
            DB::table('class_student')->insertOrIgnore($some);
        }
        foreach (array_chunk($plan->roll->hasGuardians ? $links : [], 1000) as $some) {
            DB::table('guardian_student')->upsert(
                $some,
                ['guardian_id', 'student_id'],
                ['may_book', 'from_file', 'put_away_at'],
            );
        }
    }
}
