<?php

declare(strict_types=1);

namespace App\Directory;

use App\Framework\Alphabet;
use App\Models\Row;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;

/**
 * A class or a course: students who are taught together.
 *
 * @property int $id
 * @property int $school_id
 * @property string|null $number
 * @property string $name
 * @property CarbonImmutable|null $put_away_at
 */
final class SchoolClass extends Row
{
    protected $table = 'school_classes';

    protected $guarded = [];

    protected $attributes = ['number' => null, 'put_away_at' => null];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['put_away_at' => 'immutable_datetime'];
    }

    /** @return Builder<self> */
    public static function here(int $school): Builder
    {
        return self::query()->where('school_id', $school)->whereNull('put_away_at');
    }

    /**
     * How many of some students there are in each class, and how many of them are missing.
     *
     * @param  list<int>  $classes  of which it is asked; all where there are none
     * @param  Builder<Student>  $all
     * @param  Builder<Student>  $missing
     * @return list<array{id: int, name: string, students: int, missing: int}>
     */
    public static function counted(int $school, array $classes, Builder $all, Builder $missing): array
    {
        $rows = self::here($school)
            ->toBase()
            ->join('class_student', 'class_student.class_id', '=', 'school_classes.id')
            ->joinSub($all->select('students.id'), 'every', 'every.id', '=', 'class_student.student_id')
            ->leftJoinSub($missing->select('students.id'), 'missing', 'missing.id', '=', 'class_student.student_id')
            ->when($classes !== [], static fn($query) => $query->whereIn('school_classes.id', $classes))
            ->selectRaw('school_classes.id, school_classes.name, COUNT(*) AS students, COUNT(missing.id) AS missing')
            ->groupBy('school_classes.id', 'school_classes.name')
            ->get();

        return array_values(
            $rows
                ->sort(Alphabet::by(static fn(\stdClass $row): string => (string) $row->name))
                ->map(
                    static fn(\stdClass $row): array => [
                        'id' => (int) $row->id,
                        'name' => (string) $row->name,
                        'students' => (int) $row->students,
                        'missing' => (int) $row->missing,
                    ],
                )
                ->all(),
        );
    }

    /** @return BelongsToMany<Student, $this> */
    public function students(): BelongsToMany
    {
        return $this->belongsToMany(Student::class, 'class_student', 'class_id', 'student_id')
            ->whereNull('students.put_away_at')
            ->orderBy('students.sort_key');
    }
}
