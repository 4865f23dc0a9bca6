<?php

declare(strict_types=1);

return [
    'feed_name' => 'Gespräche',
    'not_http' => 'Die Adresse eines Kalenders beginnt mit https://, http:// oder webcal://.',
    'not_allowed' =>
        'Diese Adresse führt ins eigene Netz der Schule; von dort werden keine Kalender geholt. Die ' .
        'Systembetreuung kann es erlauben.',
    'not_plain' =>
        'Der Name des Servers hat Buchstaben, die Adressen nicht haben. Kopieren Sie ihn neu aus Ihrem ' .
        'Kalenderprogramm.',
    'unknown_host' => 'Ein Server dieses Namens ist nicht bekannt. Sehen Sie sich die Adresse noch einmal an.',
    'no_end' => 'Die Adresse führt ohne Ende von einer zur nächsten. Kopieren Sie sie neu aus Ihrem Kalenderprogramm.',
    'too_large' => 'Der Kalender ist größer als {megabytes} MB.',
    'not_let' => 'Der Server lässt uns nicht lesen. Kopieren Sie die private Adresse aus Ihrem Kalenderprogramm.',
    'gone' => 'Unter dieser Adresse gibt es keinen Kalender mehr.',
    'error' => 'Der Server hat mit einem Fehler geantwortet ({status}). Wir versuchen es später wieder.',
    'no_answer' => 'Der Server hat nicht rechtzeitig geantwortet. Wir versuchen es später wieder.',
    'address_or_file' => 'Geben Sie die Adresse eines Kalenders an, oder wählen Sie eine Datei.',
    'file_most' => 'Eine Kalenderdatei hat höchstens {megabytes} MB.',
    'skipped' => 'Zeile {line, number, integer}, {what}: {why}',
    'summary' => '{title}: {with}',
    'summary_about' => '{title}: {with}, wegen {student}',
];
