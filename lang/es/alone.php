<?php

declare(strict_types=1);

return [
    'title' => 'Empezar por su cuenta',
    'first_title' => 'Clases',
    'asked' => 'Un mensaje está en camino. Abra la dirección que trae en un día, y ya puede empezar.',
    'heading' => 'Empiece con su propia página',
    'news' =>
        'Alguien (esperamos que usted) quiere publicar horas con esta dirección. La página de detrás le pregunta sus horas, y entonces tiene una página propia. Si no fue usted, no haga nada: no se guarda nada.',
    'link' => 'Empezar',
    'known_heading' => 'Usted ya tiene una cuenta',
    'known_news' =>
        'Alguien (esperamos que usted) quiso empezar con esta dirección. Ya tiene una cuenta: entre, o pida allí una contraseña nueva.',
    'known_link' => 'Entrar',
];
