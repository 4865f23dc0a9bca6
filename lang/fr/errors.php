<?php

declare(strict_types=1);

return [
    '403_title' => 'Ceci est à quelqu’un d’autre',
    '403_text' =>
        'Votre session est ouverte, mais cette page appartient à un autre membre du personnel. Rien n’a été montré ' .
        'ni changé.',
    '404_title' => 'Il n’y a rien ici',
    '404_text' =>
        'Cette adresse ne mène nulle part (ou plus). Si elle vient d’un message, vérifiez qu’elle a été copiée en ' .
        'entier. Un rendez-vous réservé reste réservé.',
    '419_title' => 'Cette page est restée ouverte trop longtemps',
    '419_text' =>
        'Votre session s’est terminée entre-temps. Reconnectez-vous et refaites la dernière étape ; rien de ce qui ' .
        'précède n’est perdu.',
    '429_title' => 'C’était beaucoup d’un coup',
    '429_text' => 'Attendez une minute et réessayez. Ce qui est réservé reste réservé.',
    '500_title' => 'Quelque chose s’est mal passé ici',
    '500_text' =>
        'C’est notre faute, pas la vôtre, et c’est noté. Rien n’a été enregistré à moitié. Réessayez dans une ' .
        'minute.',
    '503_title' => 'De retour dans un instant',
    '503_text' => 'L’école met ce service à jour. Réessayez dans une minute ; ce qui est réservé reste réservé.',
];
