<?php

declare(strict_types=1);

return [
    'here_early' =>
        'C’est trop tôt : à partir de {time} le {date}, vous pourrez dire que vous êtes là. Rien n’est perdu ; ' .
        'revenez alors.',
    'here_off' => 'Ce rendez-vous est annulé.',
    'here_over' => 'Ce rendez-vous est terminé.',
    'no_word' => 'Il n’y a plus rien à quoi répondre.',
    'offer_answered' => 'La réponse à cette proposition est déjà donnée, ou son délai est passé. Rien n’a été changé.',
    'offer_gone' => 'Ce créneau n’est plus proposé. Vos autres rendez-vous sont inchangés.',
    'offer_open' => '{time} est proposé, et gardé jusqu’à {until}.',
    'late_heading' =>
        '{minutes, plural, =0 {{host} est de nouveau à l’heure} one {{host} a environ # minute de retard} other ' .
        '{{host} a environ # minutes de retard}}',
    'late_news' =>
        '{minutes, plural, =0 {{host} est de nouveau à l’heure. Votre rendez-vous commence à {time}, comme prévu.} ' .
        'one {{host} a environ # minute de retard aujourd’hui. Votre rendez-vous commence vers {time}. Votre ' .
        'créneau reste à vous.} other {{host} a environ # minutes de retard aujourd’hui. Votre rendez-vous ' .
        'commence vers {time}. Votre créneau reste à vous.}}',
    'late_link' => 'Vos rendez-vous : le retard, tel qu’il est en ce moment',
    'late_text' =>
        '{minutes, plural, =0 {{school} : {host} est de nouveau à l’heure. Votre rendez-vous commence à {time}.} ' .
        'one {{school} : {host} a environ # minute de retard. Votre rendez-vous commence vers {time}.} other ' .
        '{{school} : {host} a environ # minutes de retard. Votre rendez-vous commence vers {time}.}}',
    'offer_heading' => '{host} vous propose un autre créneau',
    'offer_news' =>
        '{host} vous propose {time}. Ce créneau vous est gardé jusqu’à {until}. Ouvrez vos rendez-vous pour le ' .
        'prendre.',
    'offer_instead' => 'Après ce rendez-vous',
    'offer_link' => 'Prendre ce créneau, ou dire non',
    'offer_text' => '{host} vous propose {time}. Ouvrez vos rendez-vous pour le prendre : {link}',
    'kiosk_title' => 'Bienvenue à {school}',
    'kiosk_too_often' =>
        'C’était beaucoup d’essais sur cette tablette. Demandez au secrétariat, ou réessayez dans dix minutes.',
    'kiosk_no_code' =>
        'Ce code ne correspond à rien aujourd’hui. Vérifiez qu’il est complet, ou cherchez-vous par nom et heure.',
    'kiosk_no_name' =>
        'Personne de ce nom n’a de rendez-vous à cette heure, ou il n’est pas encore proche. Écrivez le nom entier ' .
        'tel qu’il a été réservé, le vôtre ou celui de l’élève ; ou demandez au secrétariat.',
    'kiosk_time' => 'Écrivez l’heure du rendez-vous, par exemple {time}.',
    'after_link' => 'Vos rendez-vous',
    'plain_ahead' => 'À partir de {time}, vous pourrez dire ici que vous êtes là.',
    'plain_here' => 'Je suis là',
    'plain_waits' =>
        '{host} sait que vous êtes là. {wait, plural, =0 {} one {Ce sera votre tour d’ici # minute.} other {Ce ' .
        'sera votre tour d’ici # minutes.}} Rechargez cette page pour savoir où cela en est.',
    'plain_called' => 'Veuillez entrer maintenant.',
    'plain_late' => '{host} a environ {minutes, plural, one {# minute} other {# minutes}} de retard.',
    'plain_word' => '{host} : « {word} »',
    'ahead_minutes' => 'dans {minutes, plural, one {# minute} other {# minutes}}',
    'ahead_today' => 'aujourd’hui à {time}',
    'ahead_tomorrow' => 'demain à {time}',
    'ahead_date' => 'le {date}',
    'wait_now' => 'C’est votre tour d’un instant à l’autre.',
    'wait_about' => 'Ce sera votre tour dans environ {high, plural, one {# minute} other {# minutes}}.',
    'wait_within' => 'Ce sera votre tour d’ici {high, plural, one {# minute} other {# minutes}}.',
    'wait_between' =>
        'Ce sera votre tour dans {low, number, integer} à {high, plural, one {# minute} other {# minutes}}.',
    'see_the_way' => 'Voir le chemin vers {place}',
    'the_way' => 'Le chemin vers {place}',
    'kiosk_head' => '{school}, {day}',
    'kiosk_no_camera' =>
        'La caméra de cette tablette ne peut pas être utilisée. Saisissez le code, ou votre nom et l’heure.',
    'kiosk_yours' => 'Vos rendez-vous aujourd’hui',
    'kiosk_with' => '<time>{at}</time> avec {host}',
    'kiosk_known' => '{host} sait que vous êtes là.',
    'kiosk_go_in' => 'Veuillez entrer maintenant.',
    'kiosk_missed' =>
        '{host} a attendu, puis a continué. Dites que vous êtes là ; on vous trouvera un moment s’il y en a un.',
    'kiosk_here' => 'Je suis là',
    'kiosk_ahead' => 'À partir de {at}, vous pourrez dire ici que vous êtes là.',
    'kiosk_over' => 'Ce rendez-vous est terminé.',
    'kiosk_late' => '{host} a environ {minutes, plural, one {# minute} other {# minutes}} de retard.',
    'kiosk_done' => 'Terminé',
    'kiosk_forgets' => 'Cette page vous oublie dans un instant.',
    'kiosk_question' => 'Vous venez pour un rendez-vous ?',
    'kiosk_code' => 'Le code de vos rendez-vous ou de votre carte',
    'kiosk_find' => 'Me trouver',
    'kiosk_camera_sees' => 'Ce que voit la caméra',
    'kiosk_hold' => 'Tenez le code QR de vos rendez-vous ou de votre carte devant la caméra.',
    'kiosk_no_picture' => 'Sans la caméra',
    'kiosk_show' => 'Montrer le carré à la caméra',
    'kiosk_name' => 'Ou le nom entier, le vôtre ou celui de l’élève',
    'kiosk_and_time' => 'et l’heure du rendez-vous, quand il est proche',
    'kiosk_like' => 'par exemple {time}',
    'kiosk_who_is_where' => 'Qui est où',
    'kiosk_host' => '{known, select, yes {<bold>{host}</bold> : {places}} other {<bold>{host}</bold>}}',
    'kiosk_about_late' => 'environ {minutes, plural, one {# minute} other {# minutes}} de retard',
    'kiosk_nobody' => 'Plus personne n’a de rendez-vous aujourd’hui.',
];
