<?php

declare(strict_types=1);

namespace App\Directory;

use App\Framework\Languages;
use App\Models\Pass;
use App\Models\Row;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Database\Query\Builder as Rows;
use Recess\Names\NameKey;

/**
 * Whoever looks after a student. They have no account: a pass of their own, which a letter or a card opens as far as it is about.
 *
 * @property int $id
 * @property int $school_id
 * @property string|null $number
 * @property string $name
 * @property string $name_key
 * @property string|null $email
 * @property string $phone
 * @property string $language as BCP 47 writes it; empty when it is not known
 * @property int $generation of the codes on their cards
 * @property CarbonImmutable|null $put_away_at
 * @property Collection<int, Student> $students
 */
final class Guardian extends Row
{
    protected $table = 'guardians';

    protected $guarded = [];

    protected $attributes = [
        'number' => null,
        'email' => null,
        'phone' => '',
        'language' => '',
        'generation' => 1,
        'put_away_at' => null,
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['put_away_at' => 'immutable_datetime'];
    }

    protected static function booted(): void
    {
        self::saving(static function (self $guardian): void {
            $guardian->name_key = NameKey::of($guardian->name);
        });
    }

    /** @return BelongsToMany<Student, $this, Guardianship> for whom they may book */
    public function students(): BelongsToMany
    {
        return $this->belongsToMany(Student::class, 'guardian_student')
            ->using(Guardianship::class)
            ->withPivot(['may_book', 'from_file', 'put_away_at'])
            ->wherePivotNull('put_away_at')
            ->wherePivot('may_book', true)
            ->whereNull('students.put_away_at')
            ->orderBy('students.name');
    }

    /**
     * Those who may book for some students, each once.
     *
     * @param  Builder<Student>  $students
     * @return Rows with number, address and phone number of each
     */
    public static function whoMayBookFor(Builder $students): Rows
    {
        return self::query()
            ->toBase()
            ->join('guardian_student', 'guardian_student.guardian_id', '=', 'guardians.id')
            ->whereIn('guardian_student.student_id', $students->select('students.id'))
            ->where('guardian_student.may_book', true)
            ->whereNull('guardian_student.put_away_at')
            ->whereNull('guardians.put_away_at')
            ->distinct()
            ->orderBy('guardians.id')
            ->select(['guardians.id', 'guardians.email', 'guardians.phone']);
    }

    /** Whose pass it is, as long as the school knows them. */
    public static function ofPass(?Pass $pass): ?self
    {
        return $pass?->guardian_id === null
            ? null
            : self::query()->whereKey($pass->guardian_id)->whereNull('put_away_at')->first();
    }

    public function child(string $called): ?Student
    {
        return Student::among($this->students, $called);
    }

    /** Their pass, made when it is first wanted. Whom the school knows by an address need not show that it answers. */
    public function pass(): Pass
    {
        return Pass::query()->firstOrCreate(
            ['guardian_id' => $this->id],
            $this->onPass() + [
                'confirmed_at' => CarbonImmutable::now(),
                'language' => Languages::spoken($this->language),
            ],
        );
    }

    /** @return array{name: string, email: string|null, phone: string} what the directory says of them, as their pass has it */
    public function onPass(): array
    {
        return ['name' => $this->name, 'email' => $this->email, 'phone' => $this->phone];
    }
}
