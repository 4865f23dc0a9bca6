<?php

declare(strict_types=1);

return [
    'tells' => [
        'lead_minutes' =>
            '{lead_minutes, plural, =0 {Si può prenotare fino all’inizio del colloquio.} other {Si può prenotare fino a {lead_minutes_said} prima del colloquio.}}',
        'lead_days' =>
            '{lead_working, select, yes {{lead_days, plural, =0 {Si può prenotare fino alle {lead_by_said} del giorno stesso.} =1 {Si può prenotare fino alle {lead_by_said} del giorno lavorativo prima.} other {Si può prenotare fino alle {lead_by_said}, # giorni lavorativi prima.}}} other {{lead_days, plural, =0 {Si può prenotare fino alle {lead_by_said} del giorno stesso.} =1 {Si può prenotare fino alle {lead_by_said} del giorno prima.} other {Si può prenotare fino alle {lead_by_said}, # giorni prima.}}}}',
        'opens_at' => 'Le prenotazioni aprono {opens_at_said}.',
        'closes_at' => 'Le prenotazioni chiudono {closes_at_said}.',
        'per_student' =>
            '{each_guardian, select, yes {{per_student, plural, =1 {Un orario per studente e genitore: chi prenota sulla propria pagina ha il suo.} other {Al massimo # orari per studente e genitore.}}} other {{per_student, plural, =1 {Un orario per studente.} other {Al massimo # orari per studente.}}}}',
        'per_visitor' =>
            '{per_visitor, plural, =1 {Un orario per persona.} =6 {} other {Al massimo # orari per persona.}}',
        'per_week' =>
            '{per_week, plural, =1 {Un orario per persona alla settimana.} other {Al massimo # orari per persona alla settimana.}}',
        'per_term' =>
            '{per_term, plural, =1 {Un orario per persona a quadrimestre.} other {Al massimo # orari per persona a quadrimestre.}}',
        'per_month' =>
            '{per_month, plural, =1 {Un orario per persona al mese.} other {Al massimo # orari per persona al mese.}}',
        'approve' => 'Lei chiede un orario; è Suo quando arriva la risposta, entro {asked_hours_said}.',
        'show_who' => '{seats, plural, =1 {} other {Chi viene allo stesso orario vede il Suo nome.}}',
    ],
    'asks' => [
        'seats' => 'Posti per orario',
        'per_day' => 'Colloqui al giorno',
        'lead_minutes' => 'Minuti prima del colloquio',
        'lead_days' => 'Giorni prima',
        'lead_by' => 'Ora',
        'lead_working' => 'Giorni lavorativi',
        'furthest_days' => 'Giorni di anticipo',
        'per_student' => 'Volte per alunno',
        'each_guardian' => 'Ogni referente può avere un orario suo',
        'per_visitor' => 'Volte per persona',
        'per_week' => 'Volte per persona in una settimana',
        'per_term' => 'Volte per persona in un periodo',
        'per_month' => 'Volte per persona in un mese',
        'opens_at' => 'Inizio delle prenotazioni',
        'closes_at' => 'Fine delle prenotazioni',
        'show_who' => 'Si vede chi altri viene',
        'approve' => 'Rispondo prima a ogni richiesta',
        'asked_hours' => 'Ore per cui una richiesta è tenuta',
        'guests' => 'Accompagnatori',
        'waiting' => 'Quando è tutto preso, c’è una lista d’attesa',
        'declined_entry' => 'Qualcuno lo rifiuta nel calendario: restituire l’orario, o chiedere prima',
        'email_optional' => 'Un indirizzo e-mail non serve',
        'link_shown' => 'Quando si mostra il link',
        'link_minutes' => 'Minuti prima',
        'reminders' => 'Minuti prima del colloquio in cui partono i promemoria',
    ],
    'why' => [
        'Past' => '{time} è passato.',
        'SheetDraft' => 'Questa pagina non è ancora aperta.',
        'SheetPaused' => 'Le prenotazioni sono sospese per ora.',
        'SheetClosed' => 'Qui le prenotazioni sono chiuse.',
        'NoLongerOpen' => 'Qui le prenotazioni sono chiuse.',
        'SlotClosed' => '{time} non è più libero.',
        'HostBusy' => '{time} non è più libero.',
        'NoSeat' => 'Qualcuno ha appena preso {time}.',
        'NoInterpreter' => 'Alle {time} nessun interprete è libero per Lei.',
        'NotLongEnough' => 'Alle {time} non c’è abbastanza tempo per questo colloquio, che è più lungo di altri.',
        'DayFull' => 'Quel giorno è pieno.',
        'TooSoon' => '{time} è troppo vicino per essere prenotato adesso.',
        'VisitorHasEnough' => 'Ha già prenotato qui, quante volte si può. Sposti piuttosto quel colloquio.',
        'VisitorHadWeek' =>
            'Ha già prenotato qui in quella settimana, quante volte si può. Scelga un’altra settimana, o sposti quel colloquio.',
        'VisitorHadMonth' =>
            'Ha già prenotato qui in quel mese, quante volte si può. Scelga un altro mese, o sposti quel colloquio.',
        'VisitorHadTerm' =>
            'Ha già prenotato qui in quel quadrimestre, quante volte si può. Scelga un orario in un altro quadrimestre, o sposti quel colloquio.',
        'StudentHasEnough' =>
            'Per questo studente si è già prenotato qui, quante volte si può. Sposti piuttosto quel colloquio. Per un altro studente con lo stesso nome, aggiunga un secondo nome.',
        'VisitorElsewhere' => 'Verso le {time} è in un altro colloquio, o non arriverebbe in tempo dall’uno all’altro.',
        'StudentElsewhere' =>
            'Verso le {time} lo studente è in un altro colloquio. Per un altro studente con lo stesso nome, aggiunga un secondo nome.',
        'NotAtPlace' => '{time} non è nel luogo che ha scelto.',
        'NotOpenYet' => '{time} si può prenotare da {until}.',
        'TooFarAhead' => '{time} si può prenotare da {until}.',
    ],
];
