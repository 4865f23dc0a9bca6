<?php

declare(strict_types=1);

return [
    'if_you_like' => '(wenn Sie möchten)',
    'help_by_phone' => 'Brauchen Sie Hilfe? Rufen Sie im Sekretariat an: <link>{phone}</link>',
    'help' => 'Brauchen Sie Hilfe? Rufen Sie im Sekretariat der Schule an.',
    'recess' => 'Recess',
    'less' => 'Weniger',
    'more' => 'Mehr',
    'a_moment' => 'Einen Moment, es geht von selbst weiter. Nichts ist verloren, und nichts geschieht doppelt.',
    'no_answer' =>
        'Es kam keine Antwort. Was Sie geschrieben haben, steht noch da. Prüfen Sie Ihre Verbindung und klicken ' .
        'Sie noch einmal; nichts geschieht doppelt.',
    'another_look' => 'Etwas braucht noch einen Blick. Nichts ist verloren.',
    'signed_out' =>
        'Sie wurden inzwischen abgemeldet. Melden Sie sich in einem anderen Tab wieder an und klicken Sie dann ' .
        'hier noch einmal; nichts ist verloren.',
    'file_too_large' => 'Diese Datei ist zu groß. Nichts wurde gespeichert; was Sie geschrieben haben, steht noch da.',
    'file_too_large_here' => 'Diese Datei ist zu groß.',
    'a_lot' => 'Das war viel auf einmal. Warten Sie eine Minute und klicken Sie noch einmal; nichts ist verloren.',
    'machine_away' =>
        'Der Server der Schule ist seit einer halben Minute nicht erreichbar. Was Sie geschrieben haben, steht ' .
        'noch da. Klicken Sie in einer Minute noch einmal; nichts geschieht doppelt.',
    'went_wrong' => 'Hier ging etwas schief. Nichts wurde halb gespeichert. Versuchen Sie es in einer Minute wieder.',
    'go_on' => 'Weiter',
    'leave_it' => 'Lassen',
    'undo' => 'Zurücknehmen',
    'close_this' => 'Schließen',
    'e_mail_address' => 'E-Mail-Adresse',
    'with' => 'bei <link>{host}</link>',
    'with_also' => 'bei <link>{host}</link> {also}',
    'clock_24' => '24-Stunden-Uhr',
    'clock_12' => '12-Stunden-Uhr',
    'with_titles' => 'bei <link>{host}</link>, {titles}',
    'with_also_titles' => 'bei <link>{host}</link> {also}, {titles}',
    'and' => '{others} und {last}',
    'minutes_short' => '{minutes, number, integer} Min.',
    'day_1' => 'Montag',
    'day_2' => 'Dienstag',
    'day_3' => 'Mittwoch',
    'day_4' => 'Donnerstag',
    'day_5' => 'Freitag',
    'day_6' => 'Samstag',
    'day_7' => 'Sonntag',
    'one_moment' => 'Einen Moment …',
    'slot' => '{day}, {from} bis {until}',
    'language' => 'Sprache',
];
