<?php

declare(strict_types=1);

// What people write on sheets and rounds, in further languages. ICU MessageFormat.
return [
    'title' => '{title} noutras línguas',
    'heading' => 'Noutras línguas',
    'about' =>
        'Quem lê uma destas línguas lê o que escrever aqui; os outros leem como foi escrito primeiro. ' .
        'O que cada folha pergunta (nome, telefone) já está em todas.',
    'written_in' => 'Escrito em',
    'not_said' => 'não indicado',
    'into' => 'Para que língua',
    'in' => 'Em {language}',
    'save' => 'Guardar ({language})',
    'kept' => 'Guardado.',
    'leave' => 'Deixar',
    'save_first' => 'Guarde antes de passar a outra língua.',
    'as_before' => 'Como antes: {text}',
    'left' => 'Do que já não está lá; desaparece quando guardar',
    'meanwhile' =>
        'Entretanto outra pessoa alterou isto. O que escreveu ainda está aqui; veja a página de novo noutro ' .
        'separador.',
    'changed' => 'A folha mudou desde que esta página foi aberta. Abra-a de novo; nada foi guardado.',
    'one_line' => '«{text}» tem de ficar numa linha.',
    'long' => '«{text}»: é demasiado longo.',
    'link' => 'Noutras línguas',
];
