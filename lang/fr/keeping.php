<?php

declare(strict_types=1);

return [
    'title' => 'Ce qui est gardé des visiteurs',
    'goes' =>
        '{meetings, plural, one {Ce qui a été dit pour un de vos rendez-vous} other {Ce qui a été dit pour # de vos rendez-vous}} disparaît à partir du {date}, noms et numéros compris, comme votre école le conserve. Sortez avant ce dont vous avez encore besoin.',
    'page_title' => 'Tout ce qui est conservé à votre sujet',
    'page_intro' =>
        '{school} conserve ceci à votre sujet, et rien d’autre. Cela disparaît tout seul {days, plural, one {# jour} other {# jours}} après votre dernier rendez-vous.',
    'page_lists' => 'Des listes de l’école elle-même :',
    'page_no_meetings' => 'Aucun rendez-vous.',
    'page_file' => 'L’emporter dans un fichier',
    'page_forget' => 'Le faire effacer',
    'page_forget_says' =>
        'Votre nom, votre adresse et votre numéro sont effacés, avec tout ce que vous avez dit et votre page privée. {ahead, plural, =0 {} one {Le rendez-vous que vous avez réservé est annulé, et l’école est prévenue.} other {Les # rendez-vous que vous avez réservés sont annulés, et l’école est prévenue.}} C’est définitif.',
    'page_forget_lists' => 'Ce qui est dans les listes de l’école y reste ; le secrétariat peut vous en dire plus.',
    'page_sure' => 'Oui, tout effacer',
    'page_back' => 'Retour à vos rendez-vous',
    'forgotten_title' => 'C’est effacé',
    'forgotten' =>
        'Ce qui était conservé à votre sujet n’existe plus, et l’adresse de votre page privée n’ouvre plus rien.',
    'board' => 'Retour à l’accueil',
    'forgotten_known' =>
        'Tout ce que vous avez dit est effacé. Vous êtes encore dans les listes de l’école : votre page privée continue donc de s’ouvrir.',
    'page_state' =>
        '{state, select, kept {gardé un moment} asked {demandé} booked {réservé} declined {refusé} cancelled {annulé} other {}}',
    'page_answer' => '{question} : {answer}',
    'page_yes' => 'oui',
    'page_no' => 'non',
];
