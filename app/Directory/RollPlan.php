<?php

declare(strict_types=1);

namespace App\Directory;

use App\Models\School;
use Illuminate\Support\Facades\DB;
use Recess\Names\NameKey;

/**
 * What a roll would change: who is new, who is other than before, who has gone. Nothing is written here, and BringIn
 * writes nothing else.
 */
final class RollPlan
{
    /** @var array<string, int> the rows that the roll's students, guardians and classes are, by key; new ones are missing */
    public array $studentRows = [];

    /** @var array<string, int> */
    public array $guardianRows = [];

    /** @var array<string, int> */
    public array $classRows = [];

    /** @var list<string> keys of the roll whose rows are other than it says */
    public array $changedStudents = [];

    /** @var list<string> */
    public array $changedGuardians = [];

    /** @var list<string> */
    public array $changedClasses = [];

    /** @var array<int, string> names by number of row */
    public array $goneStudents = [];

    /** @var list<int> */
    public array $goneClasses = [];

    private function __construct(public readonly Roll $roll, public readonly School $school) {}

    public static function of(Roll $roll, School $school): self
    {
        $plan = new self($roll, $school);
        $plan->classes();
        $links = $plan->links();
        $plan->students();
        $plan->guardians($links);
        $plan->memberships($links);

        return $plan;
    }

    /** @return list<string> keys */
    public function newStudents(): array
    {
        return array_keys(array_diff_key($this->roll->students, $this->studentRows));
    }

    /** @return list<string> keys */
    public function newGuardians(): array
    {
        return array_keys(array_diff_key($this->roll->guardians, $this->guardianRows));
    }

    /** @return list<string> keys */
    public function newClasses(): array
    {
        return array_keys(array_diff_key($this->roll->classes, $this->classRows));
    }

    /** The same plan again has the same: what was looked at is what is brought in. */
    public function digest(): string
    {
        return hash(
            'sha256',
            json_encode(
                [
                    $this->newStudents(),
                    $this->changedStudents,
                    array_keys($this->goneStudents),
                    $this->newGuardians(),
                    $this->changedGuardians,
                    $this->newClasses(),
                    $this->changedClasses,
                    $this->goneClasses,
                ],
                JSON_THROW_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE,
            ),
        );
    }

    public function isEmpty(): bool
    {
        return $this->newStudents() === [] &&
            $this->changedStudents === [] &&
            $this->goneStudents === [] &&
            $this->newGuardians() === [] &&
            $this->changedGuardians === [] &&
            $this->newClasses() === [] &&
            $this->changedClasses === [] &&
            $this->goneClasses === [];
    }

    private function classes(): void
    {
        $rows = $this->rows('school_classes');
        [$byNumber, $byName] = self::maps($rows, static fn(\stdClass $row): string => (string) $row->name);
        $teachers = [];
        foreach (DB::table('class_teachers')->get() as $one) {
            $teachers[(int) $one->class_id][(string) $one->email] = true;
        }
        foreach ($this->roll->classes as $key => $class) {
            $row = $class['number'] === null ? $byName[$class['name']] ?? null : $byNumber[$class['number']] ?? null;
            if ($row === null) {
                continue;
            }
            $this->classRows[$key] = (int) $row->id;
            ksort($class['teachers']);
            $known = $teachers[(int) $row->id] ?? [];
            ksort($known);
            if ($row->name !== $class['name'] || $row->put_away_at !== null || $known !== $class['teachers']) {
                $this->changedClasses[] = $key;
            }
        }
        if ($this->roll->whole && $this->roll->hasClasses) {
            $numbered = self::numbered($this->roll->classes);
            $this->goneClasses = array_values(
                array_map(
                    static fn(\stdClass $row): int => (int) $row->id,
                    array_filter(
                        $rows,
                        fn(\stdClass $row): bool => $row->put_away_at === null &&
                            ($row->number !== null) === $numbered &&
                            !in_array((int) $row->id, $this->classRows, true),
                    ),
                ),
            );
        }
    }

    private function students(): void
    {
        $rows = $this->rows('students');
        $known = new KnownStudents($rows, $this->roll);
        $matched = [];
        foreach ($this->roll->students as $key => $student) {
            $row = $known->is($key);
            if ($row === null || isset($matched[$row->id])) {
                continue;
            }
            $matched[$row->id] = true;
            $this->studentRows[$key] = (int) $row->id;
            if (
                $row->name !== $student['name'] ||
                $row->put_away_at !== null ||
                ($student['number'] !== null && $row->number !== $student['number'])
            ) {
                $this->changedStudents[] = $key;
            }
        }
        // What nobody has said yet is left as it is.
        $matched += $known->undecided;
        $numbered = self::numbered($this->roll->students);
        foreach ($rows as $row) {
            $left =
                isset($this->roll->gone[(string) $row->number]) ||
                ($this->roll->whole && $this->roll->students !== [] && ($row->number !== null || !$numbered));
            if ($row->put_away_at === null && $left && !isset($matched[$row->id])) {
                $this->goneStudents[(int) $row->id] = (string) $row->name;
            }
        }
    }

