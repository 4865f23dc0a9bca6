<?php

declare(strict_types=1);

// The school's own words, in place of ours: a page of the office. ICU MessageFormat.
return [
    'title' => 'Nuestras palabras',
    'about' =>
        'Cada frase de Recess puede decirse con las palabras de su escuela: en las páginas, en las cartas, ' .
        'en papel. Búsquela, escriba otra, y será la que se diga desde entonces.',
    'language' => 'En',
    'find' => 'Palabras de la frase',
    'find_press' => 'Buscar',
    'own_only' => 'Solo las nuestras ({count, number, integer})',
    'type_first' => 'Escriba algunas palabras tal como están en la página o en la carta.',
    'none' => 'Ninguna frase tiene esas palabras.',
    'none_own' => 'Todavía no se ha redactado nada de otra manera.',
    'more' => '{count, plural, one {Y una más} many {Y # más} other {Y # más}}. Escriba más palabras.',
    'found' => '{count, plural, =0 {No se encontró nada} one {# frase} many {# frases} other {# frases}}',
    'own' => 'La suya',
    'ours_is' => 'La nuestra',
    'ours_changed' => 'La nuestra ha cambiado desde que usted escribió esta.',
    'english_is' => 'En inglés',
    'where' => 'Está en',
    'change' => 'Cambiar',
    'change_of' => 'Cambiar «{text}»',
    'another' => 'Su redacción',
    'another_about' =>
        'Lo que está entre llaves se rellena en el momento de decirlo: deje la primera palabra como está. ' .
        'De un número, cada manera de decirlo tiene sus propias llaves.',
    'save' => 'Decirlo así',
    'leave' => 'Dejarlo',
    'back' => 'Volver a la nuestra',
    'kept' => 'Desde ahora se dice así.',
    'not_there' => 'Esa frase ya no existe. Búsquela de nuevo.',
    'meanwhile' => 'Otra persona la ha redactado mientras tanto: «{text}». La suya no se guardó; búsquela de nuevo.',
    'fault_empty' => 'Escriba algo, o pulse «Volver a la nuestra».',
    'fault_letters' => 'No se pueden leer sus letras. Tienen que ser UTF-8.',
    'fault_long' => 'Es demasiado larga: {most, plural, one {# letra} many {# letras} other {# letras}} como máximo.',
    'fault_unseen' => 'Contiene un signo que no se ve. Escríbala en lugar de pegarla.',
    'fault_brackets' => 'Falta una llave, o sobra una.',
    'fault_lines' => 'Tiene que quedar en una sola línea.',
    'fault_tags' => 'Los signos como {signs} solo pueden estar como están en la nuestra.',
    'fault_lacking' => 'Falta esto: {names}. Se rellena en el momento de decirlo.',
    'fault_strange' => 'Nadie rellena esto: {names}.',
    'fault_plural' => 'Falta una manera de decir el número: {way} (por ejemplo {numbers}).',
    'in_times' => 'la página en la que se reserva una cita',
    'in_find' => 'las páginas en las que las familias encuentran a alguien',
    'in_pass' => 'el pase de una familia',
    'in_round' => 'la página de unas reuniones para las familias',
    'in_asking' => 'pedir otra hora',
    'in_entrance' => 'la tableta de la entrada',
    'in_desk' => 'la mesa de quien recibe',
    'in_sheets' => 'las hojas de quien da clase',
    'in_rounds' => 'la preparación de unas reuniones',
    'in_office' => 'las páginas de secretaría',
    'in_account' => 'entrar y los ajustes',
    'in_letter' => 'una carta',
    'in_paper' => 'un papel',
    'in_plain' => 'las páginas sin scripts',
    'in_error' => 'la página que dice que algo salió mal',
    'in_text' => 'un SMS',
    'in_answer' => 'una respuesta, o una parte de otra frase',
    'file_title' => 'Todo, para quien traduce',
    'file_about' =>
        'Un archivo PO, como lo leen y escriben los programas de traducción. ' .
        'Lo que vuelve se mira primero; se toma entero, o nada.',
    'file_out' => 'Todas las frases en {language}',
    'file_in' => 'Un archivo PO con frases',
    'file_choose' => 'Mirar un archivo',
    'file_take' => 'Tomar {count, plural, one {# frase} many {# frases} other {# frases}}',
    'file_more' => '{count, plural, one {y una más} many {y # más} other {y # más}}',
    'file_ours' => 'la nuestra: {text}',
    'file_letters' =>
        'No se pueden leer las letras de este archivo. Guárdelo como UTF-8 y elíjalo de nuevo. No se tomó nada.',
    'file_not_read' =>
        '{line, select, none {Esto no es un archivo PO.} other {Esto no es un archivo PO: no se puede leer ' .
        'la línea {line}.}} No se tomó nada.',
    'file_language' =>
        'El archivo no dice de qué idioma es, o es uno que Recess no habla («{language}»). ' .
        'Su cabecera necesita una línea como «Language: it». No se tomó nada.',
    'file_fault' => 'Línea {line, number, integer}, {key}: {why}',
    'file_faults_more' => '{more, plural, one {Y una más.} many {Y # más.} other {Y # más.}}',
    'file_strange' =>
        '{count, plural, one {Una ya no es una frase de Recess y se deja fuera} ' .
        'many {# ya no son frases de Recess y se dejan fuera} ' .
        'other {# ya no son frases de Recess y se dejan fuera}}: {keys}{more, plural, =0 {} ' .
        'one {, y una más} many {, y # más} other {, y # más}}.',
    'file_changed' =>
        'En {count, plural, one {una frase} many {# frases} other {# frases}} ' .
        'el inglés ha cambiado desde que salió el archivo; lo que se dice se queda: {keys}{more, plural, =0 ' .
        '{} one {, y una más} many {, y # más} other {, y # más}}.',
    'file_unsure' =>
        '{count, plural, one {Una está marcada como dudosa (fuzzy) y se deja fuera} ' .
        'many {# están marcadas como dudosas (fuzzy) y se dejan fuera} ' .
        'other {# están marcadas como dudosas (fuzzy) y se dejan fuera}}: {keys}{more, plural, =0 {} ' .
        'one {, y una más} many {, y # más} other {, y # más}}.',
    'file_meanwhile' => 'Algo ha cambiado desde que miró. Mire el archivo de nuevo. No se tomó nada.',
    'file_taken' =>
        'Desde ahora {count, plural, one {una frase se dice} many {# frases se dicen} ' .
        'other {# frases se dicen}} de otra manera ({language}).',
    'file_would' =>
        '{language}: {count, plural, =0 {nada se diría de otra manera} ' .
        'one {una frase se diría de otra manera} many {# frases se dirían de otra manera} ' .
        'other {# frases se dirían de otra manera}}. {faults, plural, =0 {} ' .
        'one {Una está mal; corríjala primero en el archivo.} ' .
        'many {# están mal; corríjalas primero en el archivo.} ' .
        'other {# están mal; corríjalas primero en el archivo.}}',
    'back_all' => 'Volver a todas las nuestras ({language})',
    'back_all_sure' =>
        '{count, plural, one {Se va una frase suya} many {Se van # frases suyas} ' .
        'other {Se van # frases suyas}}. Descargue antes el archivo si quiere guardarlas.',
];
