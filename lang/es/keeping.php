<?php

declare(strict_types=1);

return [
    'title' => 'Lo que se guarda de los visitantes',
    'goes' =>
        '{meetings, plural, one {Lo que se dijo para una de sus citas} other {Lo que se dijo para # de sus citas}} desaparece a partir del {date}, con nombres y números, según lo que guarda su escuela. Saque antes lo que aún necesite.',
    'page_title' => 'Todo lo que se guarda sobre usted',
    'page_intro' =>
        '{school} guarda esto sobre usted, y nada más. Desaparece solo {days, plural, one {# día} other {# días}} después de su última cita.',
    'page_lists' => 'De las listas del propio centro:',
    'page_no_meetings' => 'Ninguna cita.',
    'page_file' => 'Llevárselo en un archivo',
    'page_forget' => 'Hacer que se borre',
    'page_forget_says' =>
        'Se borran su nombre, su dirección y su número, y todo lo que contó, con su página privada. {ahead, plural, =0 {} one {La cita que reservó se cancela, y se avisa al centro.} other {Las # citas que reservó se cancelan, y se avisa al centro.}} Esto no se puede deshacer.',
    'page_forget_lists' => 'Lo que está en las listas del centro queda ahí; la secretaría puede decirle más.',
    'page_sure' => 'Sí, borrarlo todo',
    'page_back' => 'Volver a sus citas',
    'forgotten_title' => 'Está borrado',
    'forgotten' => 'Lo que se guardaba sobre usted ya no existe, y la dirección de su página privada no abre nada.',
    'board' => 'Volver al inicio',
    'forgotten_known' =>
        'Todo lo que contó está borrado. Usted sigue en las listas del centro, así que su página privada sigue abriéndose.',
    'page_state' =>
        '{state, select, kept {guardada un rato} asked {pedida} booked {reservada} declined {rechazada} cancelled {cancelada} other {}}',
    'page_answer' => '{question}: {answer}',
    'page_yes' => 'sí',
    'page_no' => 'no',
];
