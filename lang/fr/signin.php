<?php

declare(strict_types=1);

return [
    'title' => 'Connexion',
    'wrong' =>
        'L’e-mail et le mot de passe ne vont pas ensemble. Vérifiez les deux, ou demandez un nouveau mot de passe ci-dessous.',
    'too_often' => 'Trop d’essais. Attendez une minute et réessayez.',
    'too_often_hour' =>
        'Trop d’essais, de plusieurs endroits. Attendez une heure, ou demandez un nouveau mot de passe par message.',
    'second_title' => 'Encore une chose',
    'begin_anew' => 'C’était trop long. Connectez-vous de nouveau.',
    'code_wrong' =>
        'Ce code n’est pas juste, ou a déjà servi. Prenez celui que votre téléphone affiche maintenant, ou un de ceux sur papier.',
    'second_on' => 'Un second facteur est déjà actif. Désactivez-le d’abord.',
    'second_off' => 'Il n’y a pas de second facteur pour lequel avoir des codes.',
    'second_wanted' =>
        'Votre école demande un second facteur à son secrétariat. Installez-le d’abord, sous « Connexion ».',
    'prove' => 'Montrez encore une fois que c’est vous.',
    'letter_said' =>
        'S’il existe un compte avec cette adresse, et si son école le permet, un message est en route. Il vous connecte une seule fois, dans les dix minutes.',
    'come_title' => 'Entrer',
    'not_in' => 'Vous n’êtes pas connecté',
    'new_subject' => 'Personnel',
    'oidc_down' =>
        '{service} ne répond pas pour le moment. Réessayez dans une minute, ou connectez-vous ici avec votre mot de passe.',
    'oidc_untrusted' =>
        'On ne peut pas se fier à la réponse de {service}, personne n’a donc été connecté. Recommencez ; si cela se reproduit, prévenez qui s’occupe du serveur.',
    'oidc_begin_anew' => 'C’était trop long, ou commencé dans une autre fenêtre. Recommencez.',
    'oidc_not_there' => '{service} ne vous a pas connecté.',
    'oidc_no_address' =>
        '{service} ne dit pas avoir vérifié votre adresse e-mail, nous ne pouvons donc pas savoir qui vous êtes ici. Connectez-vous avec votre mot de passe, ou demandez au secrétariat.',
    'oidc_unknown' =>
        '{email} n’est pas sur la liste du personnel ici. Demandez au secrétariat de vous inviter à cette adresse.',
    'letter_heading' => 'Se connecter',
    'letter_news' =>
        'Quelqu’un (vous, nous l’espérons) veut se connecter par message. L’adresse ci-dessous s’ouvre une seule fois, jusqu’au {until}. Si ce n’était pas vous, ne faites rien.',
    'letter_link' => 'Se connecter',
    'factor_on_heading' => 'Un second facteur est actif',
    'factor_on_news' =>
        'Votre compte demande désormais un second facteur. Si ce n’était pas vous, prévenez aussitôt le secrétariat.',
    'factor_on_link' => 'Se connecter',
    'factor_off_heading' => 'Le second facteur est désactivé',
    'factor_off_news' =>
        'Votre compte ne demande plus de second facteur. Si ce n’était pas vous, prenez aussitôt un autre mot de passe par « Mot de passe oublié » sur la page de connexion, et prévenez le secrétariat.',
    'factor_off_link' => 'Se connecter',
    'passkey_late' => 'C’était trop long. Cliquez de nouveau.',
    'passkey_refused' =>
        'Cette clé d’accès n’a pas été acceptée, et personne n’a été connecté. Cliquez de nouveau ; si cela se reproduit, connectez-vous avec votre mot de passe.',
    'passkey_unknown' =>
        'Cette clé d’accès n’ouvre plus aucun compte ici. Connectez-vous avec votre mot de passe, et créez-en une autre sous « Connexion ».',
    'passkey_not_made' =>
        'Ce que votre machine a créé ne peut pas servir ici, et rien n’a été changé. Cliquez de nouveau, ou prenez une autre machine.',
    'passkey_no_name' =>
        'Les clés d’accès ont besoin de l’adresse propre de l’école, avec un nom et https. Ouvrez Recess là.',
    'passkey_most' => 'Vous avez {most, number} clés d’accès. Retirez-en une d’abord.',
    'passkey_there' => 'Cette clé d’accès est déjà là.',
    'passkey_on_heading' => 'Vous avez une nouvelle clé d’accès',
    'passkey_on_news' =>
        'Votre compte s’ouvre désormais avec la clé d’accès « {name} ». Si ce n’était pas vous, retirez-la aussitôt sous « Connexion », prenez un autre mot de passe, et prévenez le secrétariat.',
    'passkey_on_link' => 'Se connecter',
    'passkey_off_heading' => 'Une clé d’accès a été retirée',
    'passkey_off_news' =>
        'La clé d’accès « {name} » n’ouvre plus votre compte. Si ce n’était pas vous, prenez aussitôt un autre mot de passe par « Mot de passe oublié » sur la page de connexion, et prévenez le secrétariat.',
    'passkey_off_link' => 'Se connecter',
    'in_title' => 'Se connecter',
    'account_of_the_school' => 'le compte de l’école',
    'back' => 'Retour à la connexion',
    'forgotten' => 'Mot de passe oublié',
    'forgotten_what' => 'Vous recevez un message avec une adresse où vous en choisissez un nouveau.',
    'email' => 'Adresse e-mail',
    'send_letter' => 'M’envoyer le message',
];
