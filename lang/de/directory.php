<?php

declare(strict_types=1);

return [
    'title' => 'Schülerinnen und Schüler',
    'not_known' => 'Eine hier gewählte Klasse oder Person steht nicht mehr im Verzeichnis. Wählen Sie noch einmal.',
    'number_taken' => 'Jemand anderes hat diese Nummer.',
    'first_line' =>
        'Die erste Zeile wird als Überschrift gelesen: „{line}“. Wenn sie schon ein Kind ist, schreiben Sie eine Zeile mit Überschriften darüber und wählen Sie die Datei noch einmal. Nichts wird übernommen, bevor Sie drücken.',
    'part_twice' => 'Zwei Spalten können nicht dasselbe sein. Wählen Sie für eine etwas anderes.',
    'changed_meanwhile' =>
        'Seit Sie diese Datei ansahen, hat sich etwas geändert. Nichts wurde übernommen; sehen Sie sie noch einmal an.',
    'nothing_new' =>
        '{wrong, plural, =0 {Alles steht schon im Verzeichnis. Nichts würde sich ändern.} other {Nichts würde sich ändern: Was zu verstehen war, steht schon im Verzeichnis.}}',
    'would' =>
        '{new, plural, =0 {Kein neues Kind} one {Ein neues Kind} other {# neue Kinder}}, {changed, plural, =0 {keines geändert} one {eines geändert} other {# geändert}}, {gone, plural, =0 {keines gegangen} one {eines gegangen} other {# gegangen}}; {guardians, plural, =0 {keine neue Bezugsperson} one {eine neue Bezugsperson} other {# neue Bezugspersonen}}, {guardians_changed, plural, =0 {keine geändert} one {eine geändert} other {# geändert}}; {classes, plural, =0 {keine neue Klasse} one {eine neue Klasse} other {# neue Klassen}}.{open, plural, =0 {} one { Eine Zeile wartet auf Ihre Antwort.} other { # Zeilen warten auf Ihre Antwort.}}',
    'brought_in' =>
        'Übernommen: {new, plural, =0 {kein neues Kind} one {ein neues Kind} other {# neue Kinder}}, {changed, plural, =0 {keines geändert} one {eines geändert} other {# geändert}}, {gone, plural, =0 {keines weggelegt} one {eines weggelegt} other {# weggelegt}}; {guardians, plural, =0 {keine neue Bezugsperson} one {eine neue Bezugsperson} other {# neue Bezugspersonen}}.',
    'no_name_column' => 'Sagen Sie, in welcher Spalte die Namen der Kinder stehen.',
    'too_long' => 'Mehr als {most, number} Zeilen. Schicken Sie sie in mehreren Dateien.',
    'guessed' =>
        'Die Buchstaben sind weder UTF-8 noch UTF-16; sie wurden so gelesen, wie Windows sie schreibt. Sehen Sie sich Namen mit Akzenten an.',
    'no_name' => 'Zeile {line, number}: „{name}“ ist kein Name. Sie wurde ausgelassen.',
    'number_twice' =>
        'Zeile {line, number}: {name} hat die Nummer {number}, die {other} gehört. Sie wurde ausgelassen.',
    'ask_lines' =>
        'Zeilen {other, number} und {line, number} sind beide {name}, ohne Nummer, die sie unterscheidet: {same, select, yes {beide in {class}} other {{other_class, select, none {keine Klasse} other {{other_class}}} und {class, select, none {keine Klasse} other {{class}}}}}.',
    'ask_known' =>
        '{name} ({class, select, none {keine Klasse} other {{class}}}, {number, select, none {keine Nummer} other {Nummer {number}}}) ist vielleicht {name}, schon hier ({known_class, select, none {keine Klasse} other {{known_class}}}, {known_number, select, none {keine Nummer} other {Nummer {known_number}}}).',
    'ask_which' =>
        '{name} ({class, select, none {keine Klasse} other {{class}}}, {number, select, none {keine Nummer} other {Nummer {number}}}): {count, plural, one {Eine Person dieses Namens ist} other {# Personen dieses Namens sind}} schon hier, und nichts sagt, welche es ist. Nehmen Sie sie als anderes Kind, oder lassen Sie sie aus und geben Sie jeder eine Nummer.',
    'answer_first' => 'Manche davon sind vielleicht ein Kind oder zwei. Sagen Sie das zuerst; nichts wurde übernommen.',
    'brought_in_at' =>
        'Zuletzt übernommen am {at}: {new, plural, =0 {kein neues Kind} one {ein neues Kind} other {# neue Kinder}}, {changed, plural, =0 {keines geändert} one {eines geändert} other {# geändert}}, {gone, plural, =0 {keines weggelegt} one {eines weggelegt} other {# weggelegt}}. Einen Tag lang lässt es sich zurücknehmen.',
    'taken_back' =>
        'Diese Datei ist zurückgenommen: Neue sind weggelegt, alle anderen sind wie vorher.{stay, plural, =0 {} one { Ein Kind wurde seitdem von Hand geändert und bleibt so.} other { # Kinder wurden seitdem von Hand geändert und bleiben so.}}',
    'nothing_to_take_back' =>
        'Es lässt sich nichts mehr zurücknehmen: Ein Tag ist vorbei, oder jemand hat es schon getan. Nichts wurde geändert.',
    'no_address' => 'Zeile {line, number}: „{email}“ ist keine E-Mail-Adresse. {name} wurde ohne sie aufgenommen.',
    'no_phone' => 'Zeile {line, number}: „{phone}“ ist keine Telefonnummer. {name} wurde ohne sie aufgenommen.',
    'guardian_without_name' => 'Zeile {line, number}: {email} steht ohne Namen da und wurde ausgelassen.',
    'no_id' => 'Zeile {line, number} von users.csv: {name} hat keine sourcedId. Sie wurde ausgelassen.',
    'class_unknown' =>
        '{count, plural, one {Eine Zuordnung gehört} other {# Zuordnungen gehören}} zu einer Klasse, die classes.csv nicht hat.',
    'no_bundle' => 'Das ist weder eine Tabelle noch ein Paket mit einer manifest.csv.',
    'bundle_large' => 'Ausgepackt ist dieses Paket größer als das irgendeiner Schule. Nichts wurde gelesen.',
    'table_missing' => '{table} fehlt im Paket, oder sein Manifest sagt, dass es fehlt. Nichts wurde übernommen.',
    'part_student_number' => 'Nummer des Kindes',
    'part_student_name' => 'Name des Kindes, ganz',
    'part_student_given' => 'Vorname des Kindes',
    'part_student_family' => 'Nachname des Kindes',
    'part_class' => 'Klasse',
    'part_teacher_email' => 'E-Mail-Adresse der Lehrkraft',
    'part_guardian1_name' => 'Name der Bezugsperson',
    'part_guardian1_email' => 'E-Mail-Adresse der Bezugsperson',
    'part_guardian1_phone' => 'Telefonnummer der Bezugsperson',
    'part_guardian1_language' => 'Sprache der Bezugsperson',
    'part_guardian1_may_book' => 'Ob sie buchen darf (yes, no)',
    'part_guardian2_name' => 'Name der zweiten Bezugsperson',
    'part_guardian2_email' => 'E-Mail-Adresse der zweiten Bezugsperson',
    'part_guardian2_phone' => 'Telefonnummer der zweiten Bezugsperson',
    'part_guardian2_language' => 'Sprache der zweiten Bezugsperson',
    'part_guardian2_may_book' => 'Ob die zweite buchen darf (yes, no)',
];
