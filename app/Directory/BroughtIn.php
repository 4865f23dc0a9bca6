<?php

declare(strict_types=1);

namespace App\Directory;

use App\Models\Instant;
use App\Models\School;
use Illuminate\Support\Facades\DB;

/**
 * The last file that was brought in, and how everything was before that it changed. Kept for a day, in which it can be taken
 * back; of a school one at a time.
 */
final readonly class BroughtIn
{
    /** Seconds. */
    public const LASTS = 86_400;

    /** Rows of one question. */
    private const AT_ONCE = 500;

    /**
     * @param  int  $at  seconds since the epoch
     * @param  array<string, list<int>>  $new  numbers of rows, by table
     * @param  array<string, list<array<string, mixed>>>  $before  rows as they were, by table
     */
    private function __construct(public int $school, public int $at, public array $new, public array $before) {}

    /**
     * As it is before the plan is carried out.
     *
     * @return array<string, list<array<string, mixed>>> rows, by table
     */
    public static function look(RollPlan $plan): array
    {
        $students = [...self::rowsOf($plan->changedStudents, $plan->studentRows), ...array_keys($plan->goneStudents)];
        $classes = [...self::rowsOf($plan->changedClasses, $plan->classRows), ...$plan->goneClasses];
        $guardians = self::rowsOf($plan->changedGuardians, $plan->guardianRows);

        return [
            'students' => self::rows('students', 'id', $students),
            'school_classes' => self::rows('school_classes', 'id', $classes),
            'guardians' => self::rows('guardians', 'id', $guardians),
            'class_teachers' => self::rows('class_teachers', 'class_id', $classes),
            'class_student' => self::rows('class_student', 'student_id', $students),
            'guardian_student' => self::rows('guardian_student', 'student_id', $students),
            'passes' => self::rows('passes', 'guardian_id', $guardians, [
                'id',
                'guardian_id',
                'name',
                'email',
                'phone',
            ]),
        ];
    }

    /**
     * @param  array<string, list<int>>  $new
     * @param  array<string, list<array<string, mixed>>>  $before
     */
    public static function keep(RollPlan $plan, array $new, array $before, int $now): void
    {
        DB::table('rolls_brought_in')->upsert(
            [
                'school_id' => $plan->school->id,
                'at' => Instant::column($now),
                'new' => count($new['students']),
                'changed' => count($plan->changedStudents),
                'gone' => count($plan->goneStudents),
                'before' => self::packed(['new' => $new, 'before' => $before]),
            ],
            ['school_id'],
        );
    }

    /** @return array{at: int, new: int, changed: int, gone: int}|null what can still be taken back */
    public static function last(School $school, int $now): ?array
    {
        $row = self::row($school, $now, ['at', 'new', 'changed', 'gone']);

        return $row === null
            ? null
            : [
                'at' => Instant::of((string) $row->at),
                'new' => (int) $row->new,
                'changed' => (int) $row->changed,
                'gone' => (int) $row->gone,
            ];
    }

    public static function of(School $school, int $now): ?self
    {
        $row = self::row($school, $now, ['*']);
        if ($row === null) {
            return null;
        }
        /** @var array{new: array<string, list<int>>, before: array<string, list<array<string, mixed>>>} $kept */
        $kept = self::unpacked((string) $row->before);

        return new self($school->id, Instant::of((string) $row->at), $kept['new'], $kept['before']);
    }

    /**
     * A whole school is some megabytes, and a tenth of it packed: one statement has to take it.
     *
     * @param  array<string, mixed>  $kept
     */
    private static function packed(array $kept): string
    {
        return base64_encode((string) gzcompress(json_encode($kept, JSON_THROW_ON_ERROR)));
    }

    private static function unpacked(string $packed): mixed
    {
        return json_decode(
            (string) gzuncompress((string) base64_decode($packed, true)),
            true,
            flags: JSON_THROW_ON_ERROR,
        );
    }

    public static function forget(int $now): void
    {
        DB::table('rolls_brought_in')->where('at', '<=', Instant::column($now - self::LASTS))->delete();
    }

    /** @param  list<string>  $columns */
    private static function row(School $school, int $now, array $columns): ?\stdClass
    {
        return DB::table('rolls_brought_in')
            ->where('school_id', $school->id)
            ->where('at', '>', Instant::column($now - self::LASTS))
            ->first($columns);
    }

    /**
     * @param  list<string>  $keys
     * @param  array<string, int>  $rows
     * @return list<int>
     */
    private static function rowsOf(array $keys, array $rows): array
    {
        return array_values(array_intersect_key($rows, array_flip($keys)));
    }

    /**
     * @param  list<int>  $ids
     * @param  list<string>  $columns
     * @return list<array<string, mixed>>
     */
    private static function rows(string $table, string $by, array $ids, array $columns = ['*']): array
    {
        $rows = [];
        foreach (array_chunk($ids, self::AT_ONCE) as $some) {
            foreach (DB::table($table)->whereIn($by, $some)->get($columns) as $row) {
                $rows[] = (array) $row;
            }
        }

        return $rows;
    }
}
