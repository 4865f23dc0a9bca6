<?php

declare(strict_types=1);

return [
    'title' => 'O que se guarda dos visitantes',
    'goes' =>
        '{meetings, plural, one {O que foi dito numa das suas reuniões} other {O que foi dito em # das suas reuniões}} desaparece a partir de {date}, com nomes e números, como a sua escola guarda. Retire antes o que ainda precisar.',
    'page_title' => 'Tudo o que se guarda sobre si',
    'page_intro' =>
        '{school} guarda isto sobre si, e mais nada. Desaparece sozinho {days, plural, one {# dia} other {# dias}} depois da sua última reunião.',
    'page_lists' => 'Das listas da própria escola:',
    'page_no_meetings' => 'Nenhuma reunião.',
    'page_file' => 'Levar num ficheiro',
    'page_forget' => 'Mandar apagar',
    'page_forget_says' =>
        'O seu nome, endereço e número são apagados, e tudo o que disse, com a sua página privada. {ahead, plural, =0 {} one {A reunião que marcou é desmarcada, e a escola é avisada.} other {As # reuniões que marcou são desmarcadas, e a escola é avisada.}} Não se pode voltar atrás.',
    'page_forget_lists' => 'O que está nas listas da escola fica lá; a secretaria pode dizer-lhe mais.',
    'page_sure' => 'Sim, apagar tudo',
    'page_back' => 'Voltar às suas reuniões',
    'forgotten_title' => 'Está apagado',
    'forgotten' => 'O que se guardava sobre si já não existe, e o endereço da sua página privada já não abre nada.',
    'board' => 'Voltar ao início',
    'forgotten_known' =>
        'Tudo o que disse está apagado. Continua nas listas da escola, por isso a sua página privada continua a abrir.',
    'page_state' =>
        '{state, select, kept {guardada por pouco tempo} asked {pedida} booked {marcada} declined {recusada} cancelled {desmarcada} other {}}',
    'page_answer' => '{question}: {answer}',
    'page_yes' => 'sim',
    'page_no' => 'não',
];
