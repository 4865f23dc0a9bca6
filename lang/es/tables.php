<?php

declare(strict_types=1);

return [
    'date' => 'Fecha',
    'from' => 'De',
    'to' => 'A',
    'host' => 'Anfitrión',
    'student' => 'Alumno',
    'visitor' => 'Visitante',
    'phone' => 'Teléfono',
    'place' => 'Lugar',
    'answers' => 'Respuestas',
    'arrived' => 'Llegó',
    'became' => 'Qué pasó',
    'offered' => 'Ofrecidas',
    'booked' => 'Reservadas',
    'came' => 'Vinieron',
    'did_not_come' => 'No vinieron',
    'wait' => 'Espera media en minutos',
    'overrun' => 'Exceso medio en minutos',
    'family' => 'Familia',
    'teacher' => 'Profesor',
    'wish' => 'Deseo',
    'asked' => 'Pedido',
    'why_not' => 'Por qué no',
    'email' => 'Correo',
    'link' => 'Enlace',
    'state' => 'Estado',
    'word' => 'Palabras',
];
