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
        '{count, plural, =0 {Ha ritirato i Suoi desideri. La scuola non ha nulla. Può inviarne altri fino a {moment}.} one {La scuola ha il Suo desiderio. Può cambiarlo fino a {moment}. Poi saprà quale orario è Suo.} other {La scuola ha i Suoi # desideri, in quest’ordine. Può cambiarli fino a {moment}. Poi saprà quali orari sono Suoi.}}',
    'wishes_to_confirm' =>
        '{count, plural, one {Il Suo desiderio è tenuto.} other {I Suoi # desideri sono tenuti.}} Contano quando questo indirizzo ha risposto: un clic qui sotto.',
    'gone_heading' => '{host} non c’è più',
    'gone_news' =>
        '{host} non c’è più in quei giorni. Gli altri Suoi desideri restano. {open, select, yes {Può desiderare qualcun altro fino a {moment}.} other {Chiami la segreteria se vuole qualcun altro.}}',
    'gone' =>
        '{count, plural, one {{names} non c’è più in quei giorni.} other {{names} non ci sono più in quei giorni.}} Scelga qualcun altro, o continui con il resto.',
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
        '{count, plural, =0 {Per ciò che ha desiderato non si è potuto dare alcun orario.} one {Questo orario è Suo.} other {Questi # orari sono Suoi.}} {left, plural, =0 {È tutto ciò che era desiderato.} one {Per # desiderio non c’era un orario; è qui sotto.} other {Per # desideri non c’era un orario; sono qui sotto.}} Ciò che è libero ora lo possono prenotare tutti.',
    'given_asked' => 'Alcuni li ha chiesti un docente.',
    'given_link' => 'I Suoi colloqui: cambiare, stampare o disdire',
    'given_left' => 'Nessun orario con {host}',
    'host_heading' => 'I Suoi colloqui: {title}',
    'host_news' =>
        'Gli orari sono assegnati: {count, plural, =0 {per ora da Lei non viene nessuno} one {un colloquio è Suo} other {# colloqui sono Suoi}}. Ciò che resta libero sul Suo foglio ora può essere prenotato da tutti.',
    'host_link' => 'Il Suo foglio, con chi viene',
    'families_with_none' =>
        '{count, plural, =0 {Ogni famiglia ha almeno un colloquio.} one {Una famiglia non ha alcun colloquio.} other {# famiglie non hanno alcun colloquio.}}',
    'helps_times' => 'Servirebbero più orari di questi docenti, o ore in cui ne hanno ancora.',
    'helps_other_hours' => 'Servirebbero altre ore: le chieda alla famiglia prima di pubblicare.',
    'helps_interpreter' => 'Servirebbe un interprete ad altre ore, o un secondo.',
    'helps_another' => 'Possono desiderare qualcun altro.',
    'why_outside_windows' => '{host} non ha orari quando possono venire.',
    'why_host_full' => 'Gli orari di {host} quando possono venire sono andati ad altri.',
    'why_clashes' => '{host} è libero solo mentre loro sono in un altro colloquio, o per strada.',
    'why_no_interpreter' => '{host} ha ancora orari, ma allora non c’è un interprete della loro lingua.',
    'why_other_guardian' => 'Un altro referente del bambino ha desiderato prima {host}.',
    'why_host_gone' => '{host} non partecipa più alla tornata.',
    'why_time_gone' => 'L’orario con {host} è andato ad altro prima di poter essere prenotato.',
    'to_family_outside_windows' => 'Non c’è un orario quando può venire.',
    'to_family_host_full' => 'Gli orari in cui può venire sono andati ad altri.',
    'to_family_clashes' => 'Libero solo mentre è in un altro colloquio, o in cammino.',
    'to_family_no_interpreter' => 'Ci sono orari, ma allora non c’è un interprete della Sua lingua.',
    'to_family_other_guardian' =>
        '{apart, select, yes {Non si è potuto dare a Lei. La segreteria della scuola ne sa di più.} other {Un altro genitore ha desiderato lo stesso, ed è stato il primo.}}',
    'to_family_host_gone' => '{host} non partecipa più.',
    'to_family_time_gone' => 'L’orario è andato ad altro prima che si potesse prenotare.',
    'title' => 'Assegnazione: {round}',
    'sent' =>
        '{families, plural, =0 {Nessuna famiglia ha ancora inviato desideri.} one {Una famiglia ha inviato i suoi desideri.} other {# famiglie hanno inviato i loro desideri.}}',
    'none_yet' => 'Non è ancora assegnato nulla.',
    'waiting' => 'Comincia fra un momento.',
    'running' =>
        'Finora {granted, number} desideri su {wishes, number}; più di {bound, number} non potranno mai essere esauditi.',
    'found' =>
        '{granted, number} desideri su {wishes, number} sono esauditi. È dimostrato che non possono mai essere più di {bound, number}.',
    'short' =>
        'Non è stato prenotato nulla e nessuno è stato avvisato: poco prima del primo messaggio {short, plural, one {uno di questi orari} other {# di questi orari}} non si poteva più avere. Ciò che resta è qui: {granted, number} desideri su {wishes, number}. Lo guardi, poi lo pubblichi, o faccia cercare di nuovo.',
    'found_best' =>
        '{granted, number} desideri su {wishes, number} sono esauditi. È dimostrato che non possono essere di più.',
    'booking' => '{booked, number} famiglie su {families, number} hanno i loro orari.',
    'booked' =>
        'Tutte le {families, number} famiglie hanno i loro orari e sono state avvisate. Ciò che è libero è aperto a tutti.{gone, plural, =0 {} one { Un desiderio ha perso il suo orario fra la ricerca e la prenotazione; la famiglia è stata avvisata.} other { # desideri hanno perso il loro orario fra la ricerca e la prenotazione; le famiglie sono state avvisate.}}',
    'failed' => 'È finita prima di trovare qualcosa. Non è stato prenotato nulla; ricominci.',
    'not_granted' =>
        '{count, plural, =0 {Ogni desiderio è esaudito.} one {Un desiderio non è esaudito.} other {# desideri non sono esauditi{listed, plural, =200 {; i primi 200 sono qui, tutti nella tabella} other {}}.}}',
    'not_collecting' => 'Questa tornata non raccoglie desideri.',
    'allotted_already' => 'Gli orari di questa tornata sono già assegnati e prenotati.',
    'at_work' => 'Qualcuno ne ha già cominciata una; è ancora in corso. Non è stato cominciato altro.',
    'not_the_last' => 'Da allora ne è stata trovata un’altra. Guardi quella, poi la pubblichi.',
    'still_collecting' =>
        'Le famiglie possono ancora inviare desideri. Prima lo chiuda, o aspetti che finisca; poi faccia cercare di nuovo. Non è stato prenotato nulla.',
    'wishes_since' =>
        'È stata trovata quando potevano ancora arrivare desideri. Faccia cercare di nuovo, poi pubblichi. Non è stato prenotato nulla.',
    'nothing_to_pin' => 'Qui non c’è nulla il cui orario possa ancora cambiare.',
    'too_late' => 'I desideri finiscono prima del primo giorno della tornata.',
];
