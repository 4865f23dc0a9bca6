<?php

declare(strict_types=1);

return [
    'was' => 'Era {moment}.',
    'not_to_move' => 'Questo colloquio non si può più spostare.',
    'not_moved' =>
        'Qualcuno ha appena preso uno di questi orari, quindi nulla è stato cambiato. Tutto ciò che aveva prenotato resta dov’era. Guardi il piano ancora una volta.',
    'back_heading' => 'Disdetto: {title}',
    'back_news' =>
        '{count, plural, one {Ha disdetto questo colloquio.} other {Ha disdetto questi # colloqui.}} Gli orari ora sono liberi per altri.',
    'back_link' => 'Prenotare di nuovo',
    'title' => 'Tornate',
    'new' => 'Una nuova tornata',
    'only_families' =>
        'Queste giornate di colloqui sono per le famiglie di {school}. La carta che ha ricevuto le apre.',
    'day_said' =>
        '{from} – {until}, {waiting, plural, =0 {senza attesa} one {# minuto fra i colloqui} other {# minuti fra i colloqui}}.',
    'between_none' => 'subito dopo',
    'between_wait' => '{wait, plural, one {# minuto} other {# minuti}} di attesa',
    'between_way' => '{way, plural, one {# minuto} other {# minuti}} di strada',
    'between_both' => '{way, plural, one {# minuto} other {# minuti}} di strada, {wait} di attesa',
    'left_nothing' => '{host} non ha più orari liberi.',
    'left_interpreter' => '{host} ha orari liberi, ma allora non c’è un interprete della Sua lingua.',
    'left_interpreter_stay' =>
        '{host} ha orari liberi, ma allora non c’è un interprete della Sua lingua; {time} sarebbe libero, se può restare fino alle {until}.',
    'left_interpreter_come' =>
        '{host} ha orari liberi, ma allora non c’è un interprete della Sua lingua; {time} sarebbe libero, se può venire allora.',
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
        '{most, plural, one {Forse ci sta # colloquio} other {Forse ci stanno fino a # colloqui}}; tutte le vie non si sono potute vedere nel tempo che una pagina può prendere.',
    'gone' =>
        'Qualcuno ha appena preso {time} con {host}. Nulla è stato prenotato; ecco il piano migliore successivo, con i cambiamenti segnati.',
    'no_longer' =>
        'La scuola ha spostato o chiuso quell’orario: {time} con {host}. Nulla è stato prenotato; ecco il piano migliore successivo, con i cambiamenti segnati.',
    'no_interpreter' =>
        '{time}, quando sarebbe con {host}, nessun interprete è più libero. Nulla è stato prenotato; ecco il piano migliore successivo, con i cambiamenti segnati.',
    'dates' => '{first} – {last}',
    'card_how' =>
        '{teachers, select, none {} other {Con {teachers}. }}Fotografi il quadrato, o scriva il codice su {address}',
    'card_teachers' => '{names} e altri {more}',
    'cards_cut' =>
        'Queste sono le schede dei primi {most, number} alunni su {all, number}. Stampi le altre classe per classe.',
    'have_it' =>
        'Ha già un orario con {host} che riguarda {child}, forse da un’altra pagina. Nient’altro è stato prenotato; il piano continua da ciò che ha.',
    'child_has_it' =>
        '{apart, select, yes {Un orario con {host} che riguarda {child} non si può prenotare da qui. Nulla è stato prenotato; la segreteria della scuola ne sa di più.} other {Un orario con {host} che riguarda {child} è già prenotato da un’altra persona che se ne occupa. Nulla è stato prenotato; chieda a lei, o in segreteria.}}',
    'elsewhere' =>
        '{apart, select, yes {L’orario {time} non si può più prenotare. Nulla è stato prenotato; ecco il piano migliore successivo, con i cambiamenti segnati.} other {Lei, o {child} con qualcun altro, ha ora un altro colloquio {time}. Nulla è stato prenotato; ecco il piano migliore successivo, con i cambiamenti segnati.}}',
    'left_child' =>
        '{apart, select, yes {Un orario con {host} che riguarda {child} non si può prenotare da qui. La segreteria della scuola ne sa di più.} other {Un’altra persona che si occupa di {child} ha già prenotato con {host}.}}',
    'not_open' =>
        'Queste giornate di colloqui ora non accettano prenotazioni. La segreteria della scuola ne sa di più.',
    'collecting' => 'Qui vengono prima i desideri. Non si può prenotare nulla finché tutti non sanno i loro orari.',
    'cohort_opens' => 'Per Lei le prenotazioni aprono {moment}.',
    'not_in_it' => 'La persona non c’è in queste giornate, o ora non accetta prenotazioni.',
    'not_theirs' => 'Per questo figlio qui non può prenotare.',
    'twice' => 'La persona è due volte per lo stesso figlio.',
    'nothing_picked' => 'Spunti qualcuno che vuole incontrare.',
    'no_such_hours' => 'Queste ore in quel giorno non esistono.',
    'kept_heading' => '{moved, plural, =0 {Il Suo piano} other {Il Suo nuovo piano}}: {title}',
    'kept_news' =>
        '{moved, plural, =0 {{count, plural, one {Questo colloquio è Suo} other {Questi # colloqui sono Suoi}}.} one {Ha spostato # colloquio. {count, plural, one {Questo colloquio è Suo} other {Questi # colloqui sono Suoi}} adesso.} other {Ha spostato # colloqui. {count, plural, one {Questo colloquio è Suo} other {Questi # colloqui sono Suoi}} adesso.}} Apra i Suoi colloqui per cambiarne o disdirne uno.',
    'kept_to_confirm' =>
        '{count, plural, one {Questo colloquio è tenuto} other {Questi # colloqui sono tenuti}} per Lei per mezz’ora. Un clic sull’indirizzo qui sotto e tutto è prenotato.',
    'kept_link' => 'Tutto ciò che ha prenotato',
    'kept_confirm' => 'Sì, è il mio indirizzo: prenotare',
    'no_scripts' =>
        'Il piano si cerca mentre guarda, e per questo serve JavaScript. Senza, si prenota con un docente dopo l’altro:',
    'published_already' => 'Questa tornata è pubblicata. Ciò che è comune a tutti i fogli qui non si può più cambiare.',
    'wished_already' =>
        'Alcune famiglie hanno già inviato desideri, quindi resta pubblicata. Non è stato cambiato nulla.',
    'wishes_too_late' => 'I desideri finiscono prima del primo giorno della tornata, perché ci sia tempo di assegnare.',
    'wishes_until_over' =>
        'Il momento fino a cui le famiglie inviano desideri è già passato. Ne metta uno più tardi, poi pubblichi.',
    'cohort_too_late' => 'Questi vengono per primi: prima che si apra per tutti; dica dunque sopra quando è.',
    'booked_already' => 'Qualcuno ha già prenotato, quindi resta pubblicata. Non è stato cambiato nulla.',
    'changed_elsewhere' =>
        'Qualcuno intanto ha cambiato questa tornata. Ciò che ha scritto è ancora qui; ricarichi la pagina per vedere l’altra versione.',
    'nobody_in_it' => 'In questa tornata non c’è ancora nessuno. Scelga dei docenti, poi pubblichi.',
    'all_closed' =>
        'La scuola è chiusa in tutti questi giorni, quindi non ci sarebbero orari. Non è stato pubblicato nulla.',
    'no_place' =>
        '{count, plural, one {{names} non ha ancora un luogo: nessuno lo troverebbe.} other {# non hanno ancora un luogo, quindi nessuno li troverebbe: {names}{count, plural, =2 {} =3 {} =4 {} =5 {} other { e altri}}.}} Non è stato pubblicato nulla.',
    'not_past' => 'La prima data è già passata.',
    'dates_needed' =>
        'Una tornata è in certe date. Le scriva come «12 marzo, 14 marzo 16:00-19:00 /10», o «2027-03-09 16:00-19:00 /10 intervallo 5».',
    'too_long' => 'Una tornata sta entro due mesi.',
    'too_many_hosts' => 'In una tornata possono essere al massimo {most}.',
    'no_such_staff' => 'Una di queste persone non lavora più qui.',
    'no_such_class' => 'Una di queste classi non c’è più.',
    'look_said' =>
        '{slots, plural, one {Un orario} other {# orari}} per ogni docente: {all, number} per {hosts, plural, one {un docente} other {# docenti}}.',
    'look_untaught' =>
        '{count, plural, one {Un alunno non ha} other {# alunni non hanno}} nessuno dei loro docenti in questa tornata. Le loro famiglie vedono tutti quelli che partecipano.',
    'look_short' =>
        '{count, plural, =0 {Tutti hanno tempo per tutti i loro alunni.} one {Un docente ha più alunni che orari.} other {# docenti hanno più alunni che orari.}}',
    'absent_on_sheet' => 'Questa tornata è pubblicata. Chiuda gli orari sul Suo foglio: lì vede prima chi colpisce.',
    'interpreter_here' => 'Una di queste persone non lavora più qui, o c’è due volte per una lingua.',
    'interpreter_is_host' =>
        'Chi riceve famiglie in questa tornata non può interpretarvi: i suoi orari si danno prima che si sappia quali sono liberi.',
    'no_such_language' => 'Non è una lingua che conosciamo; scriva il suo codice, come fr, ar o uk.',
    'not_taught' => 'Uno di questi alunni non è più fra quelli a cui insegna.',
    'not_published_yet' =>
        'Questa tornata non è ancora pubblicata: lo inserisca dove la si scrive. Non è stato cambiato nulla.',
    'it_is_over' => 'Tutte le date di questa tornata sono passate. Non è stato cambiato nulla.',
    'nobody_here' => 'Nessuno con questo nome riceve famiglie qui.',
    'has_meetings' => 'Qualcuno ha prenotato con {host}, che quindi resta. Non è stato cambiato nulla.',
    'without_link' =>
        '{count, plural, one {{names} riceve in video e non ha ancora un link.} other {# ricevono in video e non hanno ancora un link: {names}.}}',
    'ground' =>
        '{count, plural, one {{names} ha bisogno} other {# famiglie hanno bisogno}} del pianterreno{count, plural, one {} other {: {names}}}.',
    'needs_ground' => 'ha bisogno del pianterreno',
    'due_said' =>
        '{can, plural, =0 {Ora non si scriverebbe a nessuno.} one {Si scriverebbe a un referente.} other {Si scriverebbe a # referenti.}} {lately, plural, =0 {} one {A uno si è scritto nell’ultimo giorno.} other {A # si è scritto nell’ultimo giorno.}} {cannot, plural, =0 {} one {Uno non ha indirizzo: stampi una scheda.} other {# non hanno indirizzo: stampi schede.}}',
    'invite_heading' => '{title}: {collects, select, yes {chi vuole incontrare?} other {scelga i Suoi orari}}',
    'remind_heading' => '{title}: non abbiamo ancora Sue notizie',
    'remind_news_book' => 'Può prenotare orari per {students} con tutti i suoi docenti, e vedere come stanno insieme.',
    'remind_news_wish' => 'Può dire chi vuole incontrare per {students}, e quando può venire, fino a {moment}.',
    'remind_link' => 'Aprire la pagina',
    'remind_text' => '{title}: orari per {students} su {link}',
    'wished_gone' =>
        '{count, plural, one {Una famiglia ha desiderato {names}, che non partecipa più. È stata avvisata.} other {# famiglie hanno desiderato {names}, che non partecipa più. Sono state avvisate.}}',
    'nobody_yet' => 'In questa tornata nessuno ha ancora prenotato.',
    'place_needed' => 'Dica dove La si trova.',
    'link_needed' => 'Un colloquio in video ha bisogno del suo link, che comincia con https://',
    'longer' => '{student}, più a lungo',
];
