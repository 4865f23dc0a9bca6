<?php

declare(strict_types=1);

return [
    'way' => 'Vedere la strada: {place}',
    'letter_row' =>
        '{host}, {where}{directions, select, none {} other { ({directions})}}{student, select, none {} other { – riguarda {student}}}{interpreter, select, none {} other { – interpreta {interpreter}}}',
    'not_as_filled_in' =>
        '{phone, select, none {Così com’è compilato non si può fare. Ciò che ha scritto è conservato. Se qualcosa è già prenotato, lo apra dal messaggio che ha ricevuto; o chieda in segreteria.} other {Così com’è compilato non si può fare. Ciò che ha scritto è conservato. Se qualcosa è già prenotato, lo apra dal messaggio che ha ricevuto; o chiami la segreteria, {phone}.}}',
    'not_as_filled_in_letter' =>
        '{phone, select, none {Così com’è compilato questo orario non si può prenotare. Ciò che ha scritto è conservato. Se ha già prenotato con questo indirizzo, è in arrivo un messaggio con i Suoi colloqui; o chieda in segreteria.} other {Così com’è compilato questo orario non si può prenotare. Ciò che ha scritto è conservato. Se ha già prenotato con questo indirizzo, è in arrivo un messaggio con i Suoi colloqui; o chiami la segreteria, {phone}.}}',
    'against' => [
        'visitor_enough' =>
            'Ha già prenotato qui, su un’altra Sua pagina. Apra «I Suoi colloqui» dal messaggio che ha ricevuto per cambiarlo.',
        'visitor_elsewhere' => 'Ha un altro colloquio a quell’ora, o troppo vicino. Scelga un altro orario.',
        'student_enough' =>
            'Qui c’è già un orario per {student}. L’ha prenotato un’altra persona che se ne occupa. Può chiedere di partecipare.',
        'student_elsewhere' =>
            'C’è un altro colloquio per {student} a quell’ora, o troppo vicino. Scelga un altro orario.',
    ],
    'no_link_yet' =>
        'Il Suo colloquio con {name}, {when}, non ha ancora un link video. Lo aggiunga sul foglio «{sheet}».',
    'busy_over' =>
        'Il Suo calendario «{calendar}» ora ha qualcosa durante il Suo colloquio con {name}, {when}. Il colloquio vale; lo sposti o lo annulli se non può venire.',
    'letters_waiting' =>
        '{count, plural, one {Un messaggio non parte} other {# messaggi non partono}}, e {count, plural, one {viene ritentato} other {vengono ritentati}} per tre giorni: a {to}{more, plural, =0 {} one { e un altro indirizzo} other { e altri # indirizzi}}. Il server di posta dice «{why}». Chi segue il server può provvedere.',
    'letters_given_up' =>
        '{count, plural, one {Un messaggio non è mai partito} other {# messaggi non sono mai partiti}}: a {to}{more, plural, =0 {} one { e un altro indirizzo} other { e altri # indirizzi}}. Il server di posta ha detto «{why}». Raggiunga {count, plural, one {il destinatario} other {i destinatari}} in altro modo.',
    'mail_failed' =>
        '{phone, select, none {Un messaggio a {name} ({email}) non è arrivato. Non ha dato un numero di telefono.} other {Un messaggio a {name} ({email}) non è arrivato. Il suo numero di telefono: {phone}.}}',
    'only_families' =>
        'Questi orari sono per le famiglie che {school} conosce. Li apra con il link nel messaggio, dai Suoi colloqui, o con il codice della carta.',
    'only_staff' => 'Questa pagina è per chi lavora a {school}.',
    'only_anyone' => 'Questa pagina la può aprire chiunque.',
    'sheet_with' => 'con {host}',
    'staff_come_in' => 'Accedere e vedere gli orari',
    'card_title' => 'Ha una carta con un codice',
    'card_code' => 'Il codice sulla carta',
    'card_open' => 'Aprire',
    'card_unknown' => 'Non c’è una carta con questo codice. Lo guardi ancora: ha dieci lettere e cifre.',
    'card_too_often' => 'Da qui sono stati provati troppi codici. Aspetti un’ora, o apra il link nel messaggio.',
    'card_none' =>
        '{phone, select, none {Né carta né messaggio? Chiami la segreteria.} other {Né carta né messaggio? Chiami la segreteria, {phone}.}}',
    'no_line' =>
        '{phone, select, none {Ora qui nessuno può essere messo in lista d’attesa. Torni più tardi, o chiami la segreteria.} other {Ora qui nessuno può essere messo in lista d’attesa. Torni più tardi, o chiami la segreteria, {phone}.}}',
    'line_is_long' =>
        '{phone, select, none {La lista d’attesa è lunga quanto può esserlo. Torni più tardi, o chiami la segreteria.} other {La lista d’attesa è lunga quanto può esserlo. Torni più tardi, o chiami la segreteria, {phone}.}}',
    'not_answered' =>
        '{phone, select, none {Non c’è stata risposta in tempo, quindi l’orario è di nuovo libero. Ne scelga un altro, o chiami la segreteria.} other {Non c’è stata risposta in tempo, quindi l’orario è di nuovo libero. Ne scelga un altro, o chiami la segreteria, {phone}.}}',
    'not_confirmed' => 'L’indirizzo e-mail non ha risposto in tempo.',
    'other_host' => 'Alle {time} sarebbe con {host}. Lo confermi con un altro clic, o scelga un altro orario.',
    'has_begun' => 'Questo colloquio è iniziato o è finito; non si può più spostare o disdire.',
    'next_free' => 'libero {when}',
    'next_opens' => 'apre {when}',
    'next_taken' => 'tutti gli orari sono occupati',
    'next_over' => 'per ora nessun altro orario',
    'pick' => 'Scelga un orario',
    'free' => '{free, plural, one {# libero} other {# liberi}}',
    'free_here' => '{free, plural, one {# libero in questi giorni} other {# liberi in questi giorni}}',
    'clock' => 'Orologio di 12 ore',
    'slot' => [
        'taken' => '{from} – {until} occupato',
        'busy' => '{from} – {until} non disponibile',
        'too soon' => '{from} – {until} troppo vicino per prenotare',
        'not yet open' => '{from} – {until} non ancora aperto',
        'closed' => '{from} – {until} chiuso',
        'past' => '{from} – {until} passato',
    ],
    'earliest' => 'Il primo possibile:',
    'parts' => 'Parte del giorno',
    'part' => [
        'any' => 'Tutto il giorno: {free, number}',
        'morning' => 'Mattina: {free, number}',
        'afternoon' => 'Pomeriggio: {free, number}',
        'late' => 'Dalle {from}: {free, number}',
    ],
    'day_none' => 'In questo giorno nulla è libero.',
    'times' => [
        'free' => '{free, plural, =1 {Scelga un orario: uno è libero} other {Scelga un orario: # sono liberi}}',
        'taken' => 'Tutti gli orari sono occupati',
        'opens' => 'Apre {opens}',
        'enough' => 'Ha già prenotato qui',
        'too late' => 'Per gli orari rimasti le prenotazioni sono chiuse',
        'over' => 'Per ora non sono previsti altri orari',
    ],
    'sheet_title' => '{sheet} con {host}',
    'state' => [
        'kept' =>
            'Tenuto fino a {until}. Prema il pulsante nel messaggio inviato al Suo indirizzo e-mail, ed è prenotato.',
        'asked' => 'Richiesto. È tenuto per Lei al massimo fino a {until}.',
        'booked' => 'Prenotato.',
        'declined' => 'Rifiutato.',
        'cancelled' => 'Disdetto.',
    ],
    'undo' => [
        'given back' => 'Questo colloquio è disdetto.',
        'moved' => 'Il colloquio è spostato.',
        'guest left' => 'Non viene.',
        'guest brought' => 'La persona è invitata.',
    ],
    'office' =>
        '{phone, select, none {Serve aiuto? Chiami la segreteria della scuola.} other {Serve aiuto? Chiami la segreteria della scuola: {phone}.}}',
    'handout' =>
        '{phone, select, none {Se non può, chiami la segreteria: prenotano per Lei.} other {Se non può, chiami la segreteria, {phone}: prenotano per Lei.}}',
    'slip' =>
        '{phone, select, none {Se non può venire, chiami la segreteria: qualcun altro sarà contento dell’orario.} other {Se non può venire, chiami la segreteria, {phone}: qualcun altro sarà contento dell’orario.}}',
    'notice' =>
        '{phone, select, none {Non serve un account. O chieda in segreteria: prenotano per Lei.} other {Non serve un account. O chiami la segreteria, {phone}: prenotano per Lei.}}',
    'look_again' => 'Qualcosa va rivisto. Nulla è andato perso.',
    'line_sent' =>
        'Le abbiamo inviato un messaggio. Prema il suo pulsante, e La avviseremo quando si libera un orario. Quando tocca a Lei, l’orario è tenuto per Lei per un po’.',
    'confirm_first' =>
        'Questo orario è solo tenuto per Lei. Prema il pulsante nel messaggio arrivato al Suo indirizzo; allora è prenotato, e si può cambiare.',
    'still_needed' =>
        'Qualcuno ha prenotato su questo foglio, quindi resta. Lo metta via invece: esce dal Suo elenco e non prende prenotazioni.',
    'undo_late' => 'È troppo tardi per tornare indietro: gli interessati sono stati avvisati.',
    'undo_taken' => 'Non si può più tornare indietro: qualcuno è stato più veloce. Scelga un altro orario.',
    'address_subject' => 'È questo il Suo indirizzo e-mail?',
    'address_news' =>
        'Questo indirizzo è stato dato per colloqui a {school}. Era Lei? Prema il pulsante, e d’ora in poi i messaggi vanno lì. Se no, non faccia nulla. Non sentirà altro.',
    'address_press' => 'Sì, è il mio indirizzo',
    'address_asked' => '{email} è il Suo indirizzo?',
    'address_asked_more' =>
        'Un clic, e i messaggi sui Suoi colloqui vanno lì; ciò che è tenuto per Lei è prenotato con esso.',
    'address_done' => 'Grazie. I messaggi vanno a {email}.',
    'address_moved_subject' => 'I messaggi sui Suoi colloqui vanno a un altro indirizzo',
    'address_moved_news' =>
        '{phone, select, none {I messaggi sui Suoi colloqui d’ora in poi vanno a {email}. Se non era Lei, apra i Suoi colloqui e dia alla pagina un nuovo indirizzo, o chiami la segreteria.} other {I messaggi sui Suoi colloqui d’ora in poi vanno a {email}. Se non era Lei, apra i Suoi colloqui e dia alla pagina un nuovo indirizzo, o chiami la segreteria, {phone}.}}',
    'join_subject' => '{name} vorrebbe venire anche',
    'join_news' =>
        '{name} chiede di partecipare a questo colloquio. Apra i Suoi colloqui per aggiungere questa persona. O non faccia nulla: non le si dirà nulla.',
    'open_pass' => 'Aprire i Suoi colloqui',
    'to_pass' => 'Ai Suoi colloqui',
    'dear' => 'Buongiorno {name},',
    'line_subject' => 'Vuole un avviso quando {host} ha un orario libero?',
    'line_news' =>
        'Qualcuno ha chiesto un avviso a questo indirizzo quando un orario è libero. Era Lei? Prema il pulsante. Se no, non faccia nulla. Non sentirà altro.',
    'line_press' => 'Sì, mi avvisi quando se ne libera uno',
    'line_asked' => 'Vuole un avviso quando un orario è libero?',
    'line_asked_more' =>
        'Quando qualcuno restituisce un orario e tocca a Lei, è tenuto per Lei per un po’ e arriva un messaggio.',
    'wants_heading' => 'Che cosa Le andrebbe bene',
    'wants_when' => 'Quando',
    'wants_any_time' => 'Tutto il giorno',
    'wants_morning' => 'Di mattina',
    'wants_afternoon' => 'Di pomeriggio, prima delle quattro',
    'wants_late' => 'Più tardi, dalle quattro',
    'wants_where' => 'Dove',
    'wants_anywhere' => 'Ovunque',
    'wants_with' => 'Con',
    'wants_anybody' => 'Chiunque',
    'wants_only' => 'Offrirmi solo questi',
    'wants_tell_me' => 'Mi avvisi quando se ne libera uno',
    'line_in' =>
        '{before, plural, =0 {È in prima posizione.} =1 {È in seconda posizione.} other {Prima di Lei ce ne sono #.}}',
    'line_in_more' =>
        'Quando un orario si libera e tocca a Lei, è tenuto per Lei per un po’ e arriva un messaggio. Gli orari già liberi si possono prenotare come sempre.',
    'line_offered' => 'Un orario è tenuto per Lei: {when}. Può prenderlo fino a {until}.',
    'line_offered_more' =>
        'Apra il messaggio che ne parla per prenderlo. Se lo lascia passare, si chiede prima agli altri; la seconda volta non Le si chiede più.',
    'line_out' => 'Non riceve più avvisi sugli orari liberi.',
    'line_leave' => 'Non mi avvisi più',
    'line_decline' => 'No, grazie: non questa volta',
    'offer_heading' => 'Un orario è libero: {when} con {host}',
    'offer_news' => 'Un orario è libero. È tenuto per Lei fino a {until}.',
    'offer_take' => 'Prendere questo orario',
    'offer_decline' => 'No, grazie',
    'offer_what' => 'Che cosa',
    'offer_when' => 'Quando',
    'offer_with' => 'Con',
    'line_see' => 'Vedere gli orari',
    'pass_renewed_heading' => 'I Suoi colloqui: un nuovo indirizzo privato',
    'pass_renewed' =>
        '{why, select, together {Tutto ciò che ha prenotato è ora su una pagina, e la pagina ha un nuovo indirizzo. I link di prima non aprono più nulla.} card {La pagina privata dei Suoi colloqui ha un nuovo indirizzo. Ha una nuova carta, e ciò che era sulla vecchia non funziona più. I Suoi colloqui sono come prima.} other {La pagina privata dei Suoi colloqui ha un nuovo indirizzo. Il vecchio era in un file di calendario che poteva aprire una persona aggiunta da Lei, perciò non funziona più. I Suoi colloqui sono come prima.}} Alle voci di calendario di prima non si può più rispondere dal Suo calendario: usi questa pagina.',
    'pass_renewed_link' => 'I Suoi colloqui',
    'pass_renewed_host' =>
        'La pagina privata di {who} ha un nuovo indirizzo, e non abbiamo un’e-mail per dirlo. Ristampi il biglietto e lo consegni.',
    'everything' => 'Questo link riguarda una parte di ciò che ha prenotato. Tutto si apre dalla Sua posta.',
    'everything_press' => 'Inviarmi un link a tutto',
    'everything_sent' =>
        'Un messaggio è in arrivo all’indirizzo e-mail che abbiamo di Lei. Lo apra e prema il suo pulsante entro tre giorni: allora vedrà tutto ciò che ha prenotato.',
    'everything_office' =>
        '{phone, select, none {Non abbiamo un Suo indirizzo e-mail per inviare un link. Chiami la segreteria se Le serve.} other {Non abbiamo un Suo indirizzo e-mail per inviare un link. Chiami la segreteria se Le serve: {phone}.}}',
    'open_everything' => 'Tutto ciò che ha prenotato',
    'open_everything_more' => 'Prema il pulsante, e questa pagina saprà che il messaggio Le è arrivato.',
    'open_everything_press' => 'Aprire tutto',
    'also_with' => '{kind, select, any {o {any}} must {e {must}} other {o {any}, e con {must}}}',
    'together' =>
        '{pages, plural, one {C’è # altra pagina con il Suo nome e questo indirizzo.} other {Ci sono # altre pagine con il Suo nome e questo indirizzo.}} {meetings, plural, =0 {Lì non è in arrivo alcun colloquio.} one {Lì c’è # colloquio.} other {Lì ci sono # colloqui.}}',
    'together_more' =>
        'Può avere tutto su una pagina. I link nei messaggi più vecchi allora non aprono nulla; un nuovo messaggio Le porta il nuovo link.',
    'together_press' => 'Mettere tutto su una pagina',
    'together_done' => 'Tutto è su una pagina',
    'together_left' => 'Non tutto si è potuto mettere su una pagina',
    'together_apart' =>
        '{pages, plural, one {# pagina resta a parte.} other {# pagine restano a parte.}} Ciò che è su entrambe non si può unire: un posto nella stessa lista d’attesa, desideri per le stesse giornate, o lo stesso colloquio. Lo ritiri su una di esse, poi prema di nuovo.',
    'address_moved_link' => 'La pagina della scuola',
    'needs_address' =>
        '{phone, select, none {Qui molti orari sono stati prenotati senza un indirizzo e-mail. Ne dia uno, così che possa rispondere.} other {Qui molti orari sono stati prenotati senza un indirizzo e-mail. Ne dia uno, così che possa rispondere; o chiami la segreteria, {phone}.}}',
    'many_wait' =>
        '{phone, select, none {Alcuni orari qui ora sono tenuti per indirizzi della Sua rete che non hanno ancora risposto. Prema il pulsante nel messaggio inviato al Suo, o riprovi fra mezz’ora. Ciò che ha scritto è conservato.} other {Alcuni orari qui ora sono tenuti per indirizzi della Sua rete che non hanno ancora risposto. Prema il pulsante nel messaggio inviato al Suo, o riprovi fra mezz’ora; o chiami la segreteria, {phone}. Ciò che ha scritto è conservato.}}',
    'good_day' => 'Buongiorno,',
    'interpreter_gone' =>
        'Nessuno interpreta più al Suo colloquio con {name}, {when}: chi lo faceva è andato via, e allora non c’è altri libero di quella lingua.',
    'again_title' => 'Dove sono i miei colloqui?',
    'again_address' => 'L’indirizzo e-mail con cui ha prenotato',
    'again_press' => 'Inviarli di nuovo',
    'again_sent' =>
        'Se con questo indirizzo c’è qualcosa di prenotato, è in arrivo un messaggio con i Suoi colloqui. Guardi nella posta, e anche fra quella indesiderata.',
    'again_back' => 'Tutto il nostro personale',
    'left' => 'Non viene più a «{title}» {when}. {visitor} può aggiungerla di nuovo.',
    'link' => [
        'kept' => 'Il link arriva quando l’orario è prenotato.',
        'asked' => 'Il link arriva quando la Sua richiesta è accettata.',
        'later' => 'Il link arriva più tardi. Riceverà un messaggio quando c’è.',
        'before' =>
            '{where, select, here {Il link appare qui} other {Il link appare sulla pagina dei Suoi colloqui}} {minutes, plural, one {# minuto} other {# minuti}} prima del colloquio.',
        'called' =>
            '{where, select, here {Il link appare qui} other {Il link appare sulla pagina dei Suoi colloqui}} quando La chiamano.',
    ],
    'key_reused' =>
        'Questo modulo è già stato inviato con altre risposte. Conta il primo. Ricarichi la pagina per prenotare un altro orario.',
    'no_such_time' => 'Qui non c’è un tale orario.',
    'these_free' =>
        '{count, plural, =0 {Ora qui non c’è altro di libero.} one {{times} è libero.} other {{times} sono liberi.}}',
    'guests_none' => 'A questi colloqui non sono attesi ospiti.',
    'guests_enough' => 'Vengono già tanti ospiti quanti possono venire.',
    'guest_already' => 'Questa persona viene già.',
    'find_title' => 'Trovare un orario',
    'board_title' => 'Colloqui con il nostro personale',
    'pass_title' => 'I Suoi colloqui',
];
