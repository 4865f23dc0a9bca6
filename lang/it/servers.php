<?php

declare(strict_types=1);

// A host's own calendars on a calendar server, both ways. ICU MessageFormat.
return [
    'title' => 'I Suoi calendari',
    'heading' => 'I Suoi calendari, nei due sensi',
    'about' =>
        'Ciò che è occupato nel Suo calendario qui non viene offerto a nessuno, e ciò che si prenota qui vi ' .
        'compare entro pochi secondi. Per calendari su un server che parla CalDAV; la maggior parte lo fa, e ne ' .
        'dà l’indirizzo nelle impostazioni.',
    'other_ways' => 'Senza un server bastano <link>l’indirizzo di un feed o un file</link>, e le lettere che riceve.',
    'connect_heading' => 'Dove sono',
    'address' => 'Indirizzo del server',
    'address_help' => 'Come lo dà il Suo programma di calendario; comincia con https://',
    'name' => 'Il Suo nome su quel server',
    'password' => 'La Sua password su quel server',
    'password_help' =>
        'Meglio una riservata ai programmi, se il server ne rilascia. È conservata sigillata e non viene ' .
        'mostrata a nessuno.',
    'connect' => 'Trovare i miei calendari',
    'connecting' => 'Ricerca in corso…',
    'again_heading' => 'Altra password o altro server',
    'on' => '{name}, su {host}',
    'looked' => 'Guardato: {when}.',
    'which_heading' => 'A che cosa serve ciascuno',
    'which_about' =>
        'Un colloquio compare nel Suo calendario con nome, numero e risposte di chi viene: meglio in uno che ' .
        'nessun altro legge.',
    'counts' => 'Ciò che vi è occupato toglie orari qui',
    'counts_times' =>
        '{times, plural, =0 {Niente in arrivo.} one {Un impegno in arrivo.} many {# impegni in arrivo.} other {# ' .
        'impegni in arrivo.}}',
    'skipped' =>
        '{many, plural, one {Una voce non si è potuta leggere.} many {# voci non si sono potute leggere.} other ' .
        '{# voci non si sono potute leggere.}}',
    'takes' => 'I miei colloqui vanno in questo',
    'takes_none' => 'I miei colloqui non vanno in nessuno',
    'written' =>
        '{many, plural, =0 {Non c’è ancora nessun colloquio.} one {C’è un colloquio.} many {Ci sono # colloqui.} ' .
        'other {Ci sono # colloqui.}}',
    'read_only' => 'Non vi si può scrivere.',
    'keep' => 'Salvare',
    'keeping' => 'Salvataggio…',
    'kept' => 'Salvato, e guardato.',
    'look_now' => 'Guardare ora',
    'looked_now' => 'Guardato proprio ora.',
    'disconnect' => 'Dimenticare questo server',
    'disconnect_about' =>
        'Nome e password vengono dimenticati, e niente di lì toglie più orari. I colloqui che sono nel Suo ' .
        'calendario vi restano; ciò che ne sarà non vi viene più scritto.',
    'disconnect_sure' => 'Dimenticarlo',
    'disconnect_not' => 'Lasciarlo',
    'still_counts' => '{failure} Ciò che se ne sapeva vale ancora; si riprova da sé.',
    'demo' => 'In questa dimostrazione ce n’è uno a {address}, con il nome {name} e la password {password}.',
    'not_https' =>
        'L’indirizzo di un server di calendari comincia con https://, perché nessuno per strada legga la Sua ' .
        'password.',
    'wrong_password' => 'Il server non conosce questo nome con questa password.',
    'not_let' => 'Il server non ci lascia né leggere né scrivere.',
    'no_calendars' =>
        'A questo indirizzo non ci sono calendari. Lo copi dal Suo programma di calendario, o chieda a chi cura ' .
        'il server.',
    'full' => 'Il Suo calendario lì è pieno: non vi si può scrivere altro finché non si toglie qualcosa.',
    'error' => 'Il server ha risposto con un errore ({status}).',
    'elsewhere' =>
        'Il server ci manda a {host}. La Sua password è per quello che ha indicato: dia invece quell’indirizzo, ' .
        'se è giusto.',
    'no_end' => 'Il server ci manda da un indirizzo all’altro senza fine.',
    'not_understood' => 'Ciò che il server ha risposto non è come parlano i server di calendari.',
    'not_this_one' => 'I Suoi colloqui non possono andare in questo. Ne scelga un altro.',
    'calendar_gone' =>
        'Il calendario «{calendar}» non è più sul Suo server: non toglie più orari qui, e i Suoi colloqui non vi ' .
        'compaiono.',
    'not_in_step' =>
        'Al momento il Suo calendario non è raggiungibile: ciò che se ne sapeva vale ancora, e i nuovi colloqui ' .
        'non vi sono ancora. Guardi «I Suoi calendari» nelle impostazioni.',
    'taken_out_there' =>
        'Ha tolto dal Suo calendario il colloquio con {name}. Resta fissato: {name} La aspetta, {when}. Lo ' .
        'disdica sul suo foglio se non può venire.',
    'proposed' =>
        'Ha spostato nel Suo calendario il colloquio con {name}: {there}. A {name} è stato chiesto se va bene; ' .
        'finché non lo dice, resta come concordato: {when}.',
    'moved_there' =>
        'Nel Suo calendario il colloquio con {name} è {there}. {name} non ne sa nulla: era concordato per ' .
        '{when}. Lo sposti sul suo foglio, e la famiglia viene avvisata.',
];
