<?php

declare(strict_types=1);

namespace App\Directory;

use App\Models\Audience;
use App\Models\Pass;
use App\Models\Sheet;
use App\Models\StaffMember;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;

/** Whether whoever holds a pass is one of those for whom a sheet is, and about which students they may book there. */
final readonly class Admission
{
    /**
     * @param  Collection<int, Student>|null  $children  those whom it can be about; null where the sheet does not say
     * @param  int|null  $opensAt  the instant from which they may book, where their round says another one for them than for others
     */
    private function __construct(
        public bool $isAdmitted,
        public ?Collection $children = null,
        public ?int $opensAt = null,
    ) {}

    public static function of(Sheet $sheet, ?Pass $pass): self
    {
        return match ($sheet->audience) {
            Audience::Anyone => new self(true),
            Audience::Staff => new self(
                $pass?->staff_id !== null &&
                    StaffMember::query()
                        ->whereKey($pass->staff_id)
                        ->where('school_id', $sheet->host->school_id)
                        ->whereNull('left_at')
                        ->exists(),
            ),
            Audience::Families => self::family($sheet, $pass),
        };
    }

    /** The office books for everybody who rings. */
    public static function ofOffice(): self
    {
        return new self(true);
    }

    /** @return list<string>|null as they are called */
    public function names(): ?array
    {
        return $this->children === null
            ? null
            : array_values($this->children->map(static fn(Student $child): string => $child->name())->all());
    }

    /** Of these, the one who is called so. */
    public function child(string $called): ?Student
    {
        return Student::among($this->children ?? [], $called);
    }

    /** @return Builder<Student> all for whose families a sheet is */
    public static function expected(Sheet $sheet): Builder
    {
        return self::among(Student::here($sheet->host->school_id), $sheet);
    }

    private static function family(Sheet $sheet, ?Pass $pass): self
    {
        // Whoever runs it sees what families see, and has nobody there to book for.
        $staff =
            $pass?->staff_id === null
                ? null
                : StaffMember::query()->whereKey($pass->staff_id)->where('school_id', $sheet->host->school_id)->first();
        if ($staff !== null && ($staff->office || $sheet->isRunBy($staff))) {
            return new self(true, new Collection());
        }
        $guardian = Guardian::ofPass($pass);
        if ($guardian?->school_id !== $sheet->host->school_id) {
            return new self(false);
        }
        $children = self::among(Student::query()->whereKey($guardian->students->modelKeys())->orderBy('name'), $sheet)
            ->with('classes')
            ->get();

        $round = $sheet->round;
        $classes = $children->flatMap(static fn(Student $child): array => $child->classes->modelKeys())->all();

        return new self(
            $children->isNotEmpty(),
            $children,
            $round === null || $round->cohorts === [] ? null : $round->opensFor($classes),
        );
    }

    /**
     * @param  Builder<Student>  $students
     * @return Builder<Student>
     */
    private static function among(Builder $students, Sheet $sheet): Builder
    {
        // Named neither class nor student, it is for all families of the school.
        if ($sheet->audience_classes === [] && $sheet->audience_students === []) {
            return $students;
        }

        return $students->where(
            static fn($any) => $any
                ->whereIn('students.id', $sheet->audience_students)
                ->orWhereHas(
                    'classes',
                    static fn($class) => $class->whereIn('school_classes.id', $sheet->audience_classes),
                ),
        );
    }
}
