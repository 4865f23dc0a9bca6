<?php

declare(strict_types=1);

return [
    'nobody' => 'In questo giorno non viene nessuno.',
    'outside' => 'Per favore aspetti fuori finché non viene chiamato: forse qualcuno è in un colloquio suo.',
    'phone' => 'Scelga un orario con il telefono',
    'here' => 'qui',
    'not' => 'no',
    'here_at' => 'qui alle ______',
    'missed' => 'non venuto',
    'phone_or_at' => 'Scelga un orario con il telefono, o su',
    'our_time' => 'Il nostro orario: ______________________',
    'entrance' => 'Chi va dove: {day}',
    'with' => 'con {host}, {subject}',
    'interprets' => '{name} interpreta',
    'note' => 'La Sua nota: {note}',
    'arrived' => 'Qui alle {time}',
    'slip_with' => '{title} con {host} ({subject})',
    'slip_about' => 'Riguarda: {student}',
    'slip_where' => 'Dove: {place}',
    'slip_for' => 'Per {name}. Prenotato dalla segreteria.',
    'more_days' => 'e altri giorni',
];
