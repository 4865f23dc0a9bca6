<?php

declare(strict_types=1);

return [
    'tells' => [
        'lead_minutes' =>
            '{lead_minutes, plural, =0 {Buchbar bis zum Beginn des Gesprächs.} other {Buchbar bis {lead_minutes_said} vor dem Gespräch.}}',
        'lead_days' =>
            '{lead_working, select, yes {{lead_days, plural, =0 {Buchbar bis {lead_by_said} am selben Tag.} =1 {Buchbar bis {lead_by_said} am Werktag davor.} other {Buchbar bis {lead_by_said}, # Werktage vorher.}}} other {{lead_days, plural, =0 {Buchbar bis {lead_by_said} am selben Tag.} =1 {Buchbar bis {lead_by_said} am Tag davor.} other {Buchbar bis {lead_by_said}, # Tage vorher.}}}}',
        'opens_at' => 'Die Buchung öffnet {opens_at_said}.',
        'closes_at' => 'Die Buchung schließt {closes_at_said}.',
        'per_student' =>
            '{each_guardian, select, yes {{per_student, plural, =1 {Eine Zeit je Kind und Elternteil: Wer auf eigener Seite bucht, hat eine eigene.} other {Höchstens # Zeiten je Kind und Elternteil.}}} other {{per_student, plural, =1 {Eine Zeit je Kind.} other {Höchstens # Zeiten je Kind.}}}}',
        'per_visitor' => '{per_visitor, plural, =1 {Eine Zeit je Person.} =6 {} other {Höchstens # Zeiten je Person.}}',
        'per_week' =>
            '{per_week, plural, =1 {Eine Zeit je Person und Woche.} other {Höchstens # Zeiten je Person und Woche.}}',
        'per_term' =>
            '{per_term, plural, =1 {Eine Zeit je Person und Halbjahr.} other {Höchstens # Zeiten je Person und Halbjahr.}}',
        'per_month' =>
            '{per_month, plural, =1 {Eine Zeit je Person und Monat.} other {Höchstens # Zeiten je Person und Monat.}}',
        'approve' =>
            'Sie bitten um eine Zeit; sie gehört Ihnen, wenn die Antwort kommt, innerhalb von {asked_hours_said}.',
        'show_who' => '{seats, plural, =1 {} other {Wer zur selben Zeit kommt, sieht Ihren Namen.}}',
    ],
    'asks' => [
        'seats' => 'Plätze je Zeit',
        'per_day' => 'Gespräche am Tag',
        'lead_minutes' => 'Minuten vor dem Gespräch',
        'lead_days' => 'Tage vorher',
        'lead_by' => 'Uhrzeit',
        'lead_working' => 'Arbeitstage',
        'furthest_days' => 'Tage im Voraus',
        'per_student' => 'Male je Kind',
        'each_guardian' => 'Jede Bezugsperson darf eine eigene Zeit haben',
        'per_visitor' => 'Male je Person',
        'per_week' => 'Male je Person in einer Woche',
        'per_term' => 'Male je Person in einem Abschnitt',
        'per_month' => 'Male je Person in einem Monat',
        'opens_at' => 'Buchung beginnt',
        'closes_at' => 'Buchung endet',
        'show_who' => 'Man sieht, wer sonst kommt',
        'approve' => 'Ich beantworte jede Anfrage zuerst',
        'asked_hours' => 'Stunden, die eine Anfrage gehalten wird',
        'guests' => 'Begleitung',
        'waiting' => 'Wenn alles vergeben ist, gibt es eine Warteliste',
        'declined_entry' => 'Jemand lehnt im Kalender ab: die Zeit zurückgeben, oder zuerst fragen',
        'email_optional' => 'Eine E-Mail-Adresse ist nicht nötig',
        'link_shown' => 'Wann der Link gezeigt wird',
        'link_minutes' => 'Minuten vorher',
        'reminders' => 'Minuten vor dem Gespräch, zu denen Erinnerungen hinausgehen',
    ],
    'why' => [
        'Past' => '{time} ist vorbei.',
        'SheetDraft' => 'Diese Seite ist noch nicht geöffnet.',
        'SheetPaused' => 'Die Buchung ruht zurzeit.',
        'SheetClosed' => 'Die Buchung ist hier geschlossen.',
        'NoLongerOpen' => 'Die Buchung ist hier geschlossen.',
        'SlotClosed' => '{time} ist nicht mehr frei.',
        'HostBusy' => '{time} ist nicht mehr frei.',
        'NoSeat' => 'Gerade hat jemand {time} genommen.',
        'NoInterpreter' => 'Um {time} ist niemand frei, der für Sie dolmetscht.',
        'NotLongEnough' => 'Um {time} reicht die Zeit für dieses Gespräch nicht, das länger ist als andere.',
        'DayFull' => 'Dieser Tag ist voll.',
        'TooSoon' => '{time} ist zu kurzfristig, um jetzt noch gebucht zu werden.',
        'VisitorHasEnough' =>
            'Sie haben hier schon gebucht, so oft es geht. Verschieben Sie stattdessen diesen Termin.',
        'VisitorHadWeek' =>
            'Sie haben hier in dieser Woche schon gebucht, so oft es geht. Wählen Sie eine andere Woche, oder verschieben Sie diesen Termin.',
        'VisitorHadMonth' =>
            'Sie haben hier in diesem Monat schon gebucht, so oft es geht. Wählen Sie einen anderen Monat, oder verschieben Sie diesen Termin.',
        'VisitorHadTerm' =>
            'Sie haben hier in diesem Halbjahr schon gebucht, so oft es geht. Wählen Sie eine Zeit in einem anderen Halbjahr, oder verschieben Sie diesen Termin.',
        'StudentHasEnough' =>
            'Für dieses Kind ist hier schon gebucht, so oft es geht. Verschieben Sie stattdessen diesen Termin. Für ein anderes Kind gleichen Namens fügen Sie einen zweiten Vornamen hinzu.',
        'VisitorElsewhere' =>
            'Sie sind um {time} in einem anderen Gespräch, oder kämen nicht rechtzeitig von einem zum anderen.',
        'StudentElsewhere' =>
            'Das Kind ist um {time} in einem anderen Gespräch. Für ein anderes Kind gleichen Namens fügen Sie einen zweiten Vornamen hinzu.',
        'NotAtPlace' => '{time} ist nicht an dem Ort, den Sie gewählt haben.',
        'NotOpenYet' => '{time} kann ab {until} gebucht werden.',
        'TooFarAhead' => '{time} kann ab {until} gebucht werden.',
    ],
];
