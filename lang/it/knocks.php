<?php

declare(strict_types=1);

return [
    'on_board' => 'Chiedere un altro orario',
    'on_board_next' => 'quando siete liberi entrambi',
    'ask_title' => 'Chiedere un orario a {host}',
    'closed' => 'Ora a {host} non si può chiedere un altro orario. Ciò che si può prenotare è sulla sua pagina.',
    'no_scripts' =>
        'Per chiedere un altro orario, questa pagina ha bisogno di JavaScript. {phone, select, none {Anche la ' .
        'segreteria della scuola La aiuta.} other {La segreteria della scuola lo fa per Lei: {phone}.}}',
    'kept_for' =>
        'I Suoi orari sono tenuti per Lei finché si risponde, al massimo {hours, plural, one {# ora} other {# ' .
        'ore}}.',
    'calendar_read' =>
        '{count, plural, =0 {Il Suo calendario dice che non ha impegni.} one {Dal Suo calendario è stato letto # ' .
        'impegno.} other {Dal Suo calendario sono stati letti # impegni.}} {skipped, plural, =0 {} one {# voce non ' .
        'si è potuta leggere.} other {# voci non si sono potute leggere.}}',
    'own_not_read' => 'Ciò che è stato letto dal Suo calendario non si capisce più. Lo legga di nuovo.',
    'feed_address' => 'L’indirizzo di un calendario inizia con https://, http:// o webcal://.',
    'feed_or_file' => 'Dia l’indirizzo del Suo calendario, o scelga un file.',
    'file_size' => 'Un file di calendario ha al massimo 10 MB.',
    'work_address' => 'Un indirizzo inizia con https:// o http://, per esempio https://docs.example.org/essay.',
    'no_choice' => 'Metta almeno un orario sulle linee.',
    'three_choices' => 'Tre orari bastano.',
    'no_such_length' =>
        '{minutes, plural, one {Un colloquio di # minuto} other {Un colloquio di # minuti}} qui non si può ' .
        'chiedere. Scelga una delle durate qui sopra.',
    'outside' => 'Questo orario è fuori dalle ore in cui si può chiedere. Ne scelga uno sulla fascia verde.',
    'not_free' => 'Lei allora non è libero, o non lo è qualcun altro che deve esserci.',
    'choices_overlap' => 'Questo orario si sovrappone a un altro che ha scelto.',
    'not_together' => 'Ora a queste persone non si può chiedere insieme. Chieda a una sola.',
    'gone' =>
        '{time} è appena stato preso. {count, plural, =0 {Vicino non c’è nulla di libero per tutti; guardi altri ' .
        'giorni.} one {{times} è libero per tutti. Nulla è stato inviato; il Suo testo è ancora qui.} other ' .
        '{{times} sono liberi per tutti. Nulla è stato inviato; il Suo testo è ancora qui.}}',
    'enough_of_yours' =>
        'Ha già {most, plural, one {# richiesta aperta} other {# richieste aperte}}. Sono con i Suoi colloqui. ' .
        'Quando una ha risposta, può chiedere di nuovo.',
    'enough_of_theirs' =>
        '{host} ha tante richieste aperte quante ne può prendere. Nulla è stato inviato. Riprovi fra un giorno o ' .
        'due, o prenoti un orario sulla sua pagina.',
    'over' =>
        'Questa richiesta non è più aperta: ha avuto risposta, o è stata ritirata, o il suo tempo è scaduto. Nulla ' .
        'è stato cambiato.',
    'no_such_time' => 'Questo orario non è più fra quelli richiesti. Guardi ancora; nulla è stato cambiato.',
    'cannot_be_had' => 'A quest’ora ora c’è altro, da parte Sua o loro. Nulla è stato cambiato; indichi altri orari.',
    'not_offered' => 'Questo orario non è più offerto. Nulla è stato cambiato.',
    'move_by_asking' =>
        'Questo orario è stato concordato con {host}. Per averne un altro, chieda di nuovo a {host} sulla sua ' .
        'pagina, e restituisca questo quando l’altro è concordato.',
    'other_none' => '{host} non ha ancora risposto',
    'other_accepted' => '{host} ha detto di sì',
    'other_maybe' => '{host} ha detto forse',
    'other_declined' => '{host} ha detto di no',
    'over_accepted' => 'Concordato: {when}',
    'over_declined' => 'Rifiutato',
    'over_lapsed' => 'Senza risposta in tempo',
    'over_taken_back' => 'Non più richiesto',
    'pass_unconfirmed' =>
        'Tenuto per Lei fino a {until}. Un clic nel messaggio a {email}, e {hosts, plural, one {si chiede a ' .
        '{host}} other {si chiede a {host}}}.',
    'pass_asked' =>
        '{hosts, plural, one {Si è chiesto a {host}.} other {Si è chiesto a {host}.}} I Suoi orari sono tenuti ' .
        'fino a {until}.',
    'pass_maybe' =>
        '{hosts, plural, one {{host} dice forse.} other {Non tutti quelli a cui ha chiesto sono già sicuri.}} ' .
        'Questo orario è tenuto per Lei, e non è ancora sicuro. Saprà di più al più tardi {until}.',
    'pass_proposed' =>
        '{hosts, plural, one {{host} indica altri orari.} other {Sono indicati altri orari.}} Sono tenuti per Lei ' .
        'fino a {until}; un clic ne prende uno.',
    'pass_declined' => '{host} non può incontrarla a questi orari.',
    'pass_lapsed' => 'Nessuno ha risposto in tempo. I Suoi orari sono di nuovo liberi.',
    'pass_taken_back' => 'Lo ha ritirato.',
    'letter_sent' => 'Ha chiesto un orario a {host}. È tenuto fino a {until}.',
    'letter_sent_heading' => 'Ha chiesto a {host}: {title}',
    'letter_to_confirm' =>
        'Vuole chiedere un orario a {host}. È tenuto per Lei fino a {until}. Un clic sull’indirizzo qui sotto, e ' .
        'si chiede a {host}. Se non ha chiesto nulla, non faccia nulla: allora è di nuovo libero.',
    'letter_to_confirm_heading' => 'Da confermare: chiedere un orario a {host}',
    'letter_maybe' =>
        '{host} dice forse. L’orario è tenuto per Lei, e non è ancora sicuro. Saprà di più al più tardi {until}.',
    'letter_maybe_heading' => 'Forse: {title}, con {host}',
    'letter_declined' => '{host} non può incontrarla a questi orari.',
    'letter_declined_heading' => 'Rifiutato: {title}, con {host}',
    'letter_off' =>
        'Questo non ha luogo, e l’orario è di nuovo libero. Se è nel Suo calendario, questo messaggio lo toglie.',
    'letter_off_heading' => 'Non ha luogo: {title}, con {who}',
    'letter_proposed' =>
        '{host} indica altri orari. Sono tenuti per Lei fino a {until}. Apra i Suoi colloqui per prenderne uno.',
    'letter_proposed_heading' => 'Altri orari: {title}, con {host}',
    'letter_lapsed' => 'Nessuno ha risposto in tempo. I Suoi orari sono di nuovo liberi.',
    'letter_lapsed_heading' => 'Senza risposta: {title}, con {host}',
    'fact_about' => 'Di che cosa si tratta',
    'fact_details' => 'Con parole sue',
    'fact_details_yours' => 'Con parole Sue',
    'fact_work' => 'Il lavoro in questione',
    'fact_student' => 'Riguarda',
    'fact_where' => 'Dove',
    'fact_from' => 'Da',
    'fact_with' => 'Con',
    'fact_choice' => '{position, selectordinal, many {#ª scelta} other {#ª scelta}}',
    'fact_time' => 'Quando',
    'fact_answer' => 'Risposta',
    'to_pass' => 'I Suoi colloqui: veda a che punto è, o lo ritiri',
    'to_confirm' => 'Sì, è il mio indirizzo: chiedere',
    'summary' => '{title}, con {other}',
    'also' => 'È richiesto anche {times}.',
    'forgotten_title' => 'Richiesto',
    'also_asked' => 'richiesto anche',
    'word' => 'Una parola, se vuole',
    'stranger_title' => 'un orario tutto Suo',
    'field_student' => 'Nome dello studente',
    'field_phone' => 'Numero di telefono',
    'field_about' => 'Di che cosa si tratta',
    'field_work' => 'Indirizzo del lavoro',
];
