<?php

declare(strict_types=1);

// Students, those who look after them and classes, in ICU MessageFormat.
return [
    'title' => 'Students',
    'not_known' => 'A class or a student chosen here is not in the directory any more. Choose again.',
    'number_taken' => 'Somebody else has this number.',
    'first_line' =>
        'The first line is read as headings: “{line}”. If it is a student already, write a line of headings above it and choose the file again. Nothing is brought in until you press.',
    'part_twice' => 'Two columns cannot be the same thing. Choose another for one of them.',
    'changed_meanwhile' =>
        'Something has changed since you looked at this file. Nothing was brought in; look at it again.',
    'nothing_new' =>
        '{wrong, plural, =0 {All of it is in the directory already. Nothing would change.} other {Nothing would change: what could be understood is in the directory already.}}',
    'would' =>
        '{new, plural, =0 {No new student} one {One new student} other {# new students}}, {changed, plural, =0 {none changed} one {one changed} other {# changed}}, {gone, plural, =0 {nobody gone} one {one gone} other {# gone}}; {guardians, plural, =0 {no new guardian} one {one new guardian} other {# new guardians}}, {guardians_changed, plural, =0 {none changed} one {one changed} other {# changed}}; {classes, plural, =0 {no new class} one {one new class} other {# new classes}}.{open, plural, =0 {} one { One line waits for your answer.} other { # lines wait for your answer.}}',
    'brought_in' =>
        'Brought in: {new, plural, =0 {no new student} one {one new student} other {# new students}}, {changed, plural, =0 {none changed} one {one changed} other {# changed}}, {gone, plural, =0 {nobody put away} one {one put away} other {# put away}}; {guardians, plural, =0 {no new guardian} one {one new guardian} other {# new guardians}}.',
    // What a file can be wrong about.
    'no_name_column' => 'Say which column has the students’ names.',
    'too_long' => 'More than {most, number} lines. Send them in several files.',
    'guessed' =>
        'Its letters are neither UTF-8 nor UTF-16; they were read as Windows writes them. Look at the names with accents.',
    'no_name' => 'Line {line, number}: “{name}” is no name. It was left out.',
    'number_twice' => 'Line {line, number}: {name} has the number {number}, which is {other}’s. It was left out.',
    // Near matches, which are asked.
    'ask_lines' =>
        'Lines {other, number} and {line, number} are both {name}, without a number that tells them apart: {same, select, yes {both in {class}} other {{other_class, select, none {no class} other {{other_class}}} and {class, select, none {no class} other {{class}}}}}.',
    'ask_known' =>
        '{name} ({class, select, none {no class} other {{class}}}, {number, select, none {no number} other {number {number}}}) may be the {name} who is here already ({known_class, select, none {no class} other {{known_class}}}, {known_number, select, none {no number} other {number {known_number}}}).',
    'ask_which' =>
        '{name} ({class, select, none {no class} other {{class}}}, {number, select, none {no number} other {number {number}}}): {count, plural, one {one} other {#}} of that name are here already, and nothing tells which of them it is. Take it for another student, or leave it out and give each a number.',
    'answer_first' => 'Some of these may be one student or two. Say so first; nothing was brought in.',
    'brought_in_at' =>
        'Last brought in on {at}: {new, plural, =0 {no new student} one {one new student} other {# new students}}, {changed, plural, =0 {none changed} one {one changed} other {# changed}}, {gone, plural, =0 {nobody put away} one {one put away} other {# put away}}. It can be taken back for a day.',
    'taken_back' =>
        'That file is taken back: who was new is put away, and everybody else is as before.{stay, plural, =0 {} one { One student was changed by hand since, and stays as they are.} other { # students were changed by hand since, and stay as they are.}}',
    'nothing_to_take_back' =>
        'Nothing can be taken back any more: a day has passed, or somebody has taken it back already. Nothing was changed.',
    'no_address' => 'Line {line, number}: “{email}” is no e-mail address. {name} was taken in without it.',
    'no_phone' => 'Line {line, number}: “{phone}” is no phone number. {name} was taken in without it.',
    'guardian_without_name' => 'Line {line, number}: {email} stands without a name, and was left out.',
    'no_id' => 'Line {line, number} of users.csv: {name} has no sourcedId. It was left out.',
    'class_unknown' =>
        '{count, plural, one {One enrollment is} other {# enrollments are}} of a class that classes.csv does not have.',
    'no_bundle' => 'This is neither a table nor a bundle with a manifest.csv in it.',
    'bundle_large' => 'Unpacked, this bundle is larger than any school’s. Nothing was read.',
    'table_missing' =>
        '{table} is missing in the bundle, or its manifest says that it is absent. Nothing was brought in.',
    // What a column can be.
    'part_student_number' => 'Student’s number',
    'part_student_name' => 'Student’s name, whole',
    'part_student_given' => 'Student’s given name',
    'part_student_family' => 'Student’s family name',
    'part_class' => 'Class',
    'part_teacher_email' => 'Teacher’s e-mail address',
    'part_guardian1_name' => 'Guardian’s name',
    'part_guardian1_email' => 'Guardian’s e-mail address',
    'part_guardian1_phone' => 'Guardian’s phone number',
    'part_guardian1_language' => 'Guardian’s language',
    'part_guardian1_may_book' => 'Whether they may book (yes, no)',
    'part_guardian2_name' => 'Second guardian’s name',
    'part_guardian2_email' => 'Second guardian’s e-mail address',
    'part_guardian2_phone' => 'Second guardian’s phone number',
    'part_guardian2_language' => 'Second guardian’s language',
    'part_guardian2_may_book' => 'Whether the second may book (yes, no)',
];
