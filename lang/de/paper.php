<?php

declare(strict_types=1);

return [
    'nobody' => 'An diesem Tag kommt niemand.',
    'outside' =>
        'Bitte warten Sie draußen, bis Sie hereingerufen werden: Vielleicht ist jemand in einem eigenen Gespräch.',
    'phone' => 'Wählen Sie eine Zeit mit Ihrem Telefon',
    'here' => 'da',
    'not' => 'nicht',
    'here_at' => 'da um ______',
    'missed' => 'nicht gekommen',
    'phone_or_at' => 'Wählen Sie eine Zeit mit Ihrem Telefon, oder auf',
    'our_time' => 'Unsere Zeit: ______________________',
    'entrance' => 'Wer wohin geht: {day}',
    'with' => 'mit {host}, {subject}',
    'interprets' => '{name} dolmetscht',
    'note' => 'Ihre Notiz: {note}',
    'arrived' => 'Da um {time}',
    'slip_with' => '{title} mit {host} ({subject})',
    'slip_about' => 'Es geht um: {student}',
    'slip_where' => 'Wo: {place}',
    'slip_for' => 'Für {name}. Vom Sekretariat gebucht.',
    'more_days' => 'und weitere Tage',
];
