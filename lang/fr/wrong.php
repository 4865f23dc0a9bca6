<?php

declare(strict_types=1);

return [
    'early' => 'Des rendez-vous à {time}, c’est au petit matin.',
    'make_it' => 'En faire {time}',
    'endless' => 'Cela se répète sans fin.',
    'end_it' => 'Finir le {date}',
    'closed' => 'L’école est fermée le {dates}, il n’y a donc pas de rendez-vous.',
    'take_out' => '{days, plural, one {Le retirer} other {Les retirer}}',
    'across' =>
        'Ceci croise votre feuille « {sheet} » le {date}, {from} à {until}. Ce qui est réservé d’abord prend le créneau sur les deux.',
    'too_soon' => 'Il ne reste aucun créneau réservable : tous sont plus tôt que les règles ne le permettent.',
    'nothing_left' => 'Rien ne peut être réservé en l’état.',
    'until_an_hour' => 'Laisser réserver jusqu’à une heure avant',
    'room_used' => '{room} est utilisée par quelqu’un d’autre le {date} à {from}.',
    'room_promised' => '{room} est aussi sur la feuille « {sheet} » de {host} : le {date}, {from} à {until}.',
    'use_link' => 'Utiliser {link}',
    'link_password' =>
        'Ce lien porte un nom d’utilisateur ou un mot de passe que tous ceux qui le reçoivent pourraient lire.',
    'link_session' =>
        'Ce lien porte votre propre session (« {name} »). Il meurt avec elle, ou permet à d’autres d’agir à votre place.',
    'link_host' => 'Ce lien porte la clé d’un hôte (« {name} ») : qui l’a est l’hôte.',
    'link_expires' => 'Ce lien cesse de marcher après un certain temps (« {name} »).',
    'link_entrance' => 'Cela ressemble à l’entrée propre de l’hôte. Copiez le lien destiné à ceux que vous invitez.',
    'link_shared' => 'Ce lien est aussi sur la feuille « {sheet} » : qui l’a de là peut entrer dans ces rendez-vous.',
    'no_picture' => 'Ce n’est pas une image utilisable. Choisissez un fichier PNG, JPEG ou WebP.',
    'picture_unread' => 'Cette image ne peut pas être lue. Enregistrez-la de nouveau, en PNG ou JPEG, et réessayez.',
];
