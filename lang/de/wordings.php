<?php

declare(strict_types=1);

// The school's own words, in place of ours: a page of the office. ICU MessageFormat.
return [
    'title' => 'Unsere Worte',
    'about' =>
        'Jeder Satz von Recess kann in den Worten Ihrer Schule gesagt werden: auf Seiten, in Briefen, auf ' .
        'Papier. Suchen Sie ihn, schreiben Sie einen anderen, und er gilt von da an.',
    'language' => 'Auf',
    'find' => 'Wörter des Satzes',
    'find_press' => 'Suchen',
    'own_only' => 'Nur unsere eigenen ({count, number, integer})',
    'type_first' => 'Tippen Sie ein paar Wörter, wie sie auf der Seite oder im Brief stehen.',
    'none' => 'Kein Satz hat diese Wörter.',
    'none_own' => 'Noch ist nichts anders formuliert.',
    'more' => '{count, plural, one {Und noch einer} other {Und # weitere}}. Tippen Sie mehr Wörter.',
    'found' => '{count, plural, =0 {Nichts gefunden} one {Ein Satz} other {# Sätze}}',
    'own' => 'Ihrer',
    'ours_is' => 'Unserer',
    'ours_changed' => 'Unserer hat sich geändert, seit Sie diesen geschrieben haben.',
    'english_is' => 'Auf Englisch',
    'where' => 'Steht in',
    'change' => 'Ändern',
    'change_of' => '„{text}“ ändern',
    'another' => 'Ihre Formulierung',
    'another_about' =>
        'Was in geschweiften Klammern steht, wird gefüllt, wenn es gesagt wird: Lassen Sie das erste Wort ' .
        'darin, wie es ist. Bei einer Zahl hat jede Art, sie zu sagen, ihre eigenen Klammern.',
    'save' => 'So sagen',
    'leave' => 'Lassen',
    'back' => 'Zurück zu unserem',
    'kept' => 'Ab jetzt heißt es so.',
    'not_there' => 'Diesen Satz gibt es nicht mehr. Suchen Sie ihn neu.',
    'meanwhile' =>
        'Inzwischen hat ihn jemand anders formuliert: „{text}“. Ihrer wurde nicht behalten; suchen Sie ihn neu.',
    'fault_empty' => 'Schreiben Sie etwas, oder drücken Sie „Zurück zu unserem“.',
    'fault_letters' => 'Die Buchstaben sind nicht lesbar. Es muss UTF-8 sein.',
    'fault_long' => 'Das ist zu lang: höchstens {most, plural, one {ein Zeichen} other {# Zeichen}}.',
    'fault_unseen' => 'Darin steht ein Zeichen, das man nicht sieht. Tippen Sie den Satz, statt ihn einzufügen.',
    'fault_brackets' => 'Eine geschweifte Klammer fehlt, oder eine ist zu viel.',
    'fault_lines' => 'Der Satz muss auf einer Zeile bleiben.',
    'fault_tags' => 'Zeichen wie {signs} können nur so stehen wie in unserem Satz.',
    'fault_lacking' => 'Das fehlt: {names}. Es wird gefüllt, wenn es gesagt wird.',
    'fault_strange' => 'Das füllt niemand: {names}.',
    'fault_plural' => 'Eine Art, die Zahl zu sagen, fehlt: {way} (zum Beispiel {numbers}).',
    'in_times' => 'die Seite, auf der man einen Termin bucht',
    'in_find' => 'Seiten, auf denen Familien jemanden finden',
    'in_pass' => 'der Pass einer Familie',
    'in_round' => 'die Seite eines Sprechtags für Familien',
    'in_asking' => 'die Bitte um eine andere Zeit',
    'in_entrance' => 'das Tablet am Eingang',
    'in_desk' => 'der Tisch am Abend',
    'in_sheets' => 'die Blätter einer Lehrkraft',
    'in_rounds' => 'die Vorbereitung eines Sprechtags',
    'in_office' => 'Seiten des Sekretariats',
    'in_account' => 'Anmelden und Einstellungen',
    'in_letter' => 'ein Brief',
    'in_paper' => 'ein Papier',
    'in_plain' => 'Seiten ohne Skripte',
    'in_error' => 'die Seite, die sagt, dass etwas nicht ging',
    'in_text' => 'eine SMS',
    'in_answer' => 'eine Antwort, oder ein Teil eines anderen Satzes',
    'file_title' => 'Alles, zum Übersetzen',
    'file_about' =>
        'Eine PO-Datei, wie Übersetzungsprogramme sie lesen und schreiben. ' .
        'Was zurückkommt, wird erst angesehen; es wird ganz übernommen oder gar nicht.',
    'file_out' => 'Alle Sätze auf {language}',
    'file_in' => 'Eine PO-Datei mit Sätzen',
    'file_choose' => 'Eine Datei ansehen',
    'file_take' => '{count, plural, one {Einen Satz} other {# Sätze}} übernehmen',
    'file_more' => '{count, plural, one {und noch einer} other {und # weitere}}',
    'file_ours' => 'unserer: {text}',
    'file_letters' =>
        'Die Buchstaben dieser Datei sind nicht lesbar. Speichern Sie sie als UTF-8 und wählen Sie sie noch ' .
        'einmal. Nichts wurde übernommen.',
    'file_not_read' =>
        '{line, select, none {Das ist keine PO-Datei.} other {Das ist keine PO-Datei: Zeile {line} ' .
        'ist nicht lesbar.}} Nichts wurde übernommen.',
    'file_language' =>
        'Die Datei sagt nicht, auf welcher Sprache sie ist, oder es ist eine, die Recess nicht spricht ' .
        '(„{language}“). Ihr Kopf braucht eine Zeile wie „Language: it“. Nichts wurde übernommen.',
    'file_fault' => 'Zeile {line, number, integer}, {key}: {why}',
    'file_faults_more' => '{more, plural, one {Und noch einer.} other {Und # weitere.}}',
    'file_strange' =>
        '{count, plural, one {Einer ist kein Satz von Recess mehr und bleibt weg} ' .
        'other {# sind keine Sätze von Recess mehr und bleiben weg}}: {keys}{more, plural, =0 {} ' .
        'one {, und noch einer} other {, und # weitere}}.',
    'file_changed' =>
        'Bei {count, plural, one {einem Satz} other {# Sätzen}} ' .
        'hat sich das Englische geändert, seit die Datei hinausging; was gesagt wird, bleibt: {keys}{more, ' .
        'plural, =0 {} one {, und noch einer} other {, und # weitere}}.',
    'file_unsure' =>
        '{count, plural, one {Einer ist als unsicher (fuzzy) markiert und bleibt weg} ' .
        'other {# sind als unsicher (fuzzy) markiert und bleiben weg}}: {keys}{more, plural, =0 {} ' .
        'one {, und noch einer} other {, und # weitere}}.',
    'file_meanwhile' =>
        'Seit Sie nachgesehen haben, hat sich etwas geändert. Sehen Sie die Datei noch einmal an. ' .
        'Nichts wurde übernommen.',
    'file_taken' => 'Ab jetzt {count, plural, one {heißt ein Satz} other {heißen # Sätze}} anders ({language}).',
    'file_would' =>
        '{language}: {count, plural, =0 {nichts hieße anders} one {ein Satz hieße anders} ' .
        'other {# Sätze hießen anders}}. {faults, plural, =0 {} ' .
        'one {Einer ist falsch; berichtigen Sie ihn erst in der Datei.} ' .
        'other {# sind falsch; berichtigen Sie sie erst in der Datei.}}',
    'back_all' => 'Alles zurück zu unserem ({language})',
    'back_all_sure' =>
        '{count, plural, one {Ein Satz von Ihnen verschwindet} other {# Sätze von Ihnen verschwinden}}. ' .
        'Holen Sie vorher die Datei, wenn Sie sie behalten wollen.',
];
