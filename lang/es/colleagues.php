<?php

declare(strict_types=1);

return [
    'must' => '{names} {count, plural, one {tiene} other {tienen}} que estar.',
    'any' => 'Puede atender en su lugar: {names}.',
    'manage' => '{names} {count, plural, one {se ocupa} other {se ocupan}} de ella.',
    'told_must' =>
        '{owner} le ha puesto en «{title}» como alguien que tiene que estar: cada reserva ocupa también su tiempo. Si no puede, dígalo en su página.',
    'told_any' =>
        '{owner} le ha puesto en «{title}» como alguien que puede atender en su lugar: se puede reservar con usted. Si no puede, dígalo en su página.',
    'asked_must' => 'Usted tiene que estar en estas citas.',
    'asked_any' => 'Estas citas pueden ser con usted.',
    'refused' =>
        '{name} no puede estar en «{title}» y ya no figura.{meetings, plural, =0 {} one { Una cita por venir queda sin esa persona.} other { # citas por venir quedan sin esa persona.}}',
    'sheet' => 'La hoja',
    'owner_names' =>
        'Quién más está en esta hoja lo dice {owner}, de quien es, o secretaría. Todo lo demás lo puede cambiar usted.',
];
