<?php

declare(strict_types=1);

namespace App\Directory;

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

    /** @return BelongsToMany<Student, $this> */
    public function students(): BelongsToMany
    {
        return $this->belongsToMany(Student::class, 'class_student', 'class_id', 'student_id')->whereNull('students.put_away_at')->orderBy('students.name');
    }
}
