<?php

declare(strict_types=1);

return [
    'people' => 'Personal',
    'known' => 'Alguien con esta dirección ya está en la lista.',
    'has_come' => '{name} ya ha entrado. Quien olvidó su contraseña recibe un mensaje desde la página de entrada.',
    'on_sheet' => '{name} ya está en una hoja. Quite antes su nombre.',
    'last_office' => '{name} es la única persona de secretaría que puede entrar. Dé antes ese papel a otra persona.',
    'reader_has_sheets' =>
        '{name} tiene hojas, y un lector no tiene. Guárdelas antes, o pase las hojas a un compañero.',
    'has_left' => 'Se fue: {when}.',
    'lent' => '{to} se ocupa de sus hojas hasta el {until}.',
    'meeting' => '{when}: {who}',
    'leave_yourself' => 'Usted no puede registrar su propia salida. Lo hace otra persona de secretaría.',
    'left_said' =>
        'La salida de {name} queda registrada. {to, select, nobody {{sheets, plural, =0 {No había hojas que cerrar} one {Se ha cerrado una hoja} other {Se han cerrado # hojas}}} other {{sheets, plural, =0 {No había hojas que pasar} one {Una hoja es ahora de {to}} other {# hojas son ahora de {to}}}}}; {moved, plural, =0 {ninguna cita ha cambiado de manos} one {una cita ha cambiado de manos} other {# citas han cambiado de manos}}, {cancelled, plural, =0 {no se ha cancelado ninguna} one {se ha cancelado una} other {se han cancelado #}}. Todas las personas afectadas reciben un mensaje.',
    'office' => 'Secretaría',
    'moved_in' => '{school} ya está instalada. Su secretaría invita a todos los demás, en la página «Personal».',
    'move_in' => 'Una escuela se instala',
    'test_heading' => 'Los mensajes llegan',
    'test_dear' => 'Hola:',
    'test_news' => 'Este es el mensaje de prueba. Los mensajes de su nuevo Recess llegan.',
    'test_link' => 'El tablón de la escuela',
    'test_sent' =>
        'El servidor de correo ha aceptado un mensaje para {email}. Mire si ha llegado; también entre los no deseados.',
    'test_failed' => 'El servidor de correo no lo ha aceptado: {why}',
    'let_in_nobody' => 'Nadie de secretaría tiene esta dirección.',
    'come_in' =>
        '{name} elige aquí una contraseña. La dirección se abre una sola vez, en siete días; ejecútelo de nuevo para obtener otra.',
    'file_columns' =>
        'La primera línea debe nombrar las columnas: name, email, subject; y, si quiere, role, con office o reader para quien no es simplemente del personal.',
    'file_long' => 'Más de {most, number} líneas. Envíelas en varios archivos.',
    'file_guessed' =>
        'Sus letras no están en UTF-8 ni en UTF-16; se han leído como las escribe Windows. Mire los nombres con acentos.',
    'file_line' => 'Línea {line, number}: {why}',
    'file_twice' =>
        'La línea {line, number} tiene la misma dirección que la línea {first, number}, que es la que cuenta.',
    'file_said' =>
        '{new, plural, =0 {Nadie nuevo} one {Una persona es nueva} other {# personas son nuevas}}, {known, plural, =0 {ninguna está ya en la lista} one {una ya está en la lista} other {# ya están en la lista}}, {notes, plural, =0 {nada más que decir} other {y hay más que mirar abajo}}.',
    'file_changed' => 'Otra persona invitó entretanto a una de estas. No se ha enviado nada; mire el archivo de nuevo.',
    'file_sent' =>
        '{sent, plural, =0 {No había nadie nuevo; no se ha enviado ningún mensaje} one {Un mensaje está en camino} other {# mensajes están en camino}}.',
    'invited_until' => 'Invitación válida hasta el {until}.',
    'invitation_over' => 'La invitación ha caducado. Envíe otra.',
    'password_short' =>
        'Al menos {least} caracteres. Van bien unas palabras que solo usted juntaría, también con espacios.',
    'password_long' => 'Como máximo {most} caracteres.',
    'password_guessed' =>
        'Esta es una de las primeras que otros probarían. Elija palabras que no tengan que ver con usted ni entre sí.',
    'current_wrong' => 'Esta no es su contraseña actual.',
    'changed' => 'Su contraseña es ahora otra. En todos los demás sitios se ha cerrado su sesión.',
    'key_spent_title' => 'Esta dirección ya no abre nada',
    'key_spent' =>
        'Esta dirección ya se usó, o su plazo pasó. Si tiene contraseña, entre. Si no, pida un mensaje abajo, o pregunte en secretaría.',
    'title_invitation' => 'Le damos la bienvenida',
    'title_password' => 'Una contraseña nueva',
    'page_invitation' => '{school} publica aquí sus horas de reunión. Elija una contraseña y ya está dentro.',
    'page_password' => 'Elija una contraseña nueva. Se cerrará su sesión en todos los sitios donde esté abierta.',
    'forgotten_title' => 'Contraseña olvidada',
    'forgotten_said' =>
        'Si hay una cuenta con esta dirección, un mensaje está en camino. Se abre una sola vez, en {hours, plural, one {una hora} other {# horas}}. ¿No hay nada? Mire entre los no deseados, o pregunte en secretaría.',
    'invitation_heading' => '{school} le invita',
    'invitation_news' =>
        '{role, select, reader {{by} le invita a ver las listas de cada día de {school}: quién viene, cuándo y dónde.} other {{by} le invita a publicar horas de reunión para {school}.}} La dirección de abajo se abre una sola vez, hasta el {until}.',
    'invitation_link' => 'Elegir una contraseña y entrar',
    'password_heading' => 'Una contraseña nueva',
    'password_news' =>
        'Alguien (esperamos que usted) ha pedido una contraseña nueva para su cuenta. La dirección de abajo se abre una sola vez, hasta el {until}. Si no fue usted, no haga nada: su contraseña sigue igual.',
    'password_link' => 'Elegir una contraseña nueva',
    'changed_heading' => 'Su contraseña ha cambiado',
    'changed_news' =>
        'La contraseña de su cuenta es ahora otra, y en todos los demás sitios se ha cerrado su sesión. Si no fue usted, recupérela enseguida con «Contraseña olvidada» en la página de entrada, y avise a secretaría.',
    'changed_link' => 'Entrar',
    'lent_of_heading' => 'Un compañero se ocupa de sus hojas',
    'lent_of_news' =>
        '{to} se ocupa de sus hojas hasta el {until}, para que nadie espere en su ausencia. {to} ve quién ha reservado con usted y puede cambiar lo que usted puede. Lo ha dispuesto {by}.',
    'lent_of_link' => 'A sus hojas',
    'lent_to_heading' => 'Usted se ocupa de las hojas de un compañero',
    'lent_to_news' =>
        'Hasta el {until} usted se ocupa de las hojas de {of}. Están en su primera página: ve quién ha reservado y puede cambiar lo que {of} puede. Lo ha dispuesto {by}.',
    'lent_to_link' => 'A su primera página',
    'lent_over_of_heading' => 'Sus hojas vuelven a ser solo suyas',
    'lent_over_of_news' => '{to} ya no se ocupa de sus hojas. Lo ha dispuesto {by}.',
    'lent_over_of_link' => 'A sus hojas',
    'lent_over_to_heading' => 'Las hojas de un compañero ya no están con usted',
    'lent_over_to_news' => 'Usted ya no se ocupa de las hojas de {of}. Lo ha dispuesto {by}.',
    'lent_over_to_link' => 'A su primera página',
    'wrong_keys' =>
        'Desde aquí se han probado muchos enlaces que no abren nada. Espere una hora, o pida uno nuevo en secretaría.',
];
