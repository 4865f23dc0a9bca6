<?php

declare(strict_types=1);

namespace App\Directory;

use App\Framework\CsvFile;
use App\Models\MailAddress;
use Recess\Names\NameKey;

/** A table with a student on each line, or a student and one of their guardians. Which column is what, somebody says. */
final class CsvRoll
{
    public const MOST = 20_000;

    /**
     * @param  list<string>  $parts  of each column, as Headings names them; empty for those that are left out
     *
     * @param  array<array-key, mixed>  $answers  to what was asked of near matches
     *
     * @throws RollNotReadable when it has no column of names, or too many lines
     */
    public static function read(CsvFile $file, array $parts, string $country, bool $whole, array $answers = []): Roll
    {
        $at = array_flip(array_filter($parts));
        if (!isset($at['student_name']) && !isset($at['student_given'], $at['student_family'])) {
            throw RollNotReadable::because('no_name_column');
        }
        if (count($file->rows) > self::MOST) {
            throw RollNotReadable::because('too_long', ['most' => self::MOST]);
        }
        $roll = new Roll($country, $whole, new NearMatches($answers));
        $lines = [];
        $roll->hasClasses = isset($at['class']);
        $roll->hasGuardians = isset($at['guardian1_name']) || isset($at['guardian2_name']);
        $file->guessed && $roll->note('guessed');
        foreach ($file->rows as $line => $row) {
            $cell = static fn(string $part): string => isset($at[$part])
                ? trim((string) preg_replace('/\s+/u', ' ', $row[$at[$part]] ?? ''))
                : '';
            $name =
                $cell('student_name') !== ''
                    ? $cell('student_name')
                    : trim($cell('student_given') . ' ' . $cell('student_family'));
            $number = mb_substr($cell('student_number'), 0, 120);
            $student = self::studentOf(
                $roll,
                new StudentLine($line, $name, $number, $cell('class'), $cell('student_family')),
                $lines,
            );
            if ($student === null) {
                continue;
            }
            if ($cell('class') !== '') {
                $class = $roll->inClass($student, null, $cell('class'));
                $teacher = MailAddress::of($cell('teacher_email'));
                $teacher === null || ($roll->classes[$class]['teachers'][$teacher] = true);
            }
            foreach (['guardian1', 'guardian2'] as $which) {
                if ($cell("{$which}_name") === '') {
                    $cell("{$which}_email") === '' ||
                        $roll->note('guardian_without_name', [
                            'line' => $line,
                            'email' => mb_strimwidth($cell("{$which}_email"), 0, 60, '…'),
                        ]);

                    continue;
                }
                $guardian = $roll->guardian(
                    new GuardianLine(
                        $line,
                        $cell("{$which}_name"),
                        $cell("{$which}_email"),
                        $cell("{$which}_phone"),
                        $cell("{$which}_language"),
                        of: $student,
                    ),
                );
                $guardian === null ||
                    $roll->looksAfter(
                        $guardian,
                        $student,
                        !in_array(mb_strtolower($cell("{$which}_may_book")), ['no', 'n', '0', 'false'], true),
                    );
            }
        }

        return $roll;
    }

    /**
     * Two lines are one student where a number says so; where names alone would, it is asked.
     *
     * @param  array<string, array{StudentLine, string}>  $lines  by name: the first line that has it, and its student's key
     */
    private static function studentOf(Roll $roll, StudentLine $one, array &$lines): ?string
    {
        [$before, $key] = $lines[NameKey::of($one->name)] ?? [null, ''];
        $same = null;
        if ($before !== null && ($one->number === '' || $before->number === '')) {
            $same = $roll->near->answer((string) $one->line, 'ask_lines', [
                'line' => $one->line,
                'other' => $before->line,
                'name' => $one->name,
                'same' => $one->class !== '' && $one->class === $before->class ? 'yes' : 'no',
                'class' => $one->class === '' ? 'none' : $one->class,
                'other_class' => $before->class === '' ? 'none' : $before->class,
            ]);
            if ($same === null || $same === 'out') {
                return null;
            }
        }
        $student =
            $before !== null && $same === 'one'
                ? $roll->numbered($key, $one->number)
                : $roll->student(
                    $one->number === '' ? null : $one->number,
                    $one->name,
                    $one->line,
                    another: $same === 'two',
                    family: $one->family,
                );
        if ($student !== null) {
            $lines[NameKey::of($one->name)] ??= [$one, $student];
        }

        return $student;
    }
}