    /** @param  array<int, array<int, \stdClass>>  $links  by student and guardian */
    private function guardians(array $links): void
    {
        $rows = $this->rows('guardians');
        $byId = array_column($rows, null, 'id');
        [$byNumber, $byKey] = self::maps(
            $rows,
            static fn(\stdClass $row): string => Roll::guardianKey(
                (string) $row->name,
                $row->email === null ? null : (string) $row->email,
                (string) $row->phone,
            ),
        );
        $theirs = [];
        foreach ($this->roll->students as $key => $student) {
            foreach (array_keys($student['guardians']) as $guardian) {
                $theirs[$guardian][] = $this->studentRows[$key] ?? 0;
            }
        }
        $matched = [];
        foreach ($this->roll->guardians as $key => $guardian) {
            $row = $guardian['number'] === null ? $byKey[$key] ?? null : $byNumber[$guardian['number']] ?? null;
            // Of another address now: known by the name among those who look after the same student.
            foreach ($row === null ? $theirs[$key] ?? [] : [] as $student) {
                foreach (array_keys($links[$student] ?? []) as $id) {
                    $one = $byId[$id] ?? null;
                    $row ??=
                        $one !== null && $one->number === null && $one->name_key === NameKey::of($guardian['name'])
                            ? $one
                            : null;
                }
            }
            if ($row === null || isset($matched[$row->id])) {
                continue;
            }
            $matched[$row->id] = true;
            $this->guardianRows[$key] = (int) $row->id;
            if (
                $row->name !== $guardian['name'] ||
                $row->put_away_at !== null ||
                ($guardian['number'] !== null && $row->number !== $guardian['number']) ||
                ($guardian['email'] !== null && $row->email !== $guardian['email']) ||
                ($guardian['phone'] !== '' && $row->phone !== $guardian['phone']) ||
                ($guardian['language'] !== '' && $row->language !== $guardian['language'])
            ) {
                $this->changedGuardians[] = $key;
            }
        }
    }

    /** @param  array<int, array<int, \stdClass>>  $links */
    private function memberships(array $links): void
    {
        $inClass = [];
        foreach (DB::table('class_student')->get() as $one) {
            $inClass[(int) $one->student_id][] = (int) $one->class_id;
        }
        $changed = array_flip($this->changedStudents);
        foreach ($this->studentRows as $key => $id) {
            $student = $this->roll->students[$key];
            $classes = array_map(
                fn(string $class): int => $this->classRows[$class] ?? 0,
                array_keys($student['classes']),
            );
            $known = $inClass[$id] ?? [];
            sort($classes);
            sort($known);
            $other = $this->roll->hasClasses && $classes !== $known;
            if ($this->roll->hasGuardians) {
                $said = [];
                foreach ($student['guardians'] as $guardian => $mayBook) {
                    $said[$this->guardianRows[$guardian] ?? 0] = $mayBook;
                }
                foreach ($links[$id] ?? [] as $guardian => $link) {
                    $other =
                        $other || (!isset($said[$guardian]) && (bool) $link->from_file && $link->put_away_at === null);
                }
                foreach ($said as $guardian => $mayBook) {
                    $link = $links[$id][$guardian] ?? null;
                    // What somebody typed by hand, no file changes.
                    $other =
                        $other ||
                        $link === null ||
                        ((bool) $link->from_file &&
                            ($link->put_away_at !== null || (bool) $link->may_book !== $mayBook));
                }
            }
            if ($other && !isset($changed[$key])) {
                $this->changedStudents[] = $key;
            }
        }
    }

    /** @return array<int, array<int, \stdClass>> */
    private function links(): array
    {
        $links = [];
        foreach (DB::table('guardian_student')->get() as $one) {
            $links[(int) $one->student_id][(int) $one->guardian_id] = $one;
        }

        return $links;
    }

    /** @return list<\stdClass> */
    private function rows(string $table): array
    {
        return array_values(DB::table($table)->where('school_id', $this->school->id)->orderBy('id')->get()->all());
    }

    /**
     * @param  list<\stdClass>  $rows
     * @param  \Closure(\stdClass): string  $name
     * @return array{array<string, \stdClass>, array<string, \stdClass>} by number, and by name
     */
    private static function maps(array $rows, \Closure $name): array
    {
        $byNumber = $byName = [];
        foreach ($rows as $row) {
            if ($row->number !== null) {
                $byNumber[(string) $row->number] = $row;
            }
            $byName[$name($row)] ??= $row;
        }

        return [$byNumber, $byName];
    }

    /** @param  array<string, array{number: string|null, ...}>  $some */
    private static function numbered(array $some): bool
    {
        return $some !== [] && reset($some)['number'] !== null;
    }
}
