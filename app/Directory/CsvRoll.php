<?php

declare(strict_types=1);

namespace App\Directory;

use App\Framework\CsvFile;
use App\Models\MailAddress;

/** A table with a student on each line, or a student and one of their guardians. Which column is what, somebody says. */
final class CsvRoll
{
    public const MOST = 20_000;

    /** What a column can be, and how it is often called: what is proposed, and seen. */
    public const PARTS = [
        'student_number' => ['student number', 'student id', 'number', 'id', 'student no', 'admission number'],
        'student_name' => ['student', 'student name', 'student’s name', 'name', 'full name'],
        'student_given' => ['given name', 'first name', 'student first name', 'forename'],
        'student_family' => ['family name', 'last name', 'surname', 'student last name'],
        'class' => ['class', 'form', 'group', 'homeroom'],
        'teacher_email' => ['teacher email', 'teacher', 'teacher e-mail'],
        'guardian1_name' => [
            'guardian',
            'parent',
            'guardian name',
            'parent name',
            'guardian 1',
            'parent 1',
            'guardian 1 name',
            'parent 1 name',
        ],
        'guardian1_email' => [
            'guardian email',
            'parent email',
            'email',
            'e-mail',
            'guardian 1 email',
            'parent 1 email',
        ],
        'guardian1_phone' => ['guardian phone', 'parent phone', 'phone', 'guardian 1 phone', 'parent 1 phone'],
        'guardian1_language' => ['guardian language', 'language', 'home language', 'guardian 1 language'],
        'guardian1_may_book' => ['guardian may book', 'may book', 'guardian 1 may book'],
        'guardian2_name' => ['guardian 2', 'parent 2', 'guardian 2 name', 'parent 2 name', 'second guardian'],
        'guardian2_email' => ['guardian 2 email', 'parent 2 email'],
        'guardian2_phone' => ['guardian 2 phone', 'parent 2 phone'],
        'guardian2_language' => ['guardian 2 language'],
        'guardian2_may_book' => ['guardian 2 may book'],
    ];

    /**
     * Which part each column could be, by its name.
     *
     * @return list<string> by column; empty for those that are not known
     */
    public static function proposed(CsvFile $file): array
    {
        $taken = [];

        return array_map(static function (string $name) use (&$taken): string {
            $plain = trim((string) preg_replace('/[\s_]+/', ' ', $name));
            foreach (self::PARTS as $part => $names) {
                if (!isset($taken[$part]) && in_array($plain, [...$names, str_replace('_', ' ', $part)], true)) {
                    $taken[$part] = true;

                    return $part;
                }
            }

            return '';
        }, $file->columns);
    }

    /**
     * @param  list<string>  $parts  of each column, as PARTS names them; empty for those that are left out
     *
     * @throws RollNotReadable when it has no column of names, or too many lines
     */
    public static function read(CsvFile $file, array $parts, string $country, bool $whole): Roll
    {
        $at = array_flip(array_filter($parts));
        if (!isset($at['student_name']) && !isset($at['student_given'], $at['student_family'])) {
            throw RollNotReadable::because('no_name_column');
        }
        if (count($file->rows) > self::MOST) {
            throw RollNotReadable::because('too_long', ['most' => self::MOST]);
        }
        $roll = new Roll($country, $whole);
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
            $student = $roll->student($number === '' ? null : $number, $name, $line);
            if ($student === null) {
                continue;
            }
            if ($number === '' && self::isInAnotherClass($roll->students[$student]['classes'], $cell('class'))) {
                $roll->wrong('name_twice', ['line' => $line, 'name' => $name]);

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
                    null,
                    $cell("{$which}_name"),
                    $cell("{$which}_email"),
                    $cell("{$which}_phone"),
                    $cell("{$which}_language"),
                    $line,
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

    /** @param  array<string, true>  $classes  in which they are already */
    private static function isInAnotherClass(array $classes, string $class): bool
    {
        return $classes !== [] && $class !== '' && !isset($classes["name $class"]);
    }
}
