<?php

declare(strict_types=1);

return [
    'none_here' => 'Qui per ora non si può prenotare nulla. <link>Veda chi altro può incontrare</link>.',
    'ask_for_time' => 'Chiedere un orario a {host}',
    'heading' => 'Colloqui con il nostro personale',
    'card' => 'Scrivere il codice della carta',
    'again' => 'Dove sono i miei colloqui?',
    'none_now' => 'Per ora non si può prenotare nulla.',
    'intro' => 'Scelga chi vuole incontrare, poi un orario. Non serve un account.',
    'under_way' => 'In corso',
    'seek' => 'Un nome, una materia o un’aula',
    'about' => 'O chiunque sia libero per',
    'show_times' => 'Mostrare gli orari liberi',
    'found' => '{many, plural, one {# persona trovata} other {# persone trovate}}',
    'some_shown' => '{shown, number, integer} di {many, number, integer} in vista.',
    'show_more' => 'Mostrare altro',
    'or_type' => 'O scriva un nome qui sopra.',
    'nobody' => 'Nessuno con quel nome ha orari aperti. Provi una materia, o meno lettere.',
    'again_sent' => 'Se con questo indirizzo c’è qualcosa di prenotato, è in arrivo un messaggio con i Suoi colloqui.',
    'again_email' => 'L’indirizzo e-mail con cui ha prenotato',
    'again_send' => 'Inviarli di nuovo',
    'staff' => 'Per il personale: accedere',
    'find_heading' => 'Chi è libero, e quando',
    'find_about' => 'Di che cosa si tratta',
    'find_from' => 'Dal',
    'find_to' => 'Al',
    'find_names' => 'Solo questi nomi o materie',
    'find_booked' => '{at} con {host} è Suo. Scelga l’orario seguente, o veda <link>tutto ciò che ha prenotato</link>.',
    'find_no_clash' => 'Gli orari che si sovrappongono ai Suoi colloqui non sono mostrati.',
    'find_small_times' => 'Gli orari in piccolo sono nel Suo fuso orario, {city}.',
    'find_time' => '{host}, {from} – {until}',
    'find_all_of' => '{count, plural, one {L’unico orario di {host}} other {Tutti i # orari di {host}}}',
    'find_all' => 'tutti i {count, number, integer}',
    'find_nobody' => 'In questi giorni nessuno lo offre. Guardi altri giorni, o <link>tutti</link>.',
    'find_these' =>
        'Docenti da {first, number, integer} a {last, number, integer} di {all, number, integer}, per nome.',
    'find_before' => 'I precedenti',
    'find_after' => 'I successivi',
    'round' =>
        '{said, select, wishes {<bold>{title}</bold>, {when}: {wishes}} free {<bold>{title}</bold>, {when}: ' .
        '{hosts, plural, one {# docente} other {# docenti}}, con orari liberi} other {<bold>{title}</bold>, ' .
        '{when}: {hosts, plural, one {# docente} other {# docenti}}}}',
    'round_wishes' => 'I Suoi desideri',
    'round_plan' => 'Organizzare tutti i colloqui',
    'round_beside' => 'Vederli fianco a fianco',
    'find_none_that_day' => '{subject}: nulla di libero in questo giorno',
    'find_ruler' => '{host}, {subject}',
    'next_elsewhere' => '{next} ({there} nel Suo fuso orario)',
    'ask_all_the_same' => 'Può comunque chiedere un orario:',
    'ask_none_suits' => 'Nessun orario va bene?',
];
