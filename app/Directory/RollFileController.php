<?php

declare(strict_types=1);

namespace App\Directory;

use App\Accounts\NotNow;
use App\Framework\Clock;
use App\Framework\CsvFile;
use App\Framework\LogBook;
use App\Framework\Words;
use App\Models\StaffMember;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** Students out of a table, or out of a bundle of tables: looked at first, and then brought in. */
final class RollFileController
{
    private const NAMES = 30;

    public function look(#[CurrentUser] StaffMember $reader, Request $request): JsonResponse
    {
        [$plan, $columns] = $this->plan($reader, $request);

        return new JsonResponse($this->said($plan, $columns));
    }

    public function bringIn(#[CurrentUser] StaffMember $reader, Request $request, BringIn $bringIn): JsonResponse
    {
        $request->validate(['digest' => ['required', 'string']]);
        [$plan, $columns] = $this->plan($reader, $request);
        if ($plan === null || !hash_equals($plan->digest(), $request->string('digest')->toString())) {
            throw new NotNow(Words::say('directory.changed_meanwhile'));
        }
        if ($plan->roll->near->open !== []) {
            throw new NotNow(Words::say('directory.answer_first'));
        }
        $counts = self::counts($plan);
        $bringIn($plan, Clock::now());
        LogBook::note('roll', null, array_intersect_key($counts, ['new' => 0, 'changed' => 0, 'gone' => 0]));
        if ($columns !== null) {
            $school = $reader->school;
            // The newest few; a file with the same first line is matched by itself next time.
            $school->update([
                'columns' => array_slice([$columns['digest'] => $columns['parts']] + $school->columns, 0, 20, true),
            ]);
        }

        return new JsonResponse(
            ['said' => Words::say('directory.brought_in', $counts), 'directory' => DirectoryData::of($reader->school)],
            201,
        );
    }

    public function takeBack(#[CurrentUser] StaffMember $reader, TakeRollBack $back): JsonResponse
    {
        $stay = $back($reader->school, Clock::now());
        LogBook::note('roll_back', null, ['stay' => $stay]);

        return new JsonResponse([
            'said' => Words::say('directory.taken_back', ['stay' => $stay]),
            'directory' => DirectoryData::of($reader->school),
        ]);
    }

    /** @return array{RollPlan|null, array{digest: string, names: list<string>, examples: list<list<string>>, parts: list<string>}|null} */
    private function plan(StaffMember $reader, Request $request): array
    {
        $request->validate([
            'file' => ['required', 'file', 'max:11264'],
            'whole' => ['nullable', Rule::in(['yes', 'no'])],
            'parts' => ['nullable', 'string', 'max:10000'],
            'answers' => ['nullable', 'string', 'max:400000'],
        ]);
        $file = $request->file('file');
        assert($file instanceof UploadedFile);
        $school = $reader->school;
        try {
            if (str_starts_with((string) file_get_contents($file->getPathname(), length: 4), "PK\x03\x04")) {
                return [RollPlan::of(OneRosterRoll::read($file->getPathname(), $school->country), $school), null];
            }
            $table = CsvFile::read((string) $file->getContent());
            $digest = hash('sha256', implode("\0", $table->columns));
            $said = json_decode($request->string('parts')->toString(), true);
            $known = is_array($said) ? $said : $school->columns[$digest] ?? Headings::proposed($table->columns);
            $parts = array_map(
                static fn(int $i): string => is_string($known[$i] ?? null) &&
                in_array($known[$i], Headings::parts(), true)
                    ? $known[$i]
                    : '',
                array_keys($table->columns),
            );
            if (count(array_filter($parts)) !== count(array_unique(array_filter($parts)))) {
                throw ValidationException::withMessages(['parts' => Words::say('directory.part_twice')]);
            }
            $columns = [
                'digest' => $digest,
                'names' => $table->columns,
                'examples' => self::examples($table),
                'parts' => $parts,
            ];
            // Without a name there is nobody; the columns are asked for first.
            $plan =
                array_intersect(['student_name', 'student_given'], $parts) === []
                    ? null
                    : RollPlan::of(
                        CsvRoll::read(
                            $table,
                            $parts,
                            $school->country,
                            $request->input('whole') === 'yes',
                            (array) json_decode($request->string('answers')->toString(), true),
                        ),
                        $school,
                    );

            return [$plan, $columns];
        } catch (RollNotReadable $failure) {
            throw ValidationException::withMessages(['file' => $failure->getMessage()]);
        }
    }

    /**
     * A table whose headings are all unknown may have none: its first student would be lost without a word.
     *
     * @param  list<string>  $names  of its columns
     */
    private static function firstLine(array $names): string
    {
        return $names === [] || array_filter(Headings::proposed($names)) !== []
            ? ''
            : Words::say('directory.first_line', ['line' => mb_strimwidth(implode(', ', $names), 0, 120, '…')]);
    }

    /** @return list<list<string>> what stands in the first lines of each column */
    private static function examples(CsvFile $table): array
    {
        $rows = array_slice($table->rows, 0, 3);

        return array_map(
            static fn(int $i): array => array_map(
                static fn(array $row): string => mb_strimwidth($row[$i] ?? '', 0, 40, '…'),
                $rows,
            ),
            array_keys($table->columns),
        );
    }

    /**
     * @param  array{digest: string, names: list<string>, examples: list<list<string>>, parts: list<string>}|null  $columns
     * @return RollLookShape as RollLook in docs/formats/recess.openapi.yaml
     */
    private function said(?RollPlan $plan, ?array $columns): array
    {
        $roll = $plan?->roll;
        $names = static fn(array $keys): array => array_map(
            static fn(string $key): string => $roll->students[$key]['name'] ?? '',
            array_slice(array_values($keys), 0, self::NAMES),
        );

        return [
            'columns' =>
                $columns === null
                    ? null
                    : array_map(
                        static fn(int $i): array => [
                            'name' => $columns['names'][$i],
                            'examples' => $columns['examples'][$i],
                            'part' => $columns['parts'][$i],
                        ],
                        array_keys($columns['names']),
                    ),
            'first_line' => self::firstLine($columns['names'] ?? []),
            'parts' => array_map(
                static fn(string $part): array => ['part' => $part, 'name' => Words::say("directory.part_$part")],
                Headings::parts(),
            ),
            'plan' =>
                $plan === null
                    ? null
                    : [
                        'said' => $plan->isEmpty()
                            ? Words::say('directory.nothing_new', ['wrong' => $plan->roll->wrong])
                            : Words::say('directory.would', self::counts($plan)),
                        'empty' => $plan->isEmpty(),
                        'digest' => $plan->digest(),
                        'whole' => $roll->whole ?? false,
                        'wrong' => $roll->wrong ?? 0,
                        'new' => $names($plan->newStudents()),
                        'changed' => $names($plan->changedStudents),
                        'gone' => array_slice($plan->goneStudents, 0, self::NAMES),
                        'notes' => $roll->notes ?? [],
                        'asks' => $roll?->near->shown() ?? [],
                        'asked' => count($roll->near->asked ?? []),
                        'open' => count($roll->near->open ?? []),
                    ],
        ];
    }

    /** @return array<string, int> */
    private static function counts(RollPlan $plan): array
    {
        return [
            'new' => count($plan->newStudents()),
            'changed' => count($plan->changedStudents),
            'gone' => count($plan->goneStudents),
            'guardians' => count($plan->newGuardians()),
            'guardians_changed' => count($plan->changedGuardians),
            'classes' => count($plan->newClasses()),
            'wrong' => $plan->roll->wrong,
            'open' => count($plan->roll->near->open),
        ];
    }
}
