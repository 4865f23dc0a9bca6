<?php

declare(strict_types=1);

return [
    'queue_well' => 'Nachrichten gehen hinaus.',
    'queue_wrong' =>
        '{waiting, plural, one {Eine Nachricht oder andere Arbeit wartet} other {# Nachrichten und andere Arbeiten warten}}, die älteste seit {minutes, plural, one {einer Minute} other {# Minuten}}. Läuft die Warteschlange? bin/recess school status sagt es.',
    'scheduler_well' => 'Der Zeitplaner läuft.',
    'scheduler_wrong' =>
        '{known, select, no {Der Zeitplaner lief noch nie} other {Der Zeitplaner schweigt seit {minutes, plural, one {einer Minute} other {# Minuten}}}}: Solange gehen keine Erinnerungen hinaus. bin/recess school status sagt, ob er läuft.',
    'letters_well' => 'Keine Nachricht des letzten Tages wurde aufgegeben.',
    'letters_wrong' =>
        '{failed, plural, one {Eine Nachricht oder andere Arbeit} other {# Nachrichten und andere Arbeiten}} des letzten Tages gelangen gar nicht. Warum: bin/recess school artisan queue:failed; noch einmal: bin/recess school artisan queue:retry all.',
    'clock_well' => 'Nichts wurde später als jetzt aufgeschrieben.',
    'clock_wrong' =>
        'Etwas wurde {minutes, plural, one {eine Minute} other {# Minuten}} später als jetzt aufgeschrieben: Die Uhr des Rechners wurde zurückgestellt, oder ging vorher falsch. Stellen Sie sie richtig: Inzwischen gebuchte Zeiten stimmen, aber „zu spät“ und Erinnerungen gehen nach der Uhr.',
    'workers_well' => 'Die Arbeitsprozesse sind da.',
    'worker_silent' =>
        '{queue, select, rounds {Vom Prozess, der Zeiten für Sprechtage sucht,} other {Vom Prozess, der Nachrichten schickt,}} war {minutes, plural, one {eine Minute} other {# Minuten}} lang nichts zu hören. bin/recess up startet, was nicht läuft.',
    'held' =>
        '{held, plural, =0 {Keine Nachricht einer wiederhergestellten Sicherung wird zurückgehalten.} one {Eine Nachricht oder andere Arbeit einer wiederhergestellten Sicherung wird zurückgehalten} other {# Nachrichten und andere Arbeiten einer wiederhergestellten Sicherung werden zurückgehalten}}{held, plural, =0 {} other {: Vielleicht gingen sie vorher schon hinaus. Schicken Sie sie mit bin/recess school artisan recess:held send, oder verwerfen Sie sie mit … recess:held drop.}}',
    'held_sent' =>
        '{held, plural, one {Eine Nachricht oder andere Arbeit geht} other {# Nachrichten und andere Arbeiten gehen}} jetzt hinaus.',
    'held_dropped' =>
        '{held, plural, one {Eine Nachricht oder andere Arbeit wurde} other {# Nachrichten und andere Arbeiten wurden}} verworfen.',
    'held_how' => 'Es gibt recess:held, recess:held send und recess:held drop. Nichts wurde ausgeführt.',
    'unsent_well' => 'Keine Nachricht wird seit Langem vergeblich versucht.',
    'letters_waiting' =>
        '{count, plural, one {Eine Nachricht wurde versucht und geht} other {# Nachrichten wurden versucht und gehen}} nicht hinaus. Der Mailserver sagt „{why}“.',
    'letters_given_up' =>
        '{count, plural, one {Eine Nachricht wurde} other {# Nachrichten wurden}} innerhalb eines Tages aufgegeben. Der Mailserver sagte „{why}“.',
    'mail_well' => 'Der Mailserver nimmt unsere Nachrichten an ({server}).',
    'mail_wrong' =>
        'Der Mailserver ({server}) nimmt unsere Nachrichten nicht an: „{why}“. Sie warten und werden drei Tage lang versucht. So richten Sie es: bin/recess install --mail-host NAME --mail-user NAME --mail-password-file FILE',
    'other_tables' =>
        'Die Tabellen dieser Schule sind von einer anderen Version von Recess als ihr Programm, also wird nichts gezeigt und nichts geschrieben; nichts ist verloren. Für alle, die den Server betreuen: bin/recess doctor, dann bin/recess up.',
    'census' =>
        '{staff, plural, one {eine Person im Kollegium} other {# Personen im Kollegium}}, {sheets, plural, one {ein Blatt} other {# Blätter}}, {bookings, plural, one {eine Buchung} other {# Buchungen}}, {students, plural, one {ein Kind} other {# Kinder}}.',
    'first_key_over' =>
        '{school} ist schon eingezogen. Das Sekretariat lädt alle anderen ein, auf der Seite „Kollegium“.',
    'too_much' =>
        'Das ist mehr, als irgendeine unserer Seiten schickt, also wurde es nicht angesehen. Nichts wurde geändert.',
    'calendar_too_much' =>
        'Diesen Kalender zu lesen braucht mehr Zeit oder Speicher, als ein Kalender darf. Suchen Sie darin Einträge, die sich jede Minute oder Sekunde wiederholen.',
    'file_quote_open' =>
        'Ein Anführungszeichen ("), das in Zeile {line, number} dieser Datei beginnt, ist nicht geschlossen, also wäre das Folgende ein einziges langes Wort. Nichts wurde geändert. Schließen oder entfernen Sie es, und geben Sie die Datei noch einmal ab.',
    'file_too_large' =>
        'Diese Datei hat mehr als {lines, number} Zeilen, oder eine sehr lange, also wurde sie nicht gelesen. Nichts wurde geändert. Geben Sie sie in Teilen ab.',
    'a_lot_at_once' =>
        'Das war viel auf einmal. Warten Sie eine Minute und drücken Sie noch einmal; nichts ist verloren.',
    'settings_title' => 'Einstellungen',
    'school_title' => 'Die Schule',
    'text_refused' => 'Der Dienst für Textnachrichten antwortete {status}.',
    'text_unanswered' => 'Der Dienst für Textnachrichten antwortete nicht.',
    'no_texts' => 'Hier werden keine Textnachrichten verschickt.',
];
