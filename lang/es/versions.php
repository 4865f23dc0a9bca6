<?php

declare(strict_types=1);

// What people write on sheets and rounds, in further languages. ICU MessageFormat.
return [
    'title' => '{title} en otros idiomas',
    'heading' => 'En otros idiomas',
    'about' =>
        'Quien lee uno de estos idiomas lee lo que usted escriba aquí; los demás lo leen como se escribió ' .
        'primero. Lo que pregunta cada hoja (nombre, teléfono) ya está en todos.',
    'written_in' => 'Escrito en',
    'not_said' => 'sin indicar',
    'into' => 'A qué idioma',
    'in' => 'En {language}',
    'save' => 'Guardar ({language})',
    'kept' => 'Guardado.',
    'leave' => 'Dejarlo',
    'save_first' => 'Guarde antes de pasar a otro idioma.',
    'as_before' => 'Como antes: {text}',
    'left' => 'De lo que ya no está; se va cuando guarde',
    'meanwhile' =>
        'Otra persona lo ha cambiado mientras tanto. Lo que escribió sigue aquí; mire la página de nuevo en ' .
        'otra pestaña.',
    'changed' => 'La hoja ha cambiado desde que se abrió esta página. Ábrala de nuevo; no se guardó nada.',
    'one_line' => '«{text}» tiene que quedar en una línea.',
    'long' => '«{text}»: es demasiado largo.',
    'link' => 'En otros idiomas',
];
