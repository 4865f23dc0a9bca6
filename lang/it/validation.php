<?php

declare(strict_types=1);

return [
    'required' => 'Compili questo campo.',
    'required_if' => 'Compili questo campo.',
    'required_if_accepted' => 'Compili questo campo.',
    'required_with' => 'Compili questo campo.',
    'required_without' => 'Compili questo campo.',
    'present' => 'Questa pagina si è caricata male. La ricarichi; ciò che ha scritto è conservato.',
    'array' => 'Questo non si può leggere.',
    'in' => 'Questo non si può scegliere.',
    'date_format' => 'Questo non si può leggere. Una data si scrive come 2026-12-03, un orario come 16:40.',
    'date' => 'Questo non si può leggere. Una data si scrive come 2026-12-03.',
    'after_or_equal' => 'L’ultimo giorno viene prima del primo.',
    'timezone' => 'Questo non è un fuso orario. Un esempio: Europe/Lisbon.',
    'alpha' => 'Solo lettere dalla A alla Z.',
    'different' => 'Qualcun altro, per favore.',
    'distinct' => 'Questo c’è due volte.',
    'file' => 'Scelga un file.',
    'uploaded' => 'Questo file non è arrivato intero. Forse è troppo grande.',
    'mimes' => 'Questo tipo di file qui non si può leggere.',
    'image' => 'Questa non è un’immagine leggibile.',
    'dimensions' => 'Questa immagine è troppo grande, o troppo piccola.',
    'numeric' => 'Deve essere un numero.',
    'size' => [
        'string' => 'Deve avere :size lettere.',
        'numeric' => 'Deve essere :size.',
        'array' => 'Devono essere :size.',
        'file' => 'Questo file ha una dimensione sbagliata.',
    ],
    'min' => [
        'string' => 'È troppo corto: servono :min caratteri.',
        'numeric' => 'Almeno :min.',
        'array' => 'Almeno :min.',
        'file' => 'Questo file è troppo piccolo.',
    ],
    'string' => 'Deve essere testo.',
    'integer' => 'Deve essere un numero intero.',
    'boolean' => 'Deve essere sì o no.',
    'email' => 'Non sembra un indirizzo e-mail. Un esempio: nome@mail.example.',
    'uuid' => 'Questa pagina si è caricata male. La ricarichi; ciò che ha scritto è conservato.',
    'url' => 'Un link video deve iniziare con https:// o http:// ed essere un indirizzo intero.',
    'enum' => 'Questo non si può scegliere.',
    'exists' => 'Questo non si può scegliere. Ricarichi la pagina e scelga ancora.',
    'regex' => 'Questo non si può leggere.',
    'not_regex' => 'Deve stare su una riga.',
    'max' => [
        'string' => 'È troppo lungo: ci stanno :max caratteri.',
        'numeric' => 'Al massimo :max.',
        'array' => 'Sono troppi: al massimo :max.',
        'file' => 'Questo file è troppo grande.',
    ],
    'between' => [
        'numeric' => 'Un numero intero da :min a :max.',
        'string' => 'Da :min a :max caratteri.',
        'array' => 'Da :min a :max.',
        'file' => 'Questo file ha una dimensione sbagliata.',
    ],
    'custom' => [
        'phone' => [
            'regex' => 'Non sembra un numero di telefono. Cifre, spazi e + - ( ) . / vanno bene.',
        ],
        'slot' => [
            'regex' => 'Scelga un orario sulla linea.',
            'required' => 'Scelga prima un orario sulla linea.',
        ],
        'minutes' => [
            'integer' => 'Un numero intero di minuti.',
        ],
        'gap' => [
            'integer' => 'Un numero intero di minuti, o 0.',
        ],
        'email' => [
            'max' => 'È troppo lungo per un indirizzo e-mail.',
        ],
    ],
];
