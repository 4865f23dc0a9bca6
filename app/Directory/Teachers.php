<?php

declare(strict_types=1);

namespace App\Directory;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;

/** Who teaches whom, as the school's own lists say it. */
final class Teachers
{
    /**
     * @param  Collection<int, Student>  $students  with their classes
     * @return array<int, list<int>> by student: the staff who teach one of their classes
     */
    public static function of(Collection $students): array
    {
        $classes = $students->flatMap(static fn(Student $one) => $one->classes->modelKeys())->unique()->values()->all();
        $byClass = self::ofClasses($classes);

        return $students
            ->mapWithKeys(
                static fn(Student $one): array => [
                    $one->id => array_values(
                        array_unique(
                            array_merge(
                                [],
                                ...array_values(array_intersect_key($byClass, array_flip($one->classes->modelKeys()))),
                            ),
                        ),
                    ),
                ],
            )
            ->all();
    }

    /** @return list<int> the students of all classes that somebody teaches */
    public static function studentsOf(int $staff): array
    {
        return array_values(
            array_map(
                intval(...),
                DB::table('class_teachers')
                    ->join('staff', 'staff.email', '=', 'class_teachers.email')
                    ->join('class_student', 'class_student.class_id', '=', 'class_teachers.class_id')
                    ->join('school_classes', 'school_classes.id', '=', 'class_teachers.class_id')
                    ->whereNull('school_classes.put_away_at')
                    ->where('staff.id', $staff)
                    ->distinct()
                    ->pluck('class_student.student_id')
                    ->all(),
            ),
        );
    }

    /**
     * @param  array<int>  $classes  none for all of the school
     * @return array<int, int> by staff member: how many students of these classes they teach
     */
    public static function studentsOfEach(int $school, array $classes): array
    {
        return DB::table('class_teachers')
            ->join('staff', 'staff.email', '=', 'class_teachers.email')
            ->join('class_student', 'class_student.class_id', '=', 'class_teachers.class_id')
            ->join('students', 'students.id', '=', 'class_student.student_id')
            ->join('school_classes', 'school_classes.id', '=', 'class_teachers.class_id')
            ->whereNull('students.put_away_at')
            ->whereNull('school_classes.put_away_at')
            ->whereNull('staff.left_at')
            ->where('staff.school_id', $school)
            ->when($classes !== [], static fn($query) => $query->whereIn('class_teachers.class_id', $classes))
            ->groupBy('staff.id')
            ->selectRaw('staff.id, COUNT(DISTINCT students.id) AS students')
            ->get()
            ->mapWithKeys(static fn(\stdClass $row): array => [(int) $row->id => (int) $row->students])
            ->all();
    }

    /**
     * @param  array<int>  $classes  none for all of the school
     * @param  list<int>  $staff
     * @return int how many students of these classes are taught by none of them
     */
    public static function taughtByNoneOf(int $school, array $classes, array $staff): int
    {
        $theirs = DB::table('class_teachers')
            ->join('staff', 'staff.email', '=', 'class_teachers.email')
            ->join('class_student', 'class_student.class_id', '=', 'class_teachers.class_id')
            ->whereIn('staff.id', $staff)
            ->select('class_student.student_id');

        return DB::table('students')
            ->join('class_student', 'class_student.student_id', '=', 'students.id')
            ->join('school_classes', 'school_classes.id', '=', 'class_student.class_id')
            ->where('students.school_id', $school)
            ->whereNull('students.put_away_at')
            ->whereNull('school_classes.put_away_at')
            ->when($classes !== [], static fn($query) => $query->whereIn('class_student.class_id', $classes))
            ->whereNotIn('students.id', $theirs)
            ->distinct()
            ->count('students.id');
    }

    /**
     * @param  array<int>  $classes
     * @return array<int, list<int>> by class: the staff who teach it, by their names
     */
    public static function ofClasses(array $classes): array
    {
        $rows = DB::table('class_teachers')
            ->join('staff', 'staff.email', '=', 'class_teachers.email')
            ->whereIn('class_id', $classes)
            ->whereNull('staff.left_at')
            ->orderBy('staff.name')
            ->get(['class_teachers.class_id', 'staff.id']);
        $teachers = [];
        foreach ($rows as $row) {
            $teachers[(int) $row->class_id][] = (int) $row->id;
        }

        return $teachers;
    }
}
