<?php

declare(strict_types=1);

return [
    'required' => 'Preencha isto, por favor.',
    'required_if' => 'Preencha isto, por favor.',
    'required_if_accepted' => 'Preencha isto, por favor.',
    'required_with' => 'Preencha isto, por favor.',
    'required_without' => 'Preencha isto, por favor.',
    'present' => 'Esta página carregou mal. Carregue-a de novo; o que escreveu foi conservado.',
    'array' => 'Isto não se consegue ler.',
    'in' => 'Isto não se pode escolher.',
    'date_format' => 'Isto não se consegue ler. Uma data escreve-se como 2026-12-03, uma hora como 16:40.',
    'date' => 'Isto não se consegue ler. Uma data escreve-se como 2026-12-03.',
    'after_or_equal' => 'O último dia vem antes do primeiro.',
    'timezone' => 'Isto não é um fuso horário. Um exemplo: Europe/Lisbon.',
    'alpha' => 'Só letras de A a Z.',
    'different' => 'Outra pessoa, por favor.',
    'distinct' => 'Isto está aqui duas vezes.',
    'file' => 'Escolha um ficheiro.',
    'uploaded' => 'Este ficheiro não chegou inteiro. Talvez seja demasiado grande.',
    'mimes' => 'Este tipo de ficheiro não se pode ler aqui.',
    'image' => 'Isto não é uma imagem legível.',
    'dimensions' => 'Esta imagem é demasiado grande, ou demasiado pequena.',
    'numeric' => 'Tem de ser um número.',
    'size' => [
        'string' => 'Tem de ter :size letras.',
        'numeric' => 'Tem de ser :size.',
        'array' => 'Têm de ser :size.',
        'file' => 'Este ficheiro tem um tamanho errado.',
    ],
    'min' => [
        'string' => 'É demasiado curto: são precisos :min caracteres.',
        'numeric' => 'No mínimo :min.',
        'array' => 'No mínimo :min.',
        'file' => 'Este ficheiro é demasiado pequeno.',
    ],
    'string' => 'Tem de ser texto.',
    'integer' => 'Tem de ser um número inteiro.',
    'boolean' => 'Tem de ser sim ou não.',
    'email' => 'Isto não parece um endereço de e-mail. Um exemplo: nome@mail.example.',
    'uuid' => 'Esta página carregou mal. Carregue-a de novo; o que escreveu foi conservado.',
    'url' => 'Uma ligação de vídeo tem de começar por https:// ou http:// e ser um endereço inteiro.',
    'enum' => 'Isto não se pode escolher.',
    'exists' => 'Isto não se pode escolher. Carregue a página de novo e escolha outra vez.',
    'regex' => 'Isto não se consegue ler.',
    'not_regex' => 'Tem de caber numa linha.',
    'max' => [
        'string' => 'É demasiado longo: cabem :max caracteres.',
        'numeric' => 'No máximo :max.',
        'array' => 'São demasiados: no máximo :max.',
        'file' => 'Este ficheiro é demasiado grande.',
    ],
    'between' => [
        'numeric' => 'Um número inteiro de :min a :max.',
        'string' => 'De :min a :max caracteres.',
        'array' => 'De :min a :max.',
        'file' => 'Este ficheiro tem um tamanho errado.',
    ],
    'custom' => [
        'phone' => [
            'regex' => 'Isto não parece um número de telefone. Servem algarismos, espaços e + - ( ) . /.',
        ],
        'slot' => [
            'regex' => 'Escolha uma hora na régua.',
            'required' => 'Escolha primeiro uma hora na régua.',
        ],
        'minutes' => [
            'integer' => 'Um número inteiro de minutos.',
        ],
        'gap' => [
            'integer' => 'Um número inteiro de minutos, ou 0.',
        ],
        'email' => [
            'max' => 'É demasiado longo para um endereço de e-mail.',
        ],
    ],
];
