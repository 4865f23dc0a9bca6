<?php

declare(strict_types=1);

return [
    'required' => 'Veuillez remplir ce champ.',
    'required_if' => 'Veuillez remplir ce champ.',
    'required_if_accepted' => 'Veuillez remplir ce champ.',
    'required_with' => 'Veuillez remplir ce champ.',
    'required_without' => 'Veuillez remplir ce champ.',
    'present' => 'Cette page s’est mal chargée. Rechargez-la ; ce que vous avez écrit est conservé.',
    'array' => 'Ceci est illisible.',
    'in' => 'Ceci ne peut pas être choisi.',
    'date_format' => 'Ceci est illisible. Une date s’écrit comme 2026-12-03, une heure comme 16:40.',
    'date' => 'Ceci est illisible. Une date s’écrit comme 2026-12-03.',
    'after_or_equal' => 'Le dernier jour vient avant le premier.',
    'timezone' => 'Ce n’est pas un fuseau horaire. Par exemple : Europe/Lisbon.',
    'alpha' => 'Des lettres de A à Z seulement.',
    'different' => 'Quelqu’un d’autre, s’il vous plaît.',
    'distinct' => 'Ceci figure deux fois.',
    'file' => 'Choisissez un fichier.',
    'uploaded' => 'Ce fichier n’est pas arrivé en entier. Il est peut-être trop volumineux.',
    'mimes' => 'Ce type de fichier ne peut pas être lu ici.',
    'image' => 'Ce n’est pas une image lisible.',
    'dimensions' => 'Cette image est trop grande, ou trop petite.',
    'numeric' => 'Ce doit être un nombre.',
    'size' => [
        'string' => 'Il faut :size lettres.',
        'numeric' => 'Ce doit être :size.',
        'array' => 'Il en faut :size.',
        'file' => 'Ce fichier n’a pas la bonne taille.',
    ],
    'min' => [
        'string' => 'C’est trop court : il faut :min caractères.',
        'numeric' => 'Au moins :min.',
        'array' => 'Au moins :min.',
        'file' => 'Ce fichier est trop petit.',
    ],
    'string' => 'Ce doit être du texte.',
    'integer' => 'Ce doit être un nombre entier.',
    'boolean' => 'Ce doit être oui ou non.',
    'email' => 'Ceci ne ressemble pas à une adresse e-mail. Par exemple : nom@mail.example.',
    'uuid' => 'Cette page s’est mal chargée. Rechargez-la ; ce que vous avez écrit est conservé.',
    'url' => 'Un lien vidéo doit commencer par https:// ou http:// et être une adresse complète.',
    'enum' => 'Ceci ne peut pas être choisi.',
    'exists' => 'Ceci ne peut pas être choisi. Rechargez la page et choisissez à nouveau.',
    'regex' => 'Ceci est illisible.',
    'not_regex' => 'Ceci doit tenir sur une ligne.',
    'max' => [
        'string' => 'C’est trop long : :max caractères au plus.',
        'numeric' => 'Au plus :max.',
        'array' => 'C’est trop : au plus :max.',
        'file' => 'Ce fichier est trop volumineux.',
    ],
    'between' => [
        'numeric' => 'Un nombre entier de :min à :max.',
        'string' => 'De :min à :max caractères.',
        'array' => 'De :min à :max.',
        'file' => 'Ce fichier n’a pas la bonne taille.',
    ],
    'custom' => [
        'phone' => [
            'regex' => 'Ceci ne ressemble pas à un numéro de téléphone. Chiffres, espaces et + - ( ) . / conviennent.',
        ],
        'slot' => [
            'regex' => 'Choisissez un créneau sur la règle.',
            'required' => 'Choisissez d’abord un créneau sur la règle.',
        ],
        'minutes' => [
            'integer' => 'Un nombre entier de minutes.',
        ],
        'gap' => [
            'integer' => 'Un nombre entier de minutes, ou 0.',
        ],
        'email' => [
            'max' => 'C’est trop long pour une adresse e-mail.',
        ],
    ],
];
