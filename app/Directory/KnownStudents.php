<?php

declare(strict_types=1);

namespace App\Directory;

use App\Framework\Spell;
use Illuminate\Support\Facades\DB;
use Recess\Names\NameKey;

/**
 * Which student of the directory one of a file is. A number decides; a name alone does where there is one of it here and one
 * there; of several the class tells, and then who looks after them. Where that tells nothing it is asked.
 */
final class KnownStudents
{
    /** @var array<int, true> rows that one of the file may be, until somebody has said */
    public array $undecided = [];

    /** @var array<string, \stdClass> */
    private array $byNumber = [];

    /** @var array<string, array<int, \stdClass>> by name and row */
    private array $byName = [];

    /** @var array<string, list<string>> whom the file has of a name */
    private array $keys = [];

    /** @var array<int, true> rows that are somebody of the file */
    private array $found = [];

    /** @var array<int, list<string>>|null names of classes by student */
    private ?array $classes = null;

    /** @var array<int, list<string>>|null names of guardians, as they are compared, by student */
    private ?array $guardians = null;

    /** @param  list<\stdClass>  $rows */
    public function __construct(array $rows, private readonly Roll $roll)
    {
        foreach ($rows as $row) {
            if ($row->number !== null) {
                $this->byNumber[(string) $row->number] = $row;
            }
            $this->byName[(string) $row->name_key][(int) $row->id] = $row;
        }
        foreach ($roll->students as $key => $student) {
            $this->keys[NameKey::of($student['name'])][] = $key;
            $row = $student['number'] === null ? null : $this->byNumber[$student['number']] ?? null;
            if ($row !== null) {
                $this->found[(int) $row->id] = true;
            }
        }
    }

    /** @param  string  $key  of the roll's student */
    public function is(string $key): ?\stdClass
    {
        $student = $this->roll->students[$key];
        if ($student['number'] !== null && isset($this->byNumber[$student['number']])) {
            return $this->byNumber[$student['number']];
        }
        $name = NameKey::of($student['name']);
        $some = array_diff_key($this->byName[$name] ?? [], $this->found);
        $row = $this->told($some, $key, $name);
        if ($row !== null) {
            $this->found[(int) $row->id] = true;

            return $row;
        }

        // Who was put away is asked about only by number or where something tells: else it is somebody new.
        $here = array_filter($some, static fn(\stdClass $one): bool => $one->put_away_at === null);

        return $here === [] ? null : $this->asked($here, $key);
    }

    /** @param  array<int, \stdClass>  $some */
    private function told(array $some, string $key, string $name): ?\stdClass
    {
        $number = $this->roll->students[$key]['number'];
        // Somebody typed by hand gets their number by the first file that has one; another number is somebody else.
        $may = array_filter($some, static fn(\stdClass $row): bool => $number === null || $row->number === null);
        if ($may === []) {
            return null;
        }
        $alike = array_values(array_diff($this->keys[$name], [$key]));
        if (count($may) === 1 && $alike === [] && count($this->byName[$name]) === 1) {
            return reset($may);
        }
        foreach ([$this->inClass(...), $this->lookedAfter(...)] as $same) {
            $some = array_filter($may, static fn(\stdClass $row): bool => $same($row, $key));
            $rivals = array_filter(
                $alike,
                fn(string $other): bool => isset($this->roll->students[$other]) &&
                    array_filter($some, static fn(\stdClass $row): bool => $same($row, $other)) !== [],
            );
            if (count($some) === 1 && $rivals === []) {
                return reset($some);
            }
        }

        return null;
    }

    /** @param  non-empty-array<int, \stdClass>  $some */
    private function asked(array $some, string $key): ?\stdClass
    {
        $student = $this->roll->students[$key];
        $row = reset($some);
        $answer = $this->roll->near->answer(
            "known $key",
            count($some) === 1 ? 'ask_known' : 'ask_which',
            [
                'name' => $student['name'],
                'number' => $student['number'] ?? 'none',
                'class' => $this->said($this->classesIn($key)),
                'known_number' => $row->number ?? 'none',
                'known_class' => $this->said($this->classes()[(int) $row->id] ?? []),
                'count' => count($some),
            ],
            count($some) === 1,
        );
        if ($answer === 'two') {
            return null;
        }
        if ($answer === 'one') {
            $this->found[(int) $row->id] = true;

            return $row;
        }
        $this->undecided += array_fill_keys(array_keys($some), true);
        $this->roll->leaveOut($key);

        return null;
    }

    private function inClass(\stdClass $row, string $key): bool
    {
        return array_intersect($this->classes()[(int) $row->id] ?? [], $this->classesIn($key)) !== [];
    }

    private function lookedAfter(\stdClass $row, string $key): bool
    {
        $this->guardians ??= self::grouped('guardian_student', 'guardians', 'guardian_id', 'name_key');
        $theirs = array_map(
            fn(string|int $one): string => NameKey::of($this->roll->guardians[$one]['name']),
            array_keys($this->roll->students[$key]['guardians']),
        );

        return array_intersect($this->guardians[(int) $row->id] ?? [], $theirs) !== [];
    }

    /** @return list<string> */
    private function classesIn(string $key): array
    {
        return array_map(
            fn(string|int $class): string => $this->roll->classes[$class]['name'],
            array_keys($this->roll->students[$key]['classes']),
        );
    }

    /** @return array<int, list<string>> */
    private function classes(): array
    {
        return $this->classes ??= self::grouped('class_student', 'school_classes', 'class_id', 'name');
    }

    /** @param  list<string>  $classes */
    private function said(array $classes): string
    {
        return $classes === [] ? 'none' : Spell::row($classes);
    }

    /** @return array<int, list<string>> by student */
    private static function grouped(string $between, string $table, string $of, string $what): array
    {
        $grouped = [];
        foreach (
            DB::table($between)
                ->join($table, "$table.id", '=', "$between.$of")
                ->get(['student_id', "$table.$what as said"])
            as $one
        ) {
            $grouped[(int) $one->student_id][] = (string) $one->said;
        }

        return $grouped;
    }
}
