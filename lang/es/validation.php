<?php

declare(strict_types=1);

return [
    'required' => 'Rellene esto, por favor.',
    'required_if' => 'Rellene esto, por favor.',
    'required_if_accepted' => 'Rellene esto, por favor.',
    'required_with' => 'Rellene esto, por favor.',
    'required_without' => 'Rellene esto, por favor.',
    'present' => 'Esta página se ha cargado mal. Cárguela de nuevo; lo que ha escrito se conserva.',
    'array' => 'Esto no se puede leer.',
    'in' => 'Esto no se puede elegir.',
    'date_format' => 'Esto no se puede leer. Una fecha se escribe como 2026-12-03, una hora como 16:40.',
    'date' => 'Esto no se puede leer. Una fecha se escribe como 2026-12-03.',
    'after_or_equal' => 'El último día va antes que el primero.',
    'timezone' => 'Esto no es una zona horaria. Un ejemplo: Europe/Lisbon.',
    'alpha' => 'Solo letras de la A a la Z.',
    'different' => 'Otra persona, por favor.',
    'distinct' => 'Esto está dos veces.',
    'file' => 'Elija un archivo.',
    'uploaded' => 'Este archivo no llegó entero. Quizá sea demasiado grande.',
    'mimes' => 'Este tipo de archivo no se puede leer aquí.',
    'image' => 'Esto no es una imagen legible.',
    'dimensions' => 'Esta imagen es demasiado grande, o demasiado pequeña.',
    'numeric' => 'Tiene que ser un número.',
    'size' => [
        'string' => 'Tiene que tener :size letras.',
        'numeric' => 'Tiene que ser :size.',
        'array' => 'Tiene que haber :size.',
        'file' => 'Este archivo tiene un tamaño incorrecto.',
    ],
    'min' => [
        'string' => 'Es demasiado corto: hacen falta :min caracteres.',
        'numeric' => 'Como mínimo :min.',
        'array' => 'Como mínimo :min.',
        'file' => 'Este archivo es demasiado pequeño.',
    ],
    'string' => 'Tiene que ser texto.',
    'integer' => 'Tiene que ser un número entero.',
    'boolean' => 'Tiene que ser sí o no.',
    'email' => 'Esto no parece una dirección de correo. Un ejemplo: nombre@mail.example.',
    'uuid' => 'Esta página se ha cargado mal. Cárguela de nuevo; lo que ha escrito se conserva.',
    'url' => 'Un enlace de vídeo tiene que empezar por https:// o http:// y ser una dirección completa.',
    'enum' => 'Esto no se puede elegir.',
    'exists' => 'Esto no se puede elegir. Cargue la página de nuevo y elija otra vez.',
    'regex' => 'Esto no se puede leer.',
    'not_regex' => 'Tiene que caber en una línea.',
    'max' => [
        'string' => 'Es demasiado largo: caben :max caracteres.',
        'numeric' => 'Como máximo :max.',
        'array' => 'Son demasiados: como máximo :max.',
        'file' => 'Este archivo es demasiado grande.',
    ],
    'between' => [
        'numeric' => 'Un número entero de :min a :max.',
        'string' => 'De :min a :max caracteres.',
        'array' => 'De :min a :max.',
        'file' => 'Este archivo tiene un tamaño incorrecto.',
    ],
    'custom' => [
        'phone' => [
            'regex' => 'Esto no parece un número de teléfono. Sirven cifras, espacios y + - ( ) . /.',
        ],
        'slot' => [
            'regex' => 'Elija una hora en la regla.',
            'required' => 'Elija primero una hora en la regla.',
        ],
        'minutes' => [
            'integer' => 'Un número entero de minutos.',
        ],
        'gap' => [
            'integer' => 'Un número entero de minutos, o 0.',
        ],
        'email' => [
            'max' => 'Es demasiado largo para una dirección de correo.',
        ],
    ],
];
