<?php

declare(strict_types=1);

return [
    'how_anyone' => 'Choisissez un créneau ici ; aucun compte n’est nécessaire :',
    'how_families' =>
        'Choisissez un créneau avec le lien du message qui est le vôtre, ou ici avec le code de votre carte :',
    'how_staff' => 'Choisissez un créneau ici ; connectez-vous comme toujours :',
    'day_title' => 'Qui vient le {date}',
    'card_for' => 'pour {students}',
    'card_how' => 'Photographiez le carré, ou tapez le code sur {address}',
    'missing_title' => 'Un titre',
    'missing_when' => 'Quand : jours, heures et une durée',
    'missing_look' => 'Quand : il y a quelque chose à revoir',
    'missing_blanks' => 'Quand : {blanks}',
    'missing_blank' =>
        '{blank, select, dates {un jour} date {un jour} days {des jours de la semaine} from {de quand} until {à quand} minutes {combien de temps chacun} hours {de quelle heure à quelle heure} first {le premier jour} last {le dernier jour} other {un jour et des heures}}',
    'missing_where' => 'Où : une salle, le téléphone ou un lien vidéo',
    'card_nobody' => 'Personne dans le répertoire ne peut réserver sur cette feuille.',
    'roster' =>
        '{missing, plural, =0 {On a réservé pour {expected, plural, one {le seul élève} other {les # élèves}}.} one {Pas encore réservé : # sur {expected, plural, one {un élève} other {# élèves}}.} other {Pas encore réservé : # sur {expected, plural, one {un élève} other {# élèves}}.}}',
    'letters_sent' =>
        '{sent, plural, =0 {Il ne restait personne à qui écrire : chaque famille a réservé, n’a pas d’adresse, ou a reçu un message depuis un jour.} one {Un message est en route.} other {# messages sont en route.}}',
    'letter_heading' => '{title} avec {host}',
    'letter_news' => '{host} a des créneaux pour vous, au sujet de {students}.',
    'letter_link' => 'Choisir un créneau',
    'fill' => '{taken, number} pris sur {slots, number}',
    'none_comes' => 'Rendez-vous : aucun ne résulte de ces jours et heures',
    'fill_none' =>
        '{standing, plural, =0 {Aucun créneau à venir} one {Aucun créneau à venir ; un rendez-vous tient} other {Aucun créneau à venir ; # rendez-vous tiennent}}',
    'fill_next' => '{taken, number} pris sur {slots, number} les prochains jours',
    'links_there' => 'Certains de ces rendez-vous ont déjà un lien, et il a été envoyé. Changez ceux-là un par un.',
    'link_cleaned' => 'Sans cela, c’est {link}',
    'nobody_yet' => 'Personne n’a encore réservé.',
    'expected_guessed' => 'Les lettres de ce tableau ont été devinées ; regardez si les accents sont justes.',
    'expected_none' =>
        'Aucun nom n’y a été trouvé. Écrivez-en un par ligne, ou apportez un tableau avec une colonne appelée « name ».',
    'expected_no_column' =>
        'Ce tableau n’a pas de colonne appelée « name » (ni « first name » et « last name »). Rien n’a été gardé.',
    'expected_too_many' => 'C’est plus de {most, number}. Rien n’a été gardé ; apportez-en moins.',
    'expected_no_name' => 'La ligne {line, number} n’a pas de nom et est laissée de côté.',
    'expected_bad_email' =>
        'Ligne {line, number}, {name} : ce n’est pas une adresse e-mail ; le nom est sur la liste sans elle.',
    'expected_bad_phone' =>
        'Ligne {line, number}, {name} : ce n’est pas un numéro de téléphone ; le nom est sur la liste sans lui.',
    'expected_twice' =>
        '{twice, plural, one {Un nom était déjà sur la liste.} other {# noms étaient déjà sur la liste.}}',
    'reminders_sent' =>
        '{sent, plural, =0 {Il ne restait personne à qui rappeler : chacun a réservé, est injoignable, ou a reçu un rappel depuis un jour.} one {Un rappel est en route.} other {# rappels sont en route.}}',
    'expected_heading' => 'Un rendez-vous au sujet de {student} : {title} avec {host}',
    'expected_dear' => 'À la personne qui réserve pour {student},',
    'expected_invites' =>
        '{host} souhaite un rendez-vous au sujet de {student}. Choisissez un créneau : le lien ci-dessous connaît le nom.',
    'expected_text_invites' => '{host} souhaite un rendez-vous au sujet de {student}. Choisissez un créneau : {link}',
    'expected_news' =>
        '{host} attend {student} et n’a pas encore de créneau. Le lien ci-dessous connaît le nom ; le reste tient en un clic.',
    'expected_text' => '{host} attend {student} et n’a pas encore de créneau. Choisissez-en un : {link}',
    'expected_card' => 'Photographiez le carré et choisissez un créneau ; il connaît le nom.',
    'cards_of_drafts' =>
        'Les cartes ouvrent une feuille, et celle-ci n’est pas encore publiée. Publiez-la d’abord ; puis imprimez-les.',
    'cards_of_everybody' =>
        'Cette feuille est pour toutes les familles de l’école : c’est au secrétariat d’imprimer leurs cartes. Nommez des classes sur la feuille, ou demandez au secrétariat.',
    'cancel_over' => 'Ce rendez-vous a commencé ou est terminé, il ne peut donc plus être annulé.',
    'undo_moved' => 'Le rendez-vous avec {name} passe à {when}.',
    'undo_given_back' => 'Le rendez-vous avec {name} est annulé.',
    'shift_clock' => '{minutes, plural, =0 {même heure} one {1 min {way}} other {# min {way}}}',
    'shift_days' =>
        '{days, plural, one {un jour {day_way}} other {# jours {day_way}}}, {minutes, plural, =0 {même heure} one {1 min {way}} other {# min {way}}}',
    'move_all' =>
        '{count, plural, one {Ce qui est proposé a lieu} other {Les # propositions ont lieu}} {days, plural, =0 {le même jour} one {un jour {day_way}} other {# jours {day_way}}}, {minutes, plural, =0 {à la même heure} one {# minute {way}} other {# minutes {way}}}.',
    'move_each' =>
        'Ce qui est proposé déplace {count} personnes le moins possible : {days, plural, =0 {le même jour} one {d’un jour au plus} other {de # jours au plus}}, {minutes, plural, =0 {à la même heure} one {et de # minute sur l’horloge au plus} other {et de # minutes sur l’horloge au plus}}.',
    'affected' =>
        'Ce changement touche des personnes qui ont réservé. Rien n’est encore enregistré : voyez qui cela touche, et choisissez.',
    'address_form' =>
        'Une adresse a des lettres minuscules, des chiffres et des traits d’union simples : rencontres-automne.',
    'address_taken' => 'Une autre feuille a cette adresse, ou l’a eue. Choisissez-en une autre.',
    'nothing_to_book' =>
        'Aucun créneau de cette feuille ne peut plus être réservé, elle n’a donc pas été publiée. Elle est gardée comme brouillon. Choisissez une date plus tard, ou permettez de réserver plus près du rendez-vous.',
    'no_draft_again' =>
        'Quelqu’un a réservé ici ou attend un créneau, cette feuille ne peut donc pas redevenir un brouillon. Mettez-la en pause, ou fermez-la : qui a réservé garde son créneau.',
    'settle_all' => 'Un créneau doit être choisi pour chaque personne déplacée.',
    'settle_gone' => 'Un créneau choisi n’est plus sur la feuille.',
    'settle_taken' =>
        'Un créneau choisi pour quelqu’un est pris, ou se heurte à une réservation qui reste telle quelle. Rien n’a été enregistré. Regardez de nouveau les créneaux.',
    'moved' =>
        'Quelqu’un d’autre a changé cette feuille depuis que vous l’avez ouverte. Rien de vous n’est perdu ni enregistré. Regardez les deux et choisissez.',
    'too_long' => 'C’est plus qu’une feuille ne contient. Abrégez ce qui y est écrit.',
    'too_many' =>
        'Cela ferait plus de {most, number, integer} rendez-vous. Regardez de nouveau la durée, les heures et le dernier jour.',
    'date_past' => '{date} est passé. Choisissez aujourd’hui ou plus tard.',
    'date_far' => '{date} est à plus de trois ans. Regardez de nouveau l’année.',
    'link_needed' =>
        'Remplissez ceci, ou choisissez qu’un lien soit créé pour chaque rendez-vous, ou ajouté plus tard.',
    'no_link_maker' =>
        'Rien ici ne crée un lien pour chaque rendez-vous. Donnez-en un pour tous, ou ajoutez-le plus tard.',
    'two_answers' => 'Écrivez au moins deux réponses au choix, une par ligne.',
    'student_once' => 'Le nom de l’élève est demandé une seule fois, et par la question faite pour cela.',
    'title_yours' => 'Vos feuilles',
    'title_new' => 'Nouvelle feuille',
    'title_change' => 'Changer {title}',
    'your_title' => 'Votre titre',
    'begins_about' => 'De quoi s’agit-il ?',
    'begins_conferences' => 'Rencontres parents-enseignants',
    'begins_office_hours' => 'Permanence',
    'handout_dear' => 'Chères familles,',
    'handout_when' => '{title} avec {host} : {when}',
    'handout_pick' => 'Choisissez un créneau.',
    'file_not_text' => 'Ce fichier n’est pas du texte en UTF-8. Exportez-le de nouveau, ou enregistrez-le en UTF-8.',
    'file_not_ours' => 'Ce n’est pas une feuille écrite par Recess : il n’y a pas "format": "{format}".',
    'file_other_version' => 'Ce fichier a été écrit par une autre version de Recess et ne peut pas être lu ici.',
    'begins_imported' => 'Créneaux importés',
    'begins_place' => 'À dire',
    'ask_student' => 'Nom de l’élève',
    'ask_student_hint' => 'De qui il sera question.',
    'ask_phone' => 'Numéro de téléphone',
    'ask_word' => 'Un mot d’avance',
    'ask_word_hint' => 'Seule la personne que vous rencontrez le lit.',
];
