<?php

declare(strict_types=1);

return [
    'title' => 'Correo que se dejó aparte',
    'left_too_large' => 'Es más grande de lo que puede ser la respuesta de un calendario.',
    'left_automatic' => 'Lo envió una máquina por sí sola, como un aviso de ausencia.',
    'left_no_calendar' => 'Es un mensaje corriente: quizá alguien quiera leerlo.',
    'left_not_readable' => 'Su parte de calendario no se puede leer.',
    'left_other_method' => 'Es una invitación u otra cosa, no una respuesta.',
    'left_unknown_entry' => 'Responde a una entrada que no es nuestra, o que ya no existe.',
    'left_stranger' => 'Viene de una dirección a la que esa entrada nunca se envió.',
    'left_other_address' => 'Se envió a otra dirección que la que dice la entrada.',
    'left_older' => 'Responde a una entrada que cambió después, o llegó otra respuesta más tarde.',
    'left_off' => 'Aquello a lo que responde ya no tiene lugar, o ya tenía respuesta.',
    'left_begun' => 'Llegó después de empezar la cita.',
    'left_nothing' => 'Lo que dice no tiene efecto: un anfitrión cancela en su propia página.',
    'left_refused' => 'Lo que pide ya no se puede obtener.',
    'declined_heading' => '¿No viene? {title}, {when}',
    'declined_news' => 'Su calendario dice que no viene a esta reunión con {host}. La hora sigue siendo suya.',
    'declined_link' => 'Sus citas: cancélela, o déjelo todo como está',
];
