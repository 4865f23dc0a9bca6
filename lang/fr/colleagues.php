<?php

declare(strict_types=1);

return [
    'must' => '{names} {count, plural, one {doit} other {doivent}} être là.',
    'any' => 'Peut recevoir à la place : {names}.',
    'manage' => '{names} {count, plural, one {s’en occupe} other {s’en occupent}}.',
    'told_must' =>
        '{owner} vous a mis sur « {title} » comme personne qui doit être là : chaque réservation prend aussi votre temps. Si vous ne pouvez pas, dites-le sur sa page.',
    'told_any' =>
        '{owner} vous a mis sur « {title} » comme personne qui peut recevoir à la place : on peut réserver avec vous. Si vous ne pouvez pas, dites-le sur sa page.',
    'asked_must' => 'Vous devez être à ces rendez-vous.',
    'asked_any' => 'Ces rendez-vous peuvent être avec vous.',
    'refused' =>
        '{name} ne peut pas être sur « {title} » et n’y est plus.{meetings, plural, =0 {} one { Un rendez-vous à venir se tient sans cette personne.} other { # rendez-vous à venir se tiennent sans cette personne.}}',
    'sheet' => 'La feuille',
    'owner_names' =>
        'C’est {owner}, à qui est la feuille, ou le secrétariat, qui dit qui d’autre y figure. Tout le reste, vous pouvez le changer.',
];
