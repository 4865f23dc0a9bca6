<?php

declare(strict_types=1);

return [
    'was' => 'Era {moment}.',
    'not_to_move' => 'Questo colloquio non si può più spostare.',
    'not_moved' =>
        'Qualcuno ha appena preso uno di questi orari, quindi nulla è stato cambiato. Tutto ciò che aveva ' .
        'prenotato resta dov’era. Guardi il piano ancora una volta.',
    'back_heading' => 'Disdetto: {title}',
    'back_news' =>
        '{count, plural, one {Ha disdetto questo colloquio.} other {Ha disdetto questi # colloqui.}} Gli orari ora ' .
        'sono liberi per altri.',
    'back_link' => 'Prenotare di nuovo',
    'only_families' =>
        'Queste giornate di colloqui sono per le famiglie di {school}. La carta che ha ricevuto le apre.',
    'day_said' =>
        '{from} – {until}, {waiting, plural, =0 {senza attesa} one {# minuto fra i colloqui} other {# minuti fra i ' .
        'colloqui}}.',
    'between_none' => 'subito dopo',
    'between_wait' => '{wait, plural, one {# minuto} other {# minuti}} di attesa',
    'between_way' => '{way, plural, one {# minuto} other {# minuti}} di strada',
    'between_both' => '{way, plural, one {# minuto} other {# minuti}} di strada, {wait} di attesa',
    'left_nothing' => '{host} non ha più orari liberi.',
    'left_interpreter' => '{host} ha orari liberi, ma allora non c’è un interprete della Sua lingua.',
    'left_interpreter_stay' =>
        '{host} ha orari liberi, ma allora non c’è un interprete della Sua lingua; {time} sarebbe libero, se può ' .
        'restare fino alle {until}.',
    'left_interpreter_come' =>
        '{host} ha orari liberi, ma allora non c’è un interprete della Sua lingua; {time} sarebbe libero, se può ' .
        'venire allora.',
    'left_outside' => '{host} non ha orari liberi quando Lei può venire.',
    'left_outside_stay' =>
        '{host} non ha orari liberi quando Lei può venire; {time} sarebbe libero, se può restare fino alle {until}.',
    'left_outside_come' =>
        '{host} non ha orari liberi quando Lei può venire; {time} sarebbe libero, se può venire allora.',
    'left_clashes' => '{host} ha tempo solo mentre Lei è con {others}, o in cammino.',
    'left_clashes_stay' =>
        '{host} ha tempo solo mentre Lei è con {others}; {time} è libero, se può restare fino alle {until}.',
    'left_clashes_come' => '{host} ha tempo solo mentre Lei è con {others}; {time} è libero, se può venire allora.',
    'take_otherwise' => 'Posso venire alle {time}',
    'not_proven' =>
        'Un buon piano. Se ne esista uno migliore non si è potuto vedere nel tempo che una pagina può prendere.',
    'not_proven_meetings' =>
        '{most, plural, one {Forse ci sta # colloquio} other {Forse ci stanno fino a # colloqui}}; tutte le vie ' .
        'non si sono potute vedere nel tempo che una pagina può prendere.',
    'gone' =>
        'Qualcuno ha appena preso {time} con {host}. Nulla è stato prenotato; ecco il piano migliore successivo, ' .
        'con i cambiamenti segnati.',
    'no_longer' =>
        'La scuola ha spostato o chiuso quell’orario: {time} con {host}. Nulla è stato prenotato; ecco il piano ' .
        'migliore successivo, con i cambiamenti segnati.',
    'no_interpreter' =>
        '{time}, quando sarebbe con {host}, nessun interprete è più libero. Nulla è stato prenotato; ecco il piano ' .
        'migliore successivo, con i cambiamenti segnati.',
    'have_it' =>
        'Ha già un orario con {host} che riguarda {child}, forse da un’altra pagina. Nient’altro è stato ' .
        'prenotato; il piano continua da ciò che ha.',
    'child_has_it' =>
        '{apart, select, yes {Un orario con {host} che riguarda {child} non si può prenotare da qui. Nulla è stato ' .
        'prenotato; la segreteria della scuola ne sa di più.} other {Un orario con {host} che riguarda {child} è ' .
        'già prenotato da un’altra persona che se ne occupa. Nulla è stato prenotato; chieda a lei, o in ' .
        'segreteria.}}',
    'elsewhere' =>
        '{apart, select, yes {L’orario {time} non si può più prenotare. Nulla è stato prenotato; ecco il piano ' .
        'migliore successivo, con i cambiamenti segnati.} other {Lei, o {child} con qualcun altro, ha ora un altro ' .
        'colloquio {time}. Nulla è stato prenotato; ecco il piano migliore successivo, con i cambiamenti segnati.}}',
    'left_child' =>
        '{apart, select, yes {Un orario con {host} che riguarda {child} non si può prenotare da qui. La segreteria ' .
        'della scuola ne sa di più.} other {Un’altra persona che si occupa di {child} ha già prenotato con ' .
        '{host}.}}',
    'not_open' =>
        'Queste giornate di colloqui ora non accettano prenotazioni. La segreteria della scuola ne sa di più.',
    'cohort_opens' => 'Per Lei le prenotazioni aprono {moment}.',
    'not_in_it' => 'La persona non c’è in queste giornate, o ora non accetta prenotazioni.',
    'not_theirs' => 'Per questo figlio qui non può prenotare.',
    'twice' => 'La persona è due volte per lo stesso figlio.',
    'nothing_picked' => 'Spunti qualcuno che vuole incontrare.',
    'no_such_hours' => 'Queste ore in quel giorno non esistono.',
    'kept_heading' => '{moved, plural, =0 {Il Suo piano} other {Il Suo nuovo piano}}: {title}',
    'kept_news' =>
        '{moved, plural, =0 {{count, plural, one {Questo colloquio è Suo} other {Questi # colloqui sono Suoi}}.} ' .
        'one {Ha spostato # colloquio. {count, plural, one {Questo colloquio è Suo} other {Questi # colloqui sono ' .
        'Suoi}} adesso.} other {Ha spostato # colloqui. {count, plural, one {Questo colloquio è Suo} other {Questi ' .
        '# colloqui sono Suoi}} adesso.}} Apra i Suoi colloqui per cambiarne o disdirne uno.',
    'kept_to_confirm' =>
        '{count, plural, one {Questo colloquio è tenuto} other {Questi # colloqui sono tenuti}} per Lei per ' .
        'mezz’ora. Un clic sull’indirizzo qui sotto e tutto è prenotato.',
    'kept_link' => 'Tutto ciò che ha prenotato',
    'kept_confirm' => 'Sì, è il mio indirizzo: prenotare',
    'no_scripts' =>
        'Il piano si cerca mentre guarda, e per questo serve JavaScript. Senza, si prenota con un docente dopo ' .
        'l’altro:',
    'invite_heading' => '{title}: {collects, select, yes {chi vuole incontrare?} other {scelga i Suoi orari}}',
    'remind_heading' => '{title}: non abbiamo ancora Sue notizie',
    'remind_news_book' => 'Può prenotare orari per {students} con tutti i suoi docenti, e vedere come stanno insieme.',
    'remind_news_wish' => 'Può dire chi vuole incontrare per {students}, e quando può venire, fino a {moment}.',
    'remind_link' => 'Aprire la pagina',
    'remind_text' => '{title}: orari per {students} su {link}',
];
