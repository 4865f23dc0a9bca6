<?php

declare(strict_types=1);

return [
    'tells' => [
        'lead_minutes' =>
            '{lead_minutes, plural, =0 {Peut être réservé jusqu’au début du rendez-vous.} other {Peut être réservé jusqu’à {lead_minutes_said} avant le rendez-vous.}}',
        'lead_days' =>
            '{lead_working, select, yes {{lead_days, plural, =0 {Peut être réservé jusqu’à {lead_by_said} le jour même.} =1 {Peut être réservé jusqu’à {lead_by_said} le jour ouvré précédent.} one {Peut être réservé jusqu’à {lead_by_said}, # jour ouvré avant.} other {Peut être réservé jusqu’à {lead_by_said}, # jours ouvrés avant.}}} other {{lead_days, plural, =0 {Peut être réservé jusqu’à {lead_by_said} le jour même.} =1 {Peut être réservé jusqu’à {lead_by_said} la veille.} one {Peut être réservé jusqu’à {lead_by_said}, # jour avant.} other {Peut être réservé jusqu’à {lead_by_said}, # jours avant.}}}}',
        'opens_at' => 'Les réservations ouvrent {opens_at_said}.',
        'closes_at' => 'Les réservations ferment {closes_at_said}.',
        'per_student' =>
            '{each_guardian, select, yes {{per_student, plural, =1 {Un créneau par élève et responsable : qui réserve sur sa propre page a le sien.} one {# créneau au plus par élève et responsable.} other {# créneaux au plus par élève et responsable.}}} other {{per_student, plural, =1 {Un créneau par élève.} one {# créneau au plus par élève.} other {# créneaux au plus par élève.}}}}',
        'per_visitor' =>
            '{per_visitor, plural, =1 {Un créneau par visiteur.} =6 {} one {# créneau au plus par visiteur.} other {# créneaux au plus par visiteur.}}',
        'per_week' =>
            '{per_week, plural, =1 {Un créneau par visiteur et par semaine.} one {# créneau au plus par visiteur et par semaine.} other {# créneaux au plus par visiteur et par semaine.}}',
        'per_term' =>
            '{per_term, plural, =1 {Un créneau par visiteur et par trimestre.} one {# créneau au plus par visiteur et par trimestre.} other {# créneaux au plus par visiteur et par trimestre.}}',
        'per_month' =>
            '{per_month, plural, =1 {Un créneau par visiteur et par mois.} one {# créneau au plus par visiteur et par mois.} other {# créneaux au plus par visiteur et par mois.}}',
        'approve' => 'Vous demandez un créneau ; il est à vous quand la réponse arrive, dans les {asked_hours_said}.',
        'show_who' => '{seats, plural, =1 {} other {Les personnes qui viennent au même créneau voient votre nom.}}',
    ],
    'asks' => [
        'seats' => 'Visiteurs par créneau',
        'per_day' => 'Rendez-vous par jour',
        'lead_minutes' => 'Minutes avant le rendez-vous',
        'lead_days' => 'Jours avant',
        'lead_by' => 'Heure',
        'lead_working' => 'Jours ouvrés',
        'furthest_days' => 'Jours d’avance',
        'per_student' => 'Fois par élève',
        'each_guardian' => 'Chaque responsable peut avoir son propre créneau',
        'per_visitor' => 'Fois par visiteur',
        'per_week' => 'Fois par visiteur et par semaine',
        'per_term' => 'Fois par visiteur et par période',
        'per_month' => 'Fois par visiteur et par mois',
        'opens_at' => 'Début des réservations',
        'closes_at' => 'Fin des réservations',
        'show_who' => 'On voit qui d’autre vient',
        'approve' => 'Je réponds d’abord à chaque demande',
        'asked_hours' => 'Heures pendant lesquelles une demande est gardée',
        'guests' => 'Accompagnants',
        'waiting' => 'Quand tout est pris, il y a une liste d’attente',
        'declined_entry' => 'Quelqu’un le refuse dans son calendrier : rendre le créneau, ou demander d’abord',
        'email_optional' => 'Une adresse e-mail n’est pas nécessaire',
        'link_shown' => 'Quand le lien est montré',
        'link_minutes' => 'Minutes avant',
        'reminders' => 'Minutes avant le rendez-vous où partent les rappels',
    ],
    'why' => [
        'Past' => '{time} est passé.',
        'SheetDraft' => 'Cette page n’est pas encore ouverte.',
        'SheetPaused' => 'Les réservations sont suspendues pour le moment.',
        'SheetClosed' => 'Les réservations sont closes ici.',
        'NoLongerOpen' => 'Les réservations sont closes ici.',
        'SlotClosed' => '{time} n’est plus libre.',
        'HostBusy' => '{time} n’est plus libre.',
        'NoSeat' => 'Quelqu’un vient de prendre {time}.',
        'NoInterpreter' => 'À {time}, aucun interprète n’est libre pour vous.',
        'NotLongEnough' => 'À {time}, il n’y a pas assez de temps pour ce rendez-vous, qui est plus long que d’autres.',
        'DayFull' => 'Ce jour est complet.',
        'TooSoon' => '{time} est trop proche pour être réservé maintenant.',
        'VisitorHasEnough' =>
            'Vous avez déjà réservé ici, autant de fois que possible. Déplacez plutôt ce rendez-vous.',
        'VisitorHadWeek' =>
            'Vous avez déjà réservé ici cette semaine-là, autant de fois que possible. Choisissez une autre semaine, ou déplacez ce rendez-vous.',
        'VisitorHadMonth' =>
            'Vous avez déjà réservé ici ce mois-là, autant de fois que possible. Choisissez un autre mois, ou déplacez ce rendez-vous.',
        'VisitorHadTerm' =>
            'Vous avez déjà réservé ici ce trimestre-là, autant de fois que possible. Choisissez un créneau d’un autre trimestre, ou déplacez ce rendez-vous.',
        'StudentHasEnough' =>
            'L’élève a déjà été réservé ici, autant de fois que possible. Déplacez plutôt ce rendez-vous. Pour un autre élève du même nom, ajoutez un deuxième prénom.',
        'VisitorElsewhere' =>
            'Vous êtes dans un autre rendez-vous vers {time}, ou ne pourriez pas aller de l’un à l’autre à temps.',
        'StudentElsewhere' =>
            'L’élève est dans un autre rendez-vous vers {time}. Pour un autre élève du même nom, ajoutez un deuxième prénom.',
        'NotAtPlace' => '{time} n’est pas au lieu que vous avez choisi.',
        'NotOpenYet' => '{time} pourra être réservé à partir de {until}.',
        'TooFarAhead' => '{time} pourra être réservé à partir de {until}.',
    ],
];
