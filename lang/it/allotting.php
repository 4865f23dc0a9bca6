<?php

declare(strict_types=1);

return [
    'board_until' => 'i desideri si accettano fino a {moment}',
    'board_over' => 'gli orari si stanno assegnando; chi ha inviato desideri avrà notizie dei suoi',
    'over' => 'I desideri non si accettano più. Gli orari liberi saranno qui quando tutti i desideri avranno i loro.',
    'windows_needed' => 'Dica quando può venire: in nessuna sera nessuno può incontrarla.',
    'until' => 'Può inviare desideri, e cambiarli, fino a {moment}.',
    'until_over' =>
        'I desideri si potevano inviare fino a {moment}. Saprà quali orari sono Suoi appena tutti avranno i loro.',
    'sent_at' => 'La scuola ha i Suoi desideri da {moment}.',
    'plain_how' => 'Scriva 1 accanto a chi vuole incontrare di più, poi 2, e così via; lasci vuoti gli altri.',
    'plain_when' => 'Quando può venire?',
    'plain_others' => 'Qualcun altro',
    'plain_from' => 'dalle',
    'plain_until' => 'alle',
    'plain_from_again' => 'e dalle',
    'plain_until_again' => 'alle',
    'plain_needs' => 'Ciò che Le serve',
    'plain_walk' => 'Tempo per passare da un’aula all’altra',
    'plain_breather' => 'Una pausa fra due colloqui',
    'plain_minutes' => '{n, plural, =0 {nessuno} one {# minuto} other {# minuti}}',
    'plain_interpreter' => 'Interprete',
    'plain_no_interpreter' => 'non serve',
    'plain_ground' => 'Ci serve il piano terra',
    'plain_phone' => 'Numero di telefono',
    'plain_name' => 'Il Suo nome',
    'plain_email' => 'Il Suo indirizzo e-mail',
    'plain_child' => 'Figlio {n}',
    'plain_child_name' => 'Nome dello studente',
    'plain_send' => 'Inviare questi desideri',
    'too_many' => 'Più desideri di quanti ne possiamo accettare. Ne tolga alcuni.',
    'wishes_heading' => 'I Suoi desideri: {title}',
    'wishes_news' =>
        '{count, plural, =0 {Ha ritirato i Suoi desideri. La scuola non ha nulla. Può inviarne altri fino a ' .
        '{moment}.} one {La scuola ha il Suo desiderio. Può cambiarlo fino a {moment}. Poi saprà quale orario è ' .
        'Suo.} other {La scuola ha i Suoi # desideri, in quest’ordine. Può cambiarli fino a {moment}. Poi saprà ' .
        'quali orari sono Suoi.}}',
    'wishes_to_confirm' =>
        '{count, plural, one {Il Suo desiderio è tenuto.} other {I Suoi # desideri sono tenuti.}} Contano quando ' .
        'questo indirizzo ha risposto: un clic qui sotto.',
    'gone_heading' => '{host} non c’è più',
    'gone_news' =>
        '{host} non c’è più in quei giorni. Gli altri Suoi desideri restano. {open, select, yes {Può desiderare ' .
        'qualcun altro fino a {moment}.} other {Chiami la segreteria se vuole qualcun altro.}}',
    'gone' =>
        '{count, plural, one {{names} non c’è più in quei giorni.} other {{names} non ci sono più in quei ' .
        'giorni.}} Scelga qualcun altro, o continui con il resto.',
    'wishes_link' => 'Cambiare o aggiungere desideri',
    'wishes_confirm' => 'Sì, è il mio indirizzo',
    'wishes_row' => '{host}{student, select, none {} other { – riguarda {student}}}',
    'wishes_when' => 'Può venire',
    'wishes_hours' => '{day}, {from} – {until}',
    'wishes_needs' => 'Le serve',
    'wishes_interpreter' => 'un interprete ({language})',
    'wishes_ground' => 'il piano terra',
    'wishes_break' => '{n, plural, one {una pausa di # minuto} other {una pausa di # minuti}}',
    'wishes_rank' => '{rank, selectordinal, many {#º} other {#º}} desiderio',
    'given_heading' => 'I Suoi orari: {title}',
    'given_news' =>
        '{count, plural, =0 {Per ciò che ha desiderato non si è potuto dare alcun orario.} one {Questo orario è ' .
        'Suo.} other {Questi # orari sono Suoi.}} {left, plural, =0 {È tutto ciò che era desiderato.} one {Per # ' .
        'desiderio non c’era un orario; è qui sotto.} other {Per # desideri non c’era un orario; sono qui sotto.}} ' .
        'Ciò che è libero ora lo possono prenotare tutti.',
    'given_asked' => 'Alcuni li ha chiesti un docente.',
    'given_link' => 'I Suoi colloqui: cambiare, stampare o disdire',
    'given_left' => 'Nessun orario con {host}',
    'to_family_outside_windows' => 'Non c’è un orario quando può venire.',
    'to_family_host_full' => 'Gli orari in cui può venire sono andati ad altri.',
    'to_family_clashes' => 'Libero solo mentre è in un altro colloquio, o in cammino.',
    'to_family_no_interpreter' => 'Ci sono orari, ma allora non c’è un interprete della Sua lingua.',
    'to_family_other_guardian' =>
        '{apart, select, yes {Non si è potuto dare a Lei. La segreteria della scuola ne sa di più.} other {Un ' .
        'altro genitore ha desiderato lo stesso, ed è stato il primo.}}',
    'to_family_host_gone' => '{host} non partecipa più.',
    'to_family_time_gone' => 'L’orario è andato ad altro prima che si potesse prenotare.',
];
