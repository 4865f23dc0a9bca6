<?php

declare(strict_types=1);

return [
    'early' => 'Citas a las {time} son de madrugada.',
    'make_it' => 'Que sea {time}',
    'endless' => 'Se repite sin fin.',
    'end_it' => 'Terminarlo el {date}',
    'closed' => 'La escuela está cerrada el {dates}, así que no hay citas.',
    'take_out' => '{days, plural, one {Quitarlo} other {Quitarlos}}',
    'across' =>
        'Esto se cruza con su hoja «{sheet}» el {date}, {from} a {until}. Lo que se reserve primero ocupa la hora en ambas.',
    'too_soon' => 'No queda ninguna hora que se pueda reservar: todas son antes de lo que permiten las reglas.',
    'nothing_left' => 'Tal como está no se puede reservar ninguna hora.',
    'until_an_hour' => 'Dejar reservar hasta una hora antes',
    'room_used' => '{room} la usa otra persona el {date} a las {from}.',
    'room_promised' => '{room} está también en la hoja «{sheet}» de {host}: el {date}, {from} a {until}.',
    'use_link' => 'Usar {link}',
    'link_password' => 'Este enlace lleva un usuario o una contraseña que podría leer todo el que lo reciba.',
    'link_session' =>
        'Este enlace lleva su propia sesión («{name}»). Muere con ella, o deja que otros actúen por usted.',
    'link_host' => 'Este enlace lleva la llave de un anfitrión («{name}»): quien la tiene es el anfitrión.',
    'link_expires' => 'Este enlace deja de funcionar al cabo de un tiempo («{name}»).',
    'link_entrance' => 'Esto parece la entrada propia del anfitrión. Copie el enlace pensado para quienes invita.',
    'link_shared' =>
        'Este enlace está también en la hoja «{sheet}»: quien lo tenga de allí puede entrar en estas citas.',
    'no_picture' => 'Esta no es una imagen que se pueda usar. Elija un archivo PNG, JPEG o WebP.',
    'picture_unread' => 'Esta imagen no se puede leer. Guárdela de nuevo, como PNG o JPEG, e inténtelo otra vez.',
];
