<?php

declare(strict_types=1);

return [
    'title' => 'Entrada',
    'wrong' => 'El correo y la contraseña no van juntos. Revise ambos, o pida abajo una contraseña nueva.',
    'too_often' => 'Eso se ha intentado demasiadas veces. Espere un minuto e inténtelo de nuevo.',
    'too_often_hour' =>
        'Eso se ha intentado demasiadas veces, desde varios sitios. Espere una hora, o pida una contraseña nueva por mensaje.',
    'second_title' => 'Una cosa más',
    'begin_anew' => 'Eso tardó demasiado. Entre de nuevo.',
    'code_wrong' =>
        'Este código no es correcto, o ya se usó. Tome el que muestra ahora su teléfono, o uno de los que tiene en papel.',
    'second_on' => 'Ya hay un segundo factor activado. Desactívelo antes.',
    'second_off' => 'No hay segundo factor para el que tener códigos.',
    'second_wanted' => 'Su escuela pide un segundo factor a su secretaría. Instálelo antes, en «Entrada».',
    'prove' => 'Muestre otra vez que es usted.',
    'letter_said' =>
        'Si hay una cuenta con esta dirección, y su escuela lo permite, un mensaje está en camino. Le da entrada una sola vez, en diez minutos.',
    'come_title' => 'Entrar',
    'not_in' => 'No ha entrado',
    'new_subject' => 'Personal',
    'oidc_down' => 'Ahora mismo no hay respuesta de {service}. Inténtelo en un minuto, o entre aquí con su contraseña.',
    'oidc_untrusted' =>
        'No se puede confiar en la respuesta de {service}, así que no ha entrado nadie. Empiece de nuevo; si vuelve a pasar, avise a quien lleva el servidor.',
    'oidc_begin_anew' => 'Eso tardó demasiado, o se empezó en otra ventana. Empiece de nuevo.',
    'oidc_not_there' => '{service} no le ha dado entrada.',
    'oidc_no_address' =>
        '{service} no dice que haya comprobado su dirección de correo, así que no podemos saber quién es usted aquí. Entre con su contraseña, o pregunte en secretaría.',
    'oidc_unknown' =>
        '{email} no está aquí en la lista del personal. Pida a secretaría que le invite con esta dirección.',
    'letter_heading' => 'Entrar',
    'letter_news' =>
        'Alguien (esperamos que usted) quiere entrar por mensaje. La dirección de abajo se abre una sola vez, hasta el {until}. Si no fue usted, no haga nada.',
    'letter_link' => 'Entrar',
    'factor_on_heading' => 'Hay un segundo factor activado',
    'factor_on_news' => 'Su cuenta pide desde ahora un segundo factor. Si no fue usted, avise enseguida a secretaría.',
    'factor_on_link' => 'Entrar',
    'factor_off_heading' => 'El segundo factor está desactivado',
    'factor_off_news' =>
        'Su cuenta ya no pide segundo factor. Si no fue usted, ponga enseguida otra contraseña con «Contraseña olvidada» en la página de entrada, y avise a secretaría.',
    'factor_off_link' => 'Entrar',
    'passkey_late' => 'Eso tardó demasiado. Pulse de nuevo.',
    'passkey_refused' =>
        'Esta llave de acceso no se aceptó, y no ha entrado nadie. Pulse de nuevo; si vuelve a pasar, entre con su contraseña.',
    'passkey_unknown' =>
        'Esta llave de acceso ya no abre ninguna cuenta aquí. Entre con su contraseña, y cree otra en «Entrada».',
    'passkey_not_made' =>
        'Lo que creó su equipo no se puede usar aquí, y no se ha cambiado nada. Pulse de nuevo, o use otro equipo.',
    'passkey_no_name' =>
        'Las llaves de acceso necesitan la dirección propia de la escuela, con nombre y https. Abra Recess allí.',
    'passkey_most' => 'Tiene {most, number} llaves de acceso. Quite una antes.',
    'passkey_there' => 'Esta llave de acceso ya está.',
    'passkey_on_heading' => 'Tiene una llave de acceso nueva',
    'passkey_on_news' =>
        'Su cuenta se abre desde ahora con la llave de acceso «{name}». Si no fue usted, quítela enseguida en «Entrada», ponga otra contraseña y avise a secretaría.',
    'passkey_on_link' => 'Entrar',
    'passkey_off_heading' => 'Se ha quitado una llave de acceso',
    'passkey_off_news' =>
        'La llave de acceso «{name}» ya no abre su cuenta. Si no fue usted, ponga enseguida otra contraseña con «Contraseña olvidada» en la página de entrada, y avise a secretaría.',
    'passkey_off_link' => 'Entrar',
    'in_title' => 'Entrar',
    'account_of_the_school' => 'la cuenta de la escuela',
    'back' => 'Volver a la entrada',
    'forgotten' => 'Contraseña olvidada',
    'forgotten_what' => 'Recibe un mensaje con una dirección donde elegir una nueva.',
    'email' => 'Dirección de correo',
    'send_letter' => 'Enviarme el mensaje',
];
