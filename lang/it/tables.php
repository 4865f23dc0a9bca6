<?php

declare(strict_types=1);

return [
    'date' => 'Data',
    'from' => 'Dalle',
    'to' => 'Alle',
    'host' => 'Con',
    'student' => 'Alunno',
    'visitor' => 'Chi viene',
    'phone' => 'Telefono',
    'place' => 'Luogo',
    'answers' => 'Risposte',
    'arrived' => 'Arrivo',
    'became' => 'Che ne è stato',
    'offered' => 'Offerti',
    'booked' => 'Prenotati',
    'came' => 'Venuti',
    'did_not_come' => 'Non venuti',
    'wait' => 'Attesa media in minuti',
    'overrun' => 'Sforamento medio in minuti',
    'family' => 'Famiglia',
    'teacher' => 'Docente',
    'wish' => 'Desiderio',
    'asked' => 'Chiesto',
    'why_not' => 'Perché no',
    'email' => 'E-mail',
    'link' => 'Link',
    'state' => 'Stato',
    'word' => 'Parola',
];
