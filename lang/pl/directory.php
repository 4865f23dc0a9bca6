<?php

declare(strict_types=1);

return [
    'title' => 'Uczniowie',
    'not_known' => 'Wybranej tu klasy albo ucznia nie ma już w spisie. Proszę wybrać jeszcze raz.',
    'number_taken' => 'Ten numer ma ktoś inny.',
    'first_line' =>
        'Pierwszy wiersz czytany jest jako nagłówki: „{line}”. Jeśli to już uczeń, proszę napisać nad nim wiersz nagłówków i wybrać plik jeszcze raz. Niczego się nie wprowadza, dopóki Państwo nie nacisną.',
    'part_twice' => 'Dwie kolumny nie mogą być tym samym. Proszę wybrać coś innego dla jednej z nich.',
    'changed_meanwhile' =>
        'Coś się zmieniło od obejrzenia tego pliku. Niczego nie wprowadzono; proszę obejrzeć go jeszcze raz.',
    'nothing_new' =>
        '{wrong, plural, =0 {Wszystko jest już w spisie. Nic by się nie zmieniło.} other {Nic by się nie zmieniło: to, co dało się zrozumieć, jest już w spisie.}}',
    'would' =>
        '{new, plural, =0 {Żadnego nowego ucznia} one {Jeden nowy uczeń} few {# nowych uczniów} many {# nowych uczniów} other {# nowego ucznia}}, {changed, plural, =0 {nikt niezmieniony} one {jeden zmieniony} few {# zmienionych} many {# zmienionych} other {# zmienionego}}, {gone, plural, =0 {nikt nie odszedł} one {jeden odszedł} few {# odeszło} many {# odeszło} other {# odeszło}}; {guardians, plural, =0 {żadnego nowego opiekuna} one {jeden nowy opiekun} few {# nowych opiekunów} many {# nowych opiekunów} other {# nowego opiekuna}}, {guardians_changed, plural, =0 {nikt niezmieniony} one {jeden zmieniony} few {# zmienionych} many {# zmienionych} other {# zmienionego}}; {classes, plural, =0 {żadnej nowej klasy} one {jedna nowa klasa} few {# nowe klasy} many {# nowych klas} other {# nowej klasy}}.{open, plural, =0 {} one { Jeden wiersz czeka na Państwa odpowiedź.} few { # wiersze czekają na Państwa odpowiedź.} many { # wierszy czeka na Państwa odpowiedź.} other { # wiersza czeka na Państwa odpowiedź.}}',
    'brought_in' =>
        'Wprowadzono: {new, plural, =0 {żadnego nowego ucznia} one {jednego nowego ucznia} few {# nowych uczniów} many {# nowych uczniów} other {# nowego ucznia}}, {changed, plural, =0 {nikogo nie zmieniono} one {jednego zmieniono} few {# zmieniono} many {# zmieniono} other {# zmieniono}}, {gone, plural, =0 {nikogo nie odłożono} one {jednego odłożono} few {# odłożono} many {# odłożono} other {# odłożono}}; {guardians, plural, =0 {żadnego nowego opiekuna} one {jednego nowego opiekuna} few {# nowych opiekunów} many {# nowych opiekunów} other {# nowego opiekuna}}.',
    'no_name_column' => 'Proszę powiedzieć, w której kolumnie są nazwiska uczniów.',
    'too_long' => 'Więcej niż {most, number} wierszy. Proszę wysłać je w kilku plikach.',
    'guessed' =>
        'Litery nie są ani w UTF-8, ani w UTF-16; odczytano je tak, jak zapisuje Windows. Proszę sprawdzić nazwiska ze znakami diakrytycznymi.',
    'no_name' => 'Wiersz {line, number}: „{name}” to nie nazwisko. Pominięto go.',
    'number_twice' => 'Wiersz {line, number}: {name} ma numer {number}, który ma {other}. Pominięto go.',
    'ask_lines' =>
        'Wiersze {other, number} i {line, number} to {name}, bez numeru, który by je odróżniał: {same, select, yes {oba w {class}} other {{other_class, select, none {bez klasy} other {{other_class}}} i {class, select, none {bez klasy} other {{class}}}}}.',
    'ask_known' =>
        '{name} ({class, select, none {bez klasy} other {{class}}}, {number, select, none {bez numeru} other {numer {number}}}) to może {name}, już tutaj ({known_class, select, none {bez klasy} other {{known_class}}}, {known_number, select, none {bez numeru} other {numer {known_number}}}).',
    'ask_which' =>
        '{name} ({class, select, none {bez klasy} other {{class}}}, {number, select, none {bez numeru} other {numer {number}}}): {count, plural, one {jedna osoba o tym nazwisku już tu jest} few {# osoby o tym nazwisku już tu są} many {# osób o tym nazwisku już tu jest} other {# osoby o tym nazwisku już tu jest}}, i nic nie mówi, która to. Proszę uznać za innego ucznia albo pominąć i dać każdemu numer.',
    'answer_first' =>
        'Niektórzy z nich to może jeden uczeń albo dwóch. Proszę to najpierw powiedzieć; niczego nie wprowadzono.',
    'brought_in_at' =>
        'Ostatnio wprowadzono {at}: {new, plural, =0 {żadnego nowego ucznia} one {jednego nowego ucznia} few {# nowych uczniów} many {# nowych uczniów} other {# nowego ucznia}}, {changed, plural, =0 {nikogo nie zmieniono} one {jednego zmieniono} few {# zmieniono} many {# zmieniono} other {# zmieniono}}, {gone, plural, =0 {nikogo nie odłożono} one {jednego odłożono} few {# odłożono} many {# odłożono} other {# odłożono}}. Przez dobę można to cofnąć.',
    'taken_back' =>
        'Ten plik cofnięto: nowi są odłożeni, a wszyscy inni są jak przedtem.{stay, plural, =0 {} one { Jednego ucznia zmieniono od tamtej pory ręcznie, i tak zostaje.} few { # uczniów zmieniono od tamtej pory ręcznie, i tak zostają.} many { # uczniów zmieniono od tamtej pory ręcznie, i tak zostają.} other { # ucznia zmieniono od tamtej pory ręcznie, i tak zostaje.}}',
    'nothing_to_take_back' =>
        'Niczego nie da się już cofnąć: minęła doba albo ktoś już to zrobił. Niczego nie zmieniono.',
    'no_address' => 'Wiersz {line, number}: „{email}” to nie adres e-mail. Przyjęto bez niego: {name}.',
    'no_phone' => 'Wiersz {line, number}: „{phone}” to nie numer telefonu. Przyjęto bez niego: {name}.',
    'guardian_without_name' => 'Wiersz {line, number}: {email} jest bez nazwiska; pominięto.',
    'no_id' => 'Wiersz {line, number} w users.csv: {name} nie ma sourcedId. Pominięto go.',
    'class_unknown' =>
        '{count, plural, one {Jeden zapis dotyczy} few {# zapisy dotyczą} many {# zapisów dotyczy} other {# zapisu dotyczy}} klasy, której nie ma w classes.csv.',
    'no_bundle' => 'To ani tabela, ani pakiet z manifest.csv.',
    'bundle_large' => 'Po rozpakowaniu ten pakiet jest większy niż jakiejkolwiek szkoły. Niczego nie odczytano.',
    'table_missing' => 'W pakiecie brakuje {table} albo jego manifest mówi, że go nie ma. Niczego nie wprowadzono.',
    'part_student_number' => 'Numer ucznia',
    'part_student_name' => 'Imię i nazwisko ucznia',
    'part_student_given' => 'Imię ucznia',
    'part_student_family' => 'Nazwisko ucznia',
    'part_class' => 'Klasa',
    'part_teacher_email' => 'Adres e-mail nauczyciela',
    'part_guardian1_name' => 'Imię i nazwisko opiekuna',
    'part_guardian1_email' => 'Adres e-mail opiekuna',
    'part_guardian1_phone' => 'Numer telefonu opiekuna',
    'part_guardian1_language' => 'Język opiekuna',
    'part_guardian1_may_book' => 'Czy może rezerwować (yes, no)',
    'part_guardian2_name' => 'Imię i nazwisko drugiego opiekuna',
    'part_guardian2_email' => 'Adres e-mail drugiego opiekuna',
    'part_guardian2_phone' => 'Numer telefonu drugiego opiekuna',
    'part_guardian2_language' => 'Język drugiego opiekuna',
    'part_guardian2_may_book' => 'Czy drugi może rezerwować (yes, no)',
];
