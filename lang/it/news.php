<?php

declare(strict_types=1);

return [
    'subject' =>
        '{what, select, booked {Prenotato} please_confirm {Da confermare} lapsed {Scaduto} asked {Richiesto} accepted {Accettato} maybe {Forse} declined {Rifiutato} moved {Spostato} moved_away {Passato ad altri} cancelled {Disdetto} link_added {Link disponibile} link_changed {Nuovo link} place_changed {Altro luogo} answers_changed {Risposte cambiate} reminder {Promemoria} guest_brought {Ospite aggiunto} guest_left {Ospite rimosso} other {}}: {date} {time} con {with} – {title}',
    'booked' => [
        'host' =>
            '{who, select, you {L’ha prenotato Lei per {visitor}.} office {La segreteria ha prenotato un orario con Lei per {visitor}.} visitor {{visitor} ha prenotato un orario con Lei.} other {{name} ha prenotato un orario con Lei per {visitor}.}}',
        'visitor' =>
            '{who, select, office {La segreteria ha prenotato questo orario per Lei.} host {{name} ha prenotato questo orario per Lei.} colleague {{name} ha prenotato questo orario per Lei.} other {Questo orario è Suo.}}',
        'guest' => '{visitor} L’ha aggiunta a questo colloquio.',
    ],
    'please_confirm' => [
        'visitor' =>
            'Questo orario è tenuto per Lei fino a {until}. Prema il pulsante ed è prenotato. Se non ha chiesto un orario, non faccia nulla: allora è di nuovo libero.',
    ],
    'lapsed' => [
        'visitor' => 'Questo orario era tenuto per Lei. È di nuovo libero.',
    ],
    'moved_away' => [
        'host' => 'Questo colloquio ora è con {host}, a un’altra ora. Il Suo orario è di nuovo libero.',
    ],
    'asked' => [
        'host' => '{visitor} chiede un orario con Lei. È tenuto fino al {until}.',
        'visitor' => 'Ha chiesto questo orario. È tenuto per Lei finché {host} risponde, al massimo fino a {until}.',
        'guest' => '{visitor} ha chiesto questo orario. È tenuto finché {host} risponde, al massimo fino a {until}.',
    ],
    'accepted' => [
        'host' =>
            '{who, select, you {Ha detto sì a {visitor}.} visitor {{visitor} ha preso l’orario che Lei ha proposto.} other {{name} ha detto sì a {visitor}.}}',
        'visitor' => '{who, select, you {Questo orario è Suo.} other {{name} ha detto di sì. Questo orario è Suo.}}',
        'guest' =>
            '{who, select, visitor {{visitor} ha preso questo orario.} other {{name} ha detto di sì.}} Il colloquio ha luogo.',
    ],
    'maybe' => [
        'host' =>
            '{who, select, you {Ha detto «non è ancora sicuro» a {visitor}.} other {{name} ha detto «non è ancora sicuro» a {visitor}.}}',
        'visitor' => '{name} non lo sa ancora con certezza. L’orario è tenuto per Lei fino a {until}.',
        'guest' => '{name} non lo sa ancora con certezza. L’orario è tenuto fino a {until}.',
    ],
    'declined' => [
        'host' => '{who, select, you {Ha detto no a {visitor}.} other {{name} ha detto no a {visitor}.}}',
        'visitor' => '{host} non può incontrarla a quest’ora. Altri orari sono forse liberi.',
        'guest' => '{host} non può a quest’ora. Il colloquio non ha luogo.',
    ],
    'moved' => [
        'host' =>
            '{who, select, you {Ha spostato questo colloquio.} office {La segreteria ha spostato questo colloquio.} other {{name} ha spostato questo colloquio.}} Questo è il nuovo orario.',
        'visitor' =>
            '{held, select, yes {L’orario che ha chiesto ora è un altro. È tenuto per Lei finché {host} risponde, al massimo fino a {until}.} other {{who, select, you {Ha spostato questo colloquio.} office {La segreteria ha spostato questo colloquio.} host {{name} ha dovuto spostare questo colloquio.} colleague {{name} ha dovuto spostare questo colloquio.} other {{name} ha spostato questo colloquio.}} Questo è il nuovo orario.}}',
        'guest' =>
            '{who, select, you {Ha spostato questo colloquio.} office {La segreteria ha spostato questo colloquio.} host {{name} ha dovuto spostare questo colloquio.} colleague {{name} ha dovuto spostare questo colloquio.} other {{name} ha spostato questo colloquio.}} Questo è il nuovo orario.',
    ],
    'cancelled' => [
        'host' =>
            '{who, select, you {Ha annullato questo colloquio.} office {La segreteria ha annullato questo colloquio.} other {{name} ha annullato questo colloquio.}} L’orario è di nuovo libero.',
        'visitor' =>
            '{who, select, you {Ha disdetto questo colloquio. L’orario ora è libero per altri.} office {La segreteria ha disdetto questo colloquio.} host {{name} ha dovuto disdire questo colloquio. Ci dispiace.} colleague {{name} ha dovuto disdire questo colloquio. Ci dispiace.} other {{name} ha disdetto questo colloquio.}}',
        'guest' =>
            '{who, select, you {Ha disdetto questo colloquio. L’orario ora è libero per altri.} office {La segreteria ha disdetto questo colloquio.} host {{name} ha dovuto disdire questo colloquio. Ci dispiace.} colleague {{name} ha dovuto disdire questo colloquio. Ci dispiace.} other {{name} ha disdetto questo colloquio.}}',
    ],
    'link_added' => [
        'host' => 'C’è il link video.',
        'visitor' => 'Il link video per questo colloquio c’è.',
        'guest' => 'Il link video per questo colloquio c’è.',
    ],
    'link_changed' => [
        'host' => 'Il link video di questo colloquio è nuovo. Quello vecchio non funziona più.',
        'visitor' => 'Il link video di questo colloquio è nuovo. Il vecchio non funziona più.',
        'guest' => 'Il link video di questo colloquio è nuovo. Il vecchio non funziona più.',
    ],
    'place_changed' => [
        'host' => 'Questo colloquio ora è in un altro luogo.',
        'visitor' => 'Questo colloquio ora è in un altro luogo.',
        'guest' => 'Questo colloquio ora è in un altro luogo.',
    ],
    'answers_changed' => [
        'host' => '{name} ha cambiato ciò che Le ha detto.',
    ],
    'reminder' => [
        'host' => 'Questo colloquio è {when}.',
        'visitor' => 'Questo colloquio è {when}.',
        'guest' => 'Questo colloquio è {when}.',
    ],
    'guest_brought' => [
        'host' => '{name} ha aggiunto {guest} a questo colloquio.',
        'visitor' =>
            '{who, select, you {Ha aggiunto {guest} a questo colloquio.} other {{name} ha aggiunto {guest} a questo colloquio.}} Riceve una pagina privata propria.',
        'about' => '{name} L’ha aggiunta a questo colloquio.',
        'guest' => '{name} ha aggiunto {guest} a questo colloquio.',
    ],
    'guest_left' => [
        'host' => '{guest} non viene più a questo colloquio. Il colloquio resta.',
        'visitor' =>
            '{who, select, you {Ha tolto {guest} da questo colloquio.} other {{guest} non viene più a questo colloquio.}} Il colloquio resta.',
        'about' =>
            '{who, select, you {Lei non viene più a questo colloquio.} other {{name} L’ha tolta da questo colloquio.}} Il colloquio resta.',
        'guest' => '{guest} non viene più a questo colloquio. Il colloquio resta.',
    ],
    'sitting' => [
        'heading' => '{count} orari prenotati: {school}',
        'news' => 'Questi {count, number} orari sono Suoi.',
        'press' =>
            '{may, select, change {Spostare o disdire {time}, {host}} cancel {Disdire {time}, {host}} other {Vedere {time}, {host}}}',
        'another' => 'Prenotare un altro orario',
    ],
    'link' => [
        'answer' => 'Rispondere a questa richiesta',
        'everybody' => 'Vedere tutti quelli che hanno prenotato',
        'another' => 'Scegliere un altro orario',
        'confirm' => 'Sì, è il mio indirizzo: prenotare',
        'change' => 'I Suoi colloqui: vedere, spostare o disdire',
        'cancel' => 'I Suoi colloqui: vedere o disdire',
        'look' => 'I Suoi colloqui',
    ],
    'off' => [
        'declined' => '{host} non può incontrarla a quest’ora.',
        'cancelled' =>
            '{who, select, you {Ha disdetto questo colloquio. L’orario ora è libero per altri.} office {La segreteria ha disdetto questo colloquio.} host {{name} ha dovuto disdire questo colloquio.} colleague {{name} ha dovuto disdire questo colloquio.} other {{name} ha disdetto questo colloquio.}}',
        'by' => '{who, select, office {dalla segreteria} other {da {name}}}',
    ],
    'digest_heading' => 'I Suoi colloqui: novità per {times, plural, one {# orario} other {# orari}}',
    'digest' => 'Ecco le novità da ieri.',
    'digest_link' => 'Vedere i Suoi fogli',
    'digest_line' =>
        '{state, select, booked {prenotato} asked {chiesto, aspetta la Sua risposta} cancelled {annullato} kept {non ancora confermato} declined {rifiutato} other {}}: {who}{about, select, none {} other {, per {student}}}',
    'again_heading' => 'I Suoi colloqui',
    'again' => 'Ecco i Suoi colloqui.',
    'again_other' => 'E {number}',
    'was' => 'Non più',
    'that_day' => 'Anche quel giorno',
    'free_now' => 'Liberi in questo momento',
];
