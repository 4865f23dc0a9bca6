<?php

declare(strict_types=1);

return [
    '403_title' => 'Esto es de otra persona',
    '403_text' => 'Ha entrado, pero esta página es de otro miembro del personal. No se ha mostrado ni cambiado nada.',
    '404_title' => 'Aquí no hay nada',
    '404_text' =>
        'Esta dirección no lleva a ninguna parte (o ya no). Si venía en un mensaje, compruebe que se copió entera. ' .
        'Una cita reservada sigue reservada.',
    '419_title' => 'Esta página lleva demasiado tiempo abierta',
    '419_text' =>
        'Mientras tanto se cerró su sesión. Entre de nuevo y repita el último paso; no se ha perdido nada anterior.',
    '429_title' => 'Fue mucho de una vez',
    '429_text' => 'Espere un minuto e inténtelo de nuevo. Lo reservado sigue reservado.',
    '500_title' => 'Algo ha fallado aquí',
    '500_text' =>
        'Es culpa nuestra, no suya, y ha quedado anotado. No se guardó nada a medias. Inténtelo de nuevo en un ' .
        'minuto.',
    '503_title' => 'Volvemos enseguida',
    '503_text' =>
        'El centro está actualizando este servicio. Inténtelo de nuevo en un minuto; lo reservado sigue reservado.',
];
