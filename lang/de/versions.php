<?php

declare(strict_types=1);

// What people write on sheets and rounds, in further languages. ICU MessageFormat.
return [
    'title' => '{title} in weiteren Sprachen',
    'heading' => 'In weiteren Sprachen',
    'about' =>
        'Wer eine dieser Sprachen liest, liest, was Sie hier schreiben; alle anderen lesen es, wie es zuerst ' .
        'geschrieben wurde. Was jedes Blatt fragt (Name, Telefon), gibt es schon in allen.',
    'written_in' => 'Geschrieben auf',
    'not_said' => 'nicht gesagt',
    'into' => 'In welche Sprache',
    'in' => 'Auf {language}',
    'save' => '{language} behalten',
    'kept' => 'Behalten.',
    'leave' => 'Lassen',
    'save_first' => 'Behalten Sie es, bevor Sie zu einer anderen Sprache gehen.',
    'as_before' => 'Wie zuvor: {text}',
    'left' => 'Von dem, was nicht mehr da steht; es geht, wenn Sie dies behalten',
    'meanwhile' =>
        'Inzwischen hat es jemand anders geändert. Was Sie getippt haben, ist noch hier; sehen Sie die Seite ' .
        'in einem anderen Tab neu an.',
    'changed' =>
        'Das Blatt hat sich geändert, seit diese Seite geöffnet wurde. Öffnen Sie sie neu; nichts wurde behalten.',
    'one_line' => '„{text}“ muss auf einer Zeile bleiben.',
    'long' => '„{text}“: das ist dafür zu lang.',
    'link' => 'In weiteren Sprachen',
];
