<?php

declare(strict_types=1);

return [
    'date' => 'Date',
    'from' => 'De',
    'to' => 'À',
    'host' => 'Hôte',
    'student' => 'Élève',
    'visitor' => 'Visiteur',
    'phone' => 'Téléphone',
    'place' => 'Lieu',
    'answers' => 'Réponses',
    'arrived' => 'Arrivée',
    'became' => 'Ce qui en est advenu',
    'offered' => 'Proposés',
    'booked' => 'Réservés',
    'came' => 'Venus',
    'did_not_come' => 'Pas venus',
    'wait' => 'Attente moyenne en minutes',
    'overrun' => 'Dépassement moyen en minutes',
    'family' => 'Famille',
    'teacher' => 'Enseignant',
    'wish' => 'Souhait',
    'asked' => 'Demandé',
    'why_not' => 'Pourquoi pas',
    'email' => 'E-mail',
    'link' => 'Lien',
    'state' => 'État',
    'word' => 'Mot',
];
