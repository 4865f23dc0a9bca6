<?php

declare(strict_types=1);

// What people write on sheets and rounds, in further languages. ICU MessageFormat.
return [
    'title' => '{title} in altre lingue',
    'heading' => 'In altre lingue',
    'about' =>
        'Chi legge una di queste lingue legge ciò che scrive qui; tutti gli altri lo leggono com’è stato ' .
        'scritto all’inizio. Ciò che chiede ogni foglio (nome, telefono) c’è già in tutte.',
    'written_in' => 'Scritto in',
    'not_said' => 'non detto',
    'into' => 'In quale lingua',
    'in' => 'In {language}',
    'save' => 'Salva ({language})',
    'kept' => 'Salvato.',
    'leave' => 'Lascia stare',
    'save_first' => 'Salvi prima di passare a un’altra lingua.',
    'as_before' => 'Come prima: {text}',
    'left' => 'Di ciò che non c’è più; sparisce quando salva',
    'meanwhile' =>
        'Nel frattempo qualcun altro l’ha cambiato. Ciò che ha scritto è ancora qui; guardi di nuovo la ' .
        'pagina in un’altra scheda.',
    'changed' => 'Il foglio è cambiato da quando questa pagina è stata aperta. La riapra; non è stato salvato niente.',
    'one_line' => '«{text}» deve stare su una riga.',
    'long' => '«{text}»: è troppo lungo.',
    'link' => 'In altre lingue',
];
