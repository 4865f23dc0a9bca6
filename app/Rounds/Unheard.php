<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Directory\Guardianship;
use App\Directory\Student;
use App\Models\Round;
use App\Plans\Shortlist;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Query\Builder as Query;

/** Students for whom nobody has booked; while wishes are collected, for whom nobody has sent any. */
final class Unheard
{
    /** @return Builder<Student> */
    public static function in(Round $round): Builder
    {
        $students = self::all($round);
        $students->whereNotExists(self::heard($round));

        return $students;
    }

    /** @return Builder<Student> all for whose families the round is */
    public static function all(Round $round): Builder
    {
        $students = Student::here($round->school_id);

        return $round->classes === []
            ? $students
            : $students->whereHas(
                'classes',
                static fn($class) => $class->whereIn('school_classes.id', $round->classes),
            );
    }

    /** @return \Closure(Query): mixed */
    private static function heard(Round $round): \Closure
    {
        return $round->isCollecting()
            ? static fn(Query $query) => $query
                ->from((new Shortlist())->getTable())
                ->join('passes', 'passes.id', '=', 'shortlists.pass_id')
                ->joinSub(
                    Guardianship::query()
                        ->toBase()
                        ->select(['guardian_id', 'student_id']),
                    'theirs',
                    'theirs.guardian_id',
                    '=',
                    'passes.guardian_id',
                )
                ->where('shortlists.round_id', $round->id)
                ->whereNotNull('shortlists.wished_at')
                ->whereColumn('theirs.student_id', 'students.id')
            : static fn(Query $query) => $query
                ->from('bookings')
                ->join('sheets', 'sheets.id', '=', 'bookings.sheet_id')
                ->where('sheets.round_id', $round->id)
                ->whereNotNull('bookings.hold_id')
                ->whereColumn('bookings.student_id', 'students.id');
    }
}
