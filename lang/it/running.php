<?php

declare(strict_types=1);

return [
    'queue_well' => 'I messaggi partono.',
    'queue_wrong' =>
        '{waiting, plural, one {Un messaggio o altro lavoro aspetta} other {# messaggi e altri lavori aspettano}}, il più vecchio da {minutes, plural, one {un minuto} other {# minuti}}. La coda funziona? Lo dice bin/recess school status.',
    'scheduler_well' => 'Il pianificatore funziona.',
    'scheduler_wrong' =>
        '{known, select, no {Il pianificatore non ha ancora girato} other {Il pianificatore tace da {minutes, plural, one {un minuto} other {# minuti}}}}: intanto non partono promemoria. bin/recess school status dice se funziona.',
    'letters_well' => 'Nessun messaggio dell’ultimo giorno è stato abbandonato.',
    'letters_wrong' =>
        '{failed, plural, one {Un messaggio o altro lavoro dell’ultimo giorno non si è potuto} other {# messaggi e altri lavori dell’ultimo giorno non si sono potuti}} fare. Perché: bin/recess school artisan queue:failed; di nuovo: bin/recess school artisan queue:retry all.',
    'clock_well' => 'Nulla è stato annotato più tardi di ora.',
    'clock_wrong' =>
        'Qualcosa è stato annotato {minutes, plural, one {un minuto} other {# minuti}} più tardi di ora: l’orologio della macchina è stato portato indietro, o prima era sbagliato. Lo corregga: gli orari prenotati intanto sono giusti, ma «troppo tardi» e i promemoria seguono l’orologio.',
    'workers_well' => 'I processi di lavoro ci sono.',
    'worker_silent' =>
        '{queue, select, rounds {Del processo che cerca orari per le tornate} other {Del processo che invia messaggi}} non si sa nulla da {minutes, plural, one {un minuto} other {# minuti}}. bin/recess up avvia ciò che non gira.',
    'held' =>
        '{held, plural, =0 {Nessun messaggio di una copia ripristinata è trattenuto.} one {Un messaggio o altro lavoro di una copia ripristinata è trattenuto} other {# messaggi e altri lavori di una copia ripristinata sono trattenuti}}{held, plural, =0 {} other {: forse erano partiti prima del ripristino. Li invii con bin/recess school artisan recess:held send, o li scarti con … recess:held drop.}}',
    'held_sent' =>
        '{held, plural, one {Ora parte un messaggio o altro lavoro} other {Ora partono # messaggi e altri lavori}}.',
    'held_dropped' =>
        '{held, plural, one {Un messaggio o altro lavoro è stato scartato} other {# messaggi e altri lavori sono stati scartati}}.',
    'held_how' => 'Ci sono recess:held, recess:held send e recess:held drop. Non è stato fatto nulla.',
    'unsent_well' => 'Nessun messaggio viene tentato invano da molto.',
    'letters_waiting' =>
        '{count, plural, one {Un messaggio è stato tentato e non parte} other {# messaggi sono stati tentati e non partono}}. Il server di posta dice «{why}».',
    'letters_given_up' =>
        '{count, plural, one {Un messaggio è stato abbandonato} other {# messaggi sono stati abbandonati}} in un giorno. Il server di posta ha detto «{why}».',
    'mail_well' => 'Il server di posta accetta i nostri messaggi ({server}).',
    'mail_wrong' =>
        'Il server di posta ({server}) non accetta i nostri messaggi: «{why}». Aspettano, e vengono tentati per tre giorni. Per rimediare: bin/recess install --mail-host NAME --mail-user NAME --mail-password-file FILE',
    'other_tables' =>
        'Le tabelle di questa scuola sono di una versione di Recess diversa dal programma, quindi non si mostra e non si scrive nulla; non si perde nulla. Per chi segue il server: bin/recess doctor, poi bin/recess up.',
    'census' =>
        '{staff, plural, one {una persona del personale} other {# persone del personale}}, {sheets, plural, one {un foglio} other {# fogli}}, {bookings, plural, one {una prenotazione} other {# prenotazioni}}, {students, plural, one {un alunno} other {# alunni}}.',
    'first_key_over' => '{school} è già insediata. La segreteria invita tutti gli altri, nella pagina «Personale».',
    'too_much' =>
        'È più di quanto invii qualsiasi nostra pagina, quindi non è stato guardato. Non è stato cambiato nulla.',
    'calendar_too_much' =>
        'Leggere questo calendario richiede più tempo o memoria di quanto un calendario possa. Cerchi voci che si ripetono ogni minuto o secondo.',
    'file_quote_open' =>
        'Una virgoletta (") aperta alla riga {line, number} di questo file non è chiusa, quindi ciò che segue sarebbe una sola lunga parola. Non è stato cambiato nulla. La chiuda o la tolga, e riconsegni il file.',
    'file_too_large' =>
        'Questo file ha più di {lines, number} righe, o una molto lunga, quindi non è stato letto. Non è stato cambiato nulla. Lo consegni a parti.',
    'a_lot_at_once' => 'È stato molto in una volta. Aspetti un minuto e prema di nuovo; non si perde nulla.',
    'settings_title' => 'Impostazioni',
    'school_title' => 'La scuola',
    'text_refused' => 'Il servizio dei messaggi di testo ha risposto {status}.',
    'text_unanswered' => 'Il servizio dei messaggi di testo non ha risposto.',
    'no_texts' => 'Qui non si mandano messaggi di testo.',
];
