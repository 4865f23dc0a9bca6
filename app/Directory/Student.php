<?php

declare(strict_types=1);

namespace App\Directory;

use App\Models\Row;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Recess\Names\NameKey;

/**
 * A student of the school.
 *
 * @property int $id
 * @property int $school_id
 * @property string|null $number as the school's own programs know them
 * @property string $name
 * @property string $name_key as names are compared
 * @property string|null $family likewise, where a file has said it apart; else lists go by the last word of the name
 * @property string $sort_key of lists: the family name first
 * @property CarbonImmutable|null $put_away_at when they left, or were missing from a file that had everybody
 * @property Collection<int, SchoolClass> $classes
 * @property Collection<int, Guardian> $guardians
 */
final class Student extends Row
{
    protected $table = 'students';

    protected $guarded = [];

    protected $attributes = ['number' => null, 'put_away_at' => null];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['put_away_at' => 'immutable_datetime'];
    }

    protected static function booted(): void
    {
        self::saving(static function (self $student): void {
            $student->name_key = NameKey::of($student->name);
            // Mended by hand it may be another one.
            if ($student->exists && $student->isDirty('name_key')) {
                $student->family = null;
            }
        });
    }

    /** @return Builder<self> those who are here now */
    public static function here(int $school): Builder
    {
        return self::query()->where('school_id', $school)->whereNull('put_away_at');
    }

    /** @return BelongsToMany<SchoolClass, $this> */
    public function classes(): BelongsToMany
    {
        return $this->belongsToMany(SchoolClass::class, 'class_student', 'student_id', 'class_id')
            ->whereNull('school_classes.put_away_at')
            ->orderBy('school_classes.name');
    }

    /** @return BelongsToMany<Guardian, $this, Guardianship> */
    public function guardians(): BelongsToMany
    {
        return $this->belongsToMany(Guardian::class, 'guardian_student')
            ->using(Guardianship::class)
            ->withPivot(['may_book', 'from_file', 'put_away_at'])
            ->wherePivotNull('put_away_at')
            ->whereNull('guardians.put_away_at')
            ->orderBy('guardians.id');
    }

    /** The one who alone is called so, as name() says it. */
    public static function called(int $school, string $called): ?self
    {
        $plain = (string) preg_replace('/\s*\([^()]*\)$/u', '', $called);
        $some = self::here($school)
            ->whereIn('name_key', [NameKey::of($called), NameKey::of($plain)])
            ->limit(20)
            ->get()
            ->filter(static fn(self $one): bool => NameKey::of($one->name()) === NameKey::of($called));

        return $some->count() === 1 ? $some->first() : null;
    }

    /**
     * Of some children, such as those of a family, the one who is called so: by what tells it from all others, or by
     * its name alone where no other of them has it.
     *
     * @param  iterable<self>  $children
     */
    public static function among(iterable $children, string $called): ?self
    {
        $key = NameKey::of($called);
        $named = [];
        foreach ($children as $child) {
            if (NameKey::of($child->name()) === $key) {
                return $child;
            }
            $child->name_key === $key && ($named[] = $child);
        }

        return count($named) === 1 ? $named[0] : null;
    }

    /** What they are called where several are meant: two of one name are told apart by their class. */
    public function name(): string
    {
        if (self::here($this->school_id)->where('name_key', $this->name_key)->count() < 2) {
            return $this->name;
        }

        return "$this->name (" . ($this->classes->first()->name ?? ($this->number ?? $this->id)) . ')';
    }
}
