<?php

declare(strict_types=1);

namespace App\Directory;

/**
 * How the columns of a table of students are often called, in the ten languages of our schools: what is proposed, and seen.
 * Common practice of school offices, no published source; from memory.
 */
final class Headings
{
    /** @var array<string, list<string>> by part, in small letters */
    private const NAMES = [
        'student_number' => [
            ...['student number', 'student id', 'number', 'id', 'student no', 'no', 'nr', 'num', 'n°', 'nº', '№', '#'],
            ...['admission number', 'schülernummer', 'schüler nr', 'schüler id', 'nummer', 'numéro', 'matricule'],
            ...['numéro d’élève', 'ine', 'número', 'matrícula', 'número de alumno', 'número de aluno', 'n.º'],
            ...['numero', 'matricola', 'numero matricola', 'numer', 'numer ucznia', 'nr ucznia', 'номер'],
            ...['номер учня', 'رقم', 'الرقم', 'رقم الطالب', '学号', '编号'],
        ],
        'student_name' => [
            ...['student', 'student name', 'student’s name', 'name', 'full name', 'schüler', 'schülername'],
            ...['nom', 'élève', 'nom complet', 'nombre', 'alumno', 'nombre completo', 'nome', 'aluno', 'nome completo'],
            ...[
                'alunno',
                'studente',
                'cognome e nome',
                'nome e cognome',
                'uczeń',
                'imię i nazwisko',
                'nazwisko i imię',
            ],
            ...['учень', 'піб', 'الاسم', 'اسم الطالب', 'الطالب', '姓名', '学生姓名', '学生'],
        ],
        'student_given' => [
            ...[
                'given name',
                'first name',
                'student first name',
                'forename',
                'vorname',
                'rufname',
                'prénom',
                'nombres',
            ],
            ...['imię', 'ім’я', 'імя', 'الاسم الأول', '名'],
        ],
        'student_family' => [
            ...['family name', 'last name', 'surname', 'student last name', 'nachname', 'familienname'],
            ...['nom de famille', 'apellidos', 'apellido', 'apelido', 'sobrenome', 'cognome', 'nazwisko', 'прізвище'],
            ...['اسم العائلة', 'اللقب', '姓'],
        ],
        'class' => [
            ...[
                'class',
                'form',
                'group',
                'homeroom',
                'klasse',
                'classe',
                'division',
                'clase',
                'curso',
                'grupo',
                'turma',
            ],
            ...['klasa', 'oddział', 'клас', 'الصف', 'الفصل', '班级', '班'],
        ],
        'teacher_email' => [
            ...['teacher email', 'teacher', 'teacher e-mail', 'lehrer e-mail', 'klassenlehrer', 'professeur principal'],
        ],
        'guardian1_name' => [
            ...['guardian', 'parent', 'guardian name', 'parent name', 'guardian 1', 'parent 1', 'guardian 1 name'],
            ...['parent 1 name', 'erziehungsberechtigte', 'elternteil', 'elternteil 1', 'eltern', 'responsable'],
            ...['responsable légal', 'représentant légal', 'responsable 1', 'tutor', 'padre o madre', 'tutor 1'],
            ...['encarregado de educação', 'responsável', 'genitore', 'genitore 1', 'rodzic', 'opiekun', 'rodzic 1'],
            ...['батьки', 'опікун', 'ولي الأمر', '家长', '家长姓名'],
        ],
        'guardian1_email' => [
            ...['guardian email', 'parent email', 'email', 'e-mail', 'guardian 1 email', 'parent 1 email', 'mail'],
            ...['courriel', 'correo', 'correo electrónico', 'adresse e-mail', 'email genitore', 'електронна пошта'],
            ...['البريد الإلكتروني', '电子邮件', '邮箱'],
        ],
        'guardian1_phone' => [
            ...[
                'guardian phone',
                'parent phone',
                'phone',
                'guardian 1 phone',
                'parent 1 phone',
                'telefon',
                'téléphone',
            ],
            ...['teléfono', 'telefone', 'telefono', 'телефон', 'الهاتف', '电话'],
        ],
        'guardian1_language' => [
            ...['guardian language', 'language', 'home language', 'guardian 1 language', 'sprache', 'langue', 'idioma'],
            ...['língua', 'lingua', 'język', 'мова', 'اللغة', '语言'],
        ],
        'guardian1_may_book' => ['guardian may book', 'may book', 'guardian 1 may book'],
        'guardian2_name' => [
            ...['guardian 2', 'parent 2', 'guardian 2 name', 'parent 2 name', 'second guardian', 'elternteil 2'],
            ...['responsable 2', 'tutor 2', 'genitore 2', 'rodzic 2', 'opiekun 2'],
        ],
        'guardian2_email' => ['guardian 2 email', 'parent 2 email'],
        'guardian2_phone' => ['guardian 2 phone', 'parent 2 phone'],
        'guardian2_language' => ['guardian 2 language'],
        'guardian2_may_book' => ['guardian 2 may book'],
    ];

    /** @return list<string> what a column can be */
    public static function parts(): array
    {
        return array_keys(self::NAMES);
    }

    /**
     * Which part each column could be, by its name.
     *
     * @param  list<string>  $columns
     * @return list<string> by column; empty for those that are not known
     */
    public static function proposed(array $columns): array
    {
        $partOf = [];
        foreach (self::NAMES as $part => $names) {
            $partOf += array_fill_keys(array_map(self::plain(...), [...$names, $part]), $part);
        }
        $parts = [];
        foreach ($columns as $column) {
            $part = $partOf[self::plain($column)] ?? '';
            // Two columns are not the same thing: the first has it.
            $parts[] = in_array($part, $parts, true) ? '' : $part;
        }
        // “Name, Vorname”, “nombre, apellidos”: beside the one half a name is the other.
        $half = match (true) {
            in_array('student_given', $parts, true) && !in_array('student_family', $parts, true) => 'student_family',
            in_array('student_family', $parts, true) && !in_array('student_given', $parts, true) => 'student_given',
            default => 'student_name',
        };

        return array_map(static fn(string $part): string => $part === 'student_name' ? $half : $part, $parts);
    }

    private static function plain(string $name): string
    {
        $name = str_replace(["'", '`', 'ʼ'], '’', mb_strtolower($name));

        return trim((string) preg_replace('/[\s_.:]+/u', ' ', $name));
    }
}
