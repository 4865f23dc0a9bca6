<?php

declare(strict_types=1);

return [
    'title' => 'Commencer seul',
    'first_title' => 'Cours',
    'asked' => 'Un message est en route. Ouvrez l’adresse qu’il contient dans la journée, et vous commencez.',
    'heading' => 'Commencez avec votre propre page',
    'news' =>
        'Quelqu’un (vous, nous l’espérons) veut publier des créneaux à cette adresse. La page derrière le lien demande vos heures, et vous avez alors votre propre page. Si ce n’était pas vous, ne faites rien : rien n’est gardé.',
    'link' => 'Commencer',
    'known_heading' => 'Vous avez déjà un compte',
    'known_news' =>
        'Quelqu’un (vous, nous l’espérons) a voulu commencer avec cette adresse. Elle a déjà un compte : connectez-vous, ou demandez-y un nouveau mot de passe.',
    'known_link' => 'Se connecter',
];
