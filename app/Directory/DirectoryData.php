<?php

declare(strict_types=1);

namespace App\Directory;

use App\Framework\Alphabet;
use App\Framework\Clock;
use App\Framework\Spell;
use App\Framework\Words;
use App\Models\School;
use App\Models\StaffMember;
use Illuminate\Support\Facades\DB;
use Recess\Names\NameKey;

/** The directory as the office sees it: found, not listed, for there are thousands. */
final class DirectoryData
{
    /** So many are shown at a time. */
    public const SHOWN = 12;

    /**
     * @param  string  $sought  a part of a name, of the student or of somebody who looks after them
     * @param  int|null  $class  of which alone
     * @return DirectoryShape as Directory in docs/formats/recess.openapi.yaml
     */
    public static function of(School $school, string $sought = '', ?int $class = null, bool $away = false): array
    {
        $found = self::found($school, $sought, $class, $away);
        $students = (clone $found)
            ->with(['classes', 'guardians'])
            ->orderBy('sort_key')
            ->orderBy('id')
            ->limit(self::SHOWN)
            ->get();

        return [
            'sought' => $sought,
            'class' => $class,
            'away' => $away,
            'counts' => [
                'students' => Student::here($school->id)->count(),
                'guardians' => Guardian::query()
                    ->where('school_id', $school->id)
                    ->whereNull('put_away_at')
                    ->whereHas('students')
                    ->count(),
                'away' => Student::query()->where('school_id', $school->id)->whereNotNull('put_away_at')->count(),
            ],
            'brought_in' => self::broughtIn($school),
            'classes' => self::classes($school),
            'found' => $found->count(),
            'students' => array_values($students->map(self::student(...))->all()),
        ];
    }

    /** What can still be taken back, in a sentence; null when nothing can. */
    private static function broughtIn(School $school): ?string
    {
        $last = BroughtIn::last($school, Clock::now());

        return $last === null
            ? null
            : Words::say('directory.brought_in_at', ['at' => Spell::moment($last['at'], $school->timeZone())] + $last);
    }

    /** @return list<array{id: int, name: string, students: int}> */
    public static function classes(School $school): array
    {
        return array_values(
            SchoolClass::here($school->id)
                ->withCount('students')
                ->get()
                ->sort(Alphabet::by(static fn(SchoolClass $one): string => $one->name))
                ->map(
                    static fn(SchoolClass $class): array => [
                        'id' => $class->id,
                        'name' => $class->name,
                        'students' => (int) $class->getAttribute('students_count'),
                    ],
                )
                ->all(),
        );
    }

    /** @return list<array{id: int, name: string, students: int, yours: bool}> those that somebody teaches first */
    public static function classesFor(StaffMember $reader): array
    {
        $mine = DB::table('class_teachers')->where('email', $reader->email)->pluck('class_id')->flip();
        $classes = array_map(
            static fn(array $class): array => $class + ['yours' => $mine->has($class['id'])],
            self::classes($reader->school),
        );
        usort($classes, static fn(array $a, array $b): int => $b['yours'] <=> $a['yours']);

        return $classes;
    }

    /** @return DirectoryStudentShape as DirectoryStudent */
    public static function student(Student $student): array
    {
        return [
            'id' => $student->id,
            'name' => $student->name,
            'number' => (string) $student->number,
            'away' => $student->put_away_at !== null,
            'classes' => array_values(
                $student->classes
                    ->map(static fn(SchoolClass $class): array => ['id' => $class->id, 'name' => $class->name])
                    ->all(),
            ),
            'guardians' => array_values(
                $student->guardians
                    ->map(
                        static fn(Guardian $one): array => [
                            'id' => $one->id,
                            'name' => $one->name,
                            'email' => (string) $one->email,
                            'phone' => $one->phone,
                            'language' => $one->language,
                            'may_book' => (bool) $one->getAttribute('pivot')?->may_book,
                        ],
                    )
                    ->all(),
            ),
        ];
    }

    /** @return \Illuminate\Database\Eloquent\Builder<Student> */
    private static function found(
        School $school,
        string $sought,
        ?int $class,
        bool $away,
    ): \Illuminate\Database\Eloquent\Builder {
        // Each word of it, in whatever order and with whichever accents: “etienne roy” is “Roy, Étienne”.
        $words = preg_split('/[\s,]+/u', NameKey::of($sought), -1, PREG_SPLIT_NO_EMPTY) ?: [];
        $named = static function ($query, string $column) use ($words): void {
            foreach ($words as $word) {
                $query->whereRaw("$column COLLATE utf8mb4_unicode_ci LIKE ?", ['%' . addcslashes($word, '\\%_') . '%']);
            }
        };

        return Student::query()
            ->where('school_id', $school->id)
            ->when(
                $away,
                static fn($one) => $one->whereNotNull('put_away_at'),
                static fn($one) => $one->whereNull('put_away_at'),
            )
            ->when(
                $sought !== '',
                static fn($one) => $one->where(
                    static fn($any) => $any
                        ->where(static fn($one) => $named($one, 'name_key'))
                        ->orWhere('number', $sought)
                        ->orWhereHas('guardians', static fn($guardian) => $named($guardian, 'guardians.name_key')),
                ),
            )
            ->when(
                $class !== null,
                static fn($one) => $one->whereHas('classes', static fn($of) => $of->where('school_classes.id', $class)),
            );
    }
}
