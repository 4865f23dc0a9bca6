<?php

declare(strict_types=1);

namespace App\Writing;

use App\Directory\SchoolClass;
use App\Directory\Student;
use App\Models\Audience;
use App\Models\Sheet;

/** Whom a sheet is for, as its worksheet says it. */
final readonly class ForWhom
{
    /**
     * @param  list<int>  $classes
     * @param  list<int>  $students
     */
    public function __construct(
        public Audience $audience = Audience::Anyone,
        public array $classes = [],
        public array $students = [],
    ) {}

    /** @param  array<mixed>  $form  the worksheet's; what it does not say is "anyone" */
    public static function read(array $form): self
    {
        $said = is_array($form['audience'] ?? null) ? $form['audience'] : [];
        $audience = Audience::tryFrom(is_string($said['kind'] ?? null) ? $said['kind'] : '') ?? Audience::Anyone;
        if ($audience !== Audience::Families) {
            return new self($audience);
        }

        return new self(
            $audience,
            self::numbers($said['classes'] ?? []),
            self::numbers(
                array_map(
                    static fn(mixed $one): mixed => is_array($one) ? $one['id'] ?? null : null,
                    is_array($said['students'] ?? null) ? $said['students'] : [],
                ),
            ),
        );
    }

    /** @return ForWhomShape as ForWhom in docs/formats/recess.openapi.yaml */
    public static function of(Sheet $sheet): array
    {
        return [
            'kind' => $sheet->audience->value,
            'classes' => $sheet->audience_classes,
            'students' =>
                $sheet->audience_students === []
                    ? []
                    : array_values(
                        Student::query()
                            ->whereKey($sheet->audience_students)
                            ->orderBy('name')
                            ->get()
                            ->map(static fn(Student $one): array => ['id' => $one->id, 'name' => $one->name()])
                            ->all(),
                    ),
        ];
    }

    /** Whether all that it names is there, at this school. */
    public function isKnownAt(int $school): bool
    {
        return SchoolClass::query()->where('school_id', $school)->whereKey($this->classes)->count() ===
            count($this->classes) &&
            Student::query()->where('school_id', $school)->whereKey($this->students)->count() ===
                count($this->students);
    }

    /** @return array{audience: Audience, audience_classes: list<int>, audience_students: list<int>} */
    public function columns(): array
    {
        return [
            'audience' => $this->audience,
            'audience_classes' => $this->classes,
            'audience_students' => $this->students,
        ];
    }

    /** @return list<int> */
    private static function numbers(mixed $some): array
    {
        return array_values(
            array_unique(array_map(intval(...), array_filter(is_array($some) ? $some : [], is_int(...)))),
        );
    }
}
