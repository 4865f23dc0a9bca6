<?php

declare(strict_types=1);

namespace App\Sharing;

use App\Directory\Expected;
use App\Directory\Guardian;
use App\Directory\Student;
use App\Framework\Contended;
use App\Framework\CsvFile;
use App\Framework\Words;
use App\Models\MailAddress;
use App\Models\PersonName;
use App\Models\PhoneNumber;
use App\Models\Sheet;
use Illuminate\Support\Facades\Validator;
use Illuminate\Validation\ValidationException;
use Recess\Names\NameKey;

/** Puts students on the list of those whom a sheet's host expects: from a table, from pasted lines, or from the directory. Who is on it already stays. */
final class ExpectStudents
{
    public const MOST = 1000;

    private const NAMES = ['name', 'student', 'student name', 'full name', 'student’s name'];

    private const GIVEN = ['given name', 'first name', 'forename'];

    private const FAMILY = ['family name', 'last name', 'surname'];

    private const CLASSES = ['class', 'form', 'group'];

    private const EMAILS = ['email', 'e-mail', 'parent email', 'guardian email'];

    private const PHONES = ['phone', 'parent phone', 'guardian phone', 'mobile'];

    /**
     * @param  string  $bytes  a table with a line of column names, or a name a line
     * @return list<string> what was read otherwise than written, or left out, and why
     *
     * @throws ValidationException at "text" when nothing can be read of it
     */
    public function fromTable(Sheet $sheet, string $bytes): array
    {
        $file = CsvFile::read($bytes);
        $at = [
            $file->column(...self::NAMES),
            $file->column(...self::CLASSES),
            $file->column(...self::EMAILS),
            $file->column(...self::PHONES),
        ];
        [$given, $family] = [$file->column(...self::GIVEN), $file->column(...self::FAMILY)];
        $named = $at[0] !== null || ($given !== null && $family !== null);
        if (!$named && array_filter($at, is_int(...)) !== []) {
            throw ValidationException::withMessages(['text' => Words::say('sheets.expected_no_column')]);
        }
        // A first line that names no column is somebody's: a name a line, with a class behind it or not.
        $rows = $named ? $file->rows : self::plain($bytes);
        if (count($rows) > self::MOST) {
            throw ValidationException::withMessages([
                'text' => Words::say('sheets.expected_too_many', ['most' => self::MOST]),
            ]);
        }
        $notes = $file->guessed ? [Words::say('sheets.expected_guessed')] : [];
        $students = [];
        foreach ($rows as $line => $row) {
            $cell = static fn(?int $column): string => $column === null ? '' : trim((string) ($row[$column] ?? ''));
            $name = $named ? ($at[0] !== null ? $cell($at[0]) : trim($cell($given) . ' ' . $cell($family))) : $cell(0);
            $student = [
                'name' => $name,
                'class' => $named ? $cell($at[1]) : '',
                'email' => $named ? $cell($at[2]) : '',
                'phone' => $named ? $cell($at[3]) : '',
            ];
            $said = self::wrong($student, $line, $sheet->host->school->country);
            if ($said !== null) {
                $notes[] = $said;
            }
            if (Validator::make(['name' => $name], ['name' => ['required', 'string', new PersonName()]])->passes()) {
                $students[] = $student;
            }
        }
        if ($students === []) {
            throw ValidationException::withMessages(['text' => Words::say('sheets.expected_none')]);
        }

        return [...$notes, ...$this->keep($sheet, $students)];
    }

    /** @param  list<int>  $ids  of the school's own students */
    public function fromDirectory(Sheet $sheet, array $ids): void
    {
        $students = Student::here($sheet->host->school_id)
            ->whereKey($ids)
            ->with(['classes', 'guardians'])
            ->get();
        $this->keep(
            $sheet,
            array_values(
                $students
                    ->map(static function (Student $one): array {
                        $reached =
                            $one->guardians->first(static fn(Guardian $guardian): bool => $guardian->email !== null) ??
                            $one->guardians->first();

                        return [
                            'name' => $one->name(),
                            'class' => $one->classes->first()->name ?? '',
                            'email' => (string) $reached?->email,
                            'phone' => (string) $reached?->phone,
                            'student' => $one->id,
                        ];
                    })
                    ->all(),
            ),
        );
    }

    /**
     * @param  list<array{name: string, class: string, email: string, phone: string, student?: int}>  $students
     * @return list<string> who was on the list already
     */
    private function keep(Sheet $sheet, array $students): array
    {
        return Contended::transaction(static function () use ($sheet, $students): array {
            $known = Expected::query()
                ->where('sheet_id', $sheet->id)
                ->get()
                ->mapWithKeys(static fn(Expected $one): array => ["$one->name_key|$one->class" => true])
                ->all();
            $twice = 0;
            foreach ($students as $student) {
                $key = NameKey::of($student['name']) . '|' . $student['class'];
                if (isset($known[$key])) {
                    $twice++;

                    continue;
                }
                if (count($known) >= self::MOST) {
                    throw ValidationException::withMessages([
                        'text' => Words::say('sheets.expected_too_many', ['most' => self::MOST]),
                    ]);
                }
                $known[$key] = true;
                $country = $sheet->host->school->country;
                Expected::query()->create([
                    'sheet_id' => $sheet->id,
                    'student_id' => $student['student'] ?? null,
                    'name' => $student['name'],
                    'class' => mb_substr($student['class'], 0, 120),
                    'email' => MailAddress::of($student['email']),
                    'phone' => self::isPhone($student['phone'], $country)
                        ? PhoneNumber::written($student['phone'], $country)
                        : '',
                ]);
            }

            return $twice === 0 ? [] : [Words::say('sheets.expected_twice', ['twice' => $twice])];
        });
    }

    /** @return array<int, list<string>> a name a line */
    private static function plain(string $bytes): array
    {
        $rows = [];
        foreach (CsvFile::read("name\n" . self::unmarked($bytes))->rows as $line => $row) {
            $rows[$line - 1] = $row;
        }

        return $rows;
    }

    private static function unmarked(string $bytes): string
    {
        return str_starts_with($bytes, "\xEF\xBB\xBF") ? substr($bytes, 3) : $bytes;
    }

    /** @param  array{name: string, class: string, email: string, phone: string}  $student */
    private static function wrong(array $student, int $line, string $country): ?string
    {
        return match (true) {
            Validator::make(['name' => $student['name']], ['name' => ['required', 'string', new PersonName()]])->fails()
                => Words::say('sheets.expected_no_name', ['line' => $line]),
            $student['email'] !== '' && MailAddress::of($student['email']) === null => Words::say(
                'sheets.expected_bad_email',
                ['line' => $line, 'name' => $student['name']],
            ),
            $student['phone'] !== '' && !self::isPhone($student['phone'], $country) => Words::say(
                'sheets.expected_bad_phone',
                ['line' => $line, 'name' => $student['name']],
            ),
            default => null,
        };
    }

    private static function isPhone(string $typed, string $country): bool
    {
        return $typed !== '' &&
            Validator::make(
                ['phone' => $typed],
                ['phone' => ['string', 'max:40', new PhoneNumber($country)]],
            )->passes();
    }
}
