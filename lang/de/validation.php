<?php

declare(strict_types=1);

return [
    'required' => 'Bitte ausfüllen.',
    'required_if' => 'Bitte ausfüllen.',
    'required_if_accepted' => 'Bitte ausfüllen.',
    'required_with' => 'Bitte ausfüllen.',
    'required_without' => 'Bitte ausfüllen.',
    'present' => 'Mit dieser Seite stimmt etwas nicht. Laden Sie sie neu; was Sie geschrieben haben, bleibt erhalten.',
    'array' => 'Das lässt sich nicht lesen.',
    'in' => 'Das lässt sich nicht wählen.',
    'date_format' => 'Das lässt sich nicht lesen. Ein Datum schreibt man wie 2026-12-03, eine Uhrzeit wie 16:40.',
    'date' => 'Das lässt sich nicht lesen. Ein Datum schreibt man wie 2026-12-03.',
    'after_or_equal' => 'Der letzte Tag liegt vor dem ersten.',
    'timezone' => 'Das ist keine Zeitzone. Eine sieht aus wie Europe/Lisbon.',
    'alpha' => 'Nur Buchstaben von A bis Z.',
    'different' => 'Bitte jemand anderes.',
    'distinct' => 'Das steht hier doppelt.',
    'file' => 'Wählen Sie eine Datei.',
    'uploaded' => 'Diese Datei kam nicht ganz an. Vielleicht ist sie zu groß.',
    'mimes' => 'Diese Art Datei kann hier nicht gelesen werden.',
    'image' => 'Das ist kein lesbares Bild.',
    'dimensions' => 'Dieses Bild ist zu groß oder zu klein.',
    'numeric' => 'Das muss eine Zahl sein.',
    'size' => [
        'string' => 'Das muss :size Buchstaben haben.',
        'numeric' => 'Das muss :size sein.',
        'array' => 'Davon braucht es :size.',
        'file' => 'Diese Datei hat die falsche Größe.',
    ],
    'min' => [
        'string' => 'Das ist zu kurz: Es braucht :min Zeichen.',
        'numeric' => 'Mindestens :min.',
        'array' => 'Mindestens :min davon.',
        'file' => 'Diese Datei ist zu klein.',
    ],
    'string' => 'Das muss Text sein.',
    'integer' => 'Das muss eine ganze Zahl sein.',
    'boolean' => 'Das muss ja oder nein sein.',
    'email' => 'Das sieht nicht wie eine E-Mail-Adresse aus. Eine sieht aus wie name@mail.example.',
    'uuid' => 'Mit dieser Seite stimmt etwas nicht. Laden Sie sie neu; was Sie geschrieben haben, bleibt erhalten.',
    'url' => 'Ein Video-Link muss mit https:// oder http:// beginnen und eine ganze Adresse sein.',
    'enum' => 'Das lässt sich nicht wählen.',
    'exists' => 'Das lässt sich nicht wählen. Laden Sie die Seite neu und wählen Sie noch einmal.',
    'regex' => 'Das lässt sich nicht lesen.',
    'not_regex' => 'Das muss auf eine Zeile passen.',
    'max' => [
        'string' => 'Das ist zu lang: :max Zeichen passen.',
        'numeric' => 'Höchstens :max.',
        'array' => 'Das sind zu viele: höchstens :max.',
        'file' => 'Diese Datei ist zu groß.',
    ],
    'between' => [
        'numeric' => 'Eine ganze Zahl von :min bis :max.',
        'string' => 'Von :min bis :max Zeichen.',
        'array' => 'Von :min bis :max davon.',
        'file' => 'Diese Datei hat die falsche Größe.',
    ],
    'custom' => [
        'phone' => [
            'regex' =>
                'Das sieht nicht wie eine Telefonnummer aus. Ziffern, Leerzeichen und + - ( ) . / sind in Ordnung.',
        ],
        'slot' => [
            'regex' => 'Wählen Sie eine Zeit auf der Leiste.',
            'required' => 'Wählen Sie zuerst eine Zeit auf der Leiste.',
        ],
        'minutes' => [
            'integer' => 'Eine ganze Zahl von Minuten.',
        ],
        'gap' => [
            'integer' => 'Eine ganze Zahl von Minuten, oder 0.',
        ],
        'email' => [
            'max' => 'Das ist zu lang für eine E-Mail-Adresse.',
        ],
    ],
];
