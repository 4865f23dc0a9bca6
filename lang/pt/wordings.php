<?php

declare(strict_types=1);

// The school's own words, in place of ours: a page of the office. ICU MessageFormat.
return [
    'title' => 'As nossas palavras',
    'about' =>
        'Cada frase do Recess pode ser dita com as palavras da sua escola: nas páginas, nas cartas, no ' .
        'papel. Encontre-a, escreva outra, e é essa que passa a ser dita.',
    'language' => 'Em',
    'find' => 'Palavras da frase',
    'find_press' => 'Procurar',
    'own_only' => 'Só as nossas ({count, number, integer})',
    'type_first' => 'Escreva algumas palavras tal como estão na página ou na carta.',
    'none' => 'Nenhuma frase tem estas palavras.',
    'none_own' => 'Ainda nada foi redigido de outra forma.',
    'more' => '{count, plural, one {E mais uma} many {E mais #} other {E mais #}}. Escreva mais palavras.',
    'found' => '{count, plural, =0 {Nada encontrado} one {# frase} many {# frases} other {# frases}}',
    'own' => 'A sua',
    'ours_is' => 'A nossa',
    'ours_changed' => 'A nossa mudou desde que escreveu esta.',
    'english_is' => 'Em inglês',
    'where' => 'Está em',
    'change' => 'Alterar',
    'change_of' => 'Alterar «{text}»',
    'another' => 'A sua redação',
    'another_about' =>
        'O que está entre chavetas é preenchido quando é dito: deixe a primeira palavra como está. ' .
        'De um número, cada forma de o dizer tem as suas chavetas.',
    'save' => 'Dizer assim',
    'leave' => 'Deixar',
    'back' => 'Voltar à nossa',
    'kept' => 'A partir de agora diz-se assim.',
    'not_there' => 'Essa frase já não existe. Procure-a de novo.',
    'meanwhile' => 'Entretanto outra pessoa redigiu-a: «{text}». A sua não foi guardada; procure-a de novo.',
    'fault_empty' => 'Escreva alguma coisa, ou prima «Voltar à nossa».',
    'fault_letters' => 'Não é possível ler as letras. Têm de ser UTF-8.',
    'fault_long' => 'É demasiado longa: no máximo {most, plural, one {# letra} many {# letras} other {# letras}}.',
    'fault_unseen' => 'Tem um sinal que não se vê. Escreva-a em vez de a colar.',
    'fault_brackets' => 'Falta uma chaveta, ou há uma a mais.',
    'fault_lines' => 'Tem de ficar numa só linha.',
    'fault_tags' => 'Sinais como {signs} só podem estar como estão na nossa.',
    'fault_lacking' => 'Falta isto: {names}. É preenchido quando é dito.',
    'fault_strange' => 'Ninguém preenche isto: {names}.',
    'fault_plural' => 'Falta uma forma de dizer o número: {way} (por exemplo {numbers}).',
    'in_times' => 'a página em que se marca uma hora',
    'in_find' => 'as páginas em que as famílias encontram alguém',
    'in_pass' => 'o passe de uma família',
    'in_round' => 'a página de uma ronda para as famílias',
    'in_asking' => 'pedir outra hora',
    'in_entrance' => 'o tablet da entrada',
    'in_desk' => 'a mesa de quem recebe',
    'in_sheets' => 'as folhas de um professor',
    'in_rounds' => 'a preparação de uma ronda',
    'in_office' => 'as páginas da secretaria',
    'in_account' => 'a entrada e as definições',
    'in_letter' => 'uma carta',
    'in_paper' => 'um papel',
    'in_plain' => 'as páginas sem scripts',
    'in_error' => 'a página que diz que algo correu mal',
    'in_text' => 'uma SMS',
    'in_answer' => 'uma resposta, ou uma parte de outra frase',
    'file_title' => 'Tudo, para quem traduz',
    'file_about' =>
        'Um ficheiro PO, como os programas de tradução o leem e escrevem. ' .
        'O que volta é visto primeiro; é aceite por inteiro, ou nada.',
    'file_out' => 'Todas as frases em {language}',
    'file_in' => 'Um ficheiro PO com frases',
    'file_choose' => 'Ver um ficheiro',
    'file_take' => 'Aceitar {count, plural, one {# frase} many {# frases} other {# frases}}',
    'file_more' => '{count, plural, one {e mais uma} many {e mais #} other {e mais #}}',
    'file_ours' => 'a nossa: {text}',
    'file_letters' =>
        'Não é possível ler as letras deste ficheiro. Guarde-o como UTF-8 e escolha-o de novo. Nada foi aceite.',
    'file_not_read' =>
        '{line, select, none {Isto não é um ficheiro PO.} other {Isto não é um ficheiro PO: não é possível ' .
        'ler a linha {line}.}} Nada foi aceite.',
    'file_language' =>
        'O ficheiro não diz de que língua é, ou é de uma que o Recess não fala («{language}»). ' .
        'O cabeçalho precisa de uma linha como «Language: it». Nada foi aceite.',
    'file_fault' => 'Linha {line, number, integer}, {key}: {why}',
    'file_faults_more' => '{more, plural, one {E mais uma.} many {E mais #.} other {E mais #.}}',
    'file_strange' =>
        '{count, plural, one {Uma já não é uma frase do Recess e fica de fora} ' .
        'many {# já não são frases do Recess e ficam de fora} ' .
        'other {# já não são frases do Recess e ficam de fora}}: {keys}{more, plural, =0 {} ' .
        'one {, e mais uma} many {, e mais #} other {, e mais #}}.',
    'file_changed' =>
        'Em {count, plural, one {uma frase} many {# frases} other {# frases}} ' .
        'o inglês mudou desde que o ficheiro saiu; o que é dito fica: {keys}{more, plural, =0 {} ' .
        'one {, e mais uma} many {, e mais #} other {, e mais #}}.',
    'file_unsure' =>
        '{count, plural, one {Uma está marcada como incerta (fuzzy) e fica de fora} ' .
        'many {# estão marcadas como incertas (fuzzy) e ficam de fora} ' .
        'other {# estão marcadas como incertas (fuzzy) e ficam de fora}}: {keys}{more, plural, =0 {} ' .
        'one {, e mais uma} many {, e mais #} other {, e mais #}}.',
    'file_meanwhile' => 'Algo mudou desde que viu. Veja o ficheiro de novo. Nada foi aceite.',
    'file_taken' =>
        'A partir de agora {count, plural, one {uma frase é dita} many {# frases são ditas} ' .
        'other {# frases são ditas}} de outra forma ({language}).',
    'file_would' =>
        '{language}: {count, plural, =0 {nada seria dito de outra forma} ' .
        'one {uma frase seria dita de outra forma} many {# frases seriam ditas de outra forma} ' .
        'other {# frases seriam ditas de outra forma}}. {faults, plural, =0 {} ' .
        'one {Uma está errada; corrija-a primeiro no ficheiro.} ' .
        'many {# estão erradas; corrija-as primeiro no ficheiro.} ' .
        'other {# estão erradas; corrija-as primeiro no ficheiro.}}',
    'back_all' => 'Voltar a todas as nossas ({language})',
    'back_all_sure' =>
        '{count, plural, one {Desaparece uma frase sua} many {Desaparecem # frases suas} ' .
        'other {Desaparecem # frases suas}}. Descarregue antes o ficheiro se as quiser guardar.',
];
