<?php

declare(strict_types=1);

return [
    'title' => 'Alunos',
    'not_known' => 'Uma turma ou um aluno escolhido aqui já não está na lista da escola. Escolha de novo.',
    'number_taken' => 'Outra pessoa tem este número.',
    'first_line' =>
        'A primeira linha é lida como cabeçalho: «{line}». Se já é um aluno, escreva por cima uma linha de cabeçalho e escolha de novo o ficheiro. Nada é trazido antes de premir.',
    'part_twice' => 'Duas colunas não podem ser a mesma coisa. Escolha outra para uma delas.',
    'changed_meanwhile' => 'Algo mudou desde que viu este ficheiro. Nada foi trazido; veja-o de novo.',
    'nothing_new' =>
        '{wrong, plural, =0 {Já está tudo na lista. Nada mudaria.} other {Nada mudaria: o que se conseguiu perceber já está na lista.}}',
    'would' =>
        '{new, plural, =0 {Nenhum aluno novo} one {Um aluno novo} other {# alunos novos}}, {changed, plural, =0 {nenhum alterado} one {um alterado} other {# alterados}}, {gone, plural, =0 {nenhum que saiu} one {um que saiu} other {# que saíram}}; {guardians, plural, =0 {nenhum encarregado novo} one {um encarregado novo} other {# encarregados novos}}, {guardians_changed, plural, =0 {nenhum alterado} one {um alterado} other {# alterados}}; {classes, plural, =0 {nenhuma turma nova} one {uma turma nova} other {# turmas novas}}.{open, plural, =0 {} one { Uma linha espera a sua resposta.} other { # linhas esperam a sua resposta.}}',
    'brought_in' =>
        'Trazido: {new, plural, =0 {nenhum aluno novo} one {um aluno novo} other {# alunos novos}}, {changed, plural, =0 {nenhum alterado} one {um alterado} other {# alterados}}, {gone, plural, =0 {nenhum arrumado} one {um arrumado} other {# arrumados}}; {guardians, plural, =0 {nenhum encarregado novo} one {um encarregado novo} other {# encarregados novos}}.',
    'no_name_column' => 'Diga que coluna tem os nomes dos alunos.',
    'too_long' => 'Mais de {most, number} linhas. Envie-as em vários ficheiros.',
    'guessed' =>
        'As letras não são UTF-8 nem UTF-16; foram lidas como o Windows as escreve. Veja os nomes com acentos.',
    'no_name' => 'Linha {line, number}: «{name}» não é um nome. Foi deixada de fora.',
    'number_twice' => 'Linha {line, number}: {name} tem o número {number}, que é de {other}. Foi deixada de fora.',
    'ask_lines' =>
        'As linhas {other, number} e {line, number} são ambas {name}, sem número que as distinga: {same, select, yes {ambas em {class}} other {{other_class, select, none {sem turma} other {{other_class}}} e {class, select, none {sem turma} other {{class}}}}}.',
    'ask_known' =>
        '{name} ({class, select, none {sem turma} other {{class}}}, {number, select, none {sem número} other {número {number}}}) talvez seja {name}, que já está aqui ({known_class, select, none {sem turma} other {{known_class}}}, {known_number, select, none {sem número} other {número {known_number}}}).',
    'ask_which' =>
        '{name} ({class, select, none {sem turma} other {{class}}}, {number, select, none {sem número} other {número {number}}}): {count, plural, one {uma pessoa} other {# pessoas}} com esse nome já aqui, e nada diz qual é. Tome-a por outro aluno, ou deixe-a de fora e dê um número a cada uma.',
    'answer_first' => 'Alguns destes talvez sejam um aluno ou dois. Diga-o primeiro; nada foi trazido.',
    'brought_in_at' =>
        'Trazido pela última vez em {at}: {new, plural, =0 {nenhum aluno novo} one {um aluno novo} other {# alunos novos}}, {changed, plural, =0 {nenhum alterado} one {um alterado} other {# alterados}}, {gone, plural, =0 {nenhum arrumado} one {um arrumado} other {# arrumados}}. Pode desfazer-se durante um dia.',
    'taken_back' =>
        'Esse ficheiro foi desfeito: quem era novo está arrumado, e todos os outros estão como antes.{stay, plural, =0 {} one { Um aluno foi alterado à mão desde então, e fica como está.} other { # alunos foram alterados à mão desde então, e ficam como estão.}}',
    'nothing_to_take_back' => 'Já nada se pode desfazer: passou um dia, ou alguém já o fez. Nada foi alterado.',
    'no_address' => 'Linha {line, number}: «{email}» não é um endereço de e-mail. {name} foi incluído sem ele.',
    'no_phone' => 'Linha {line, number}: «{phone}» não é um número de telefone. {name} foi incluído sem ele.',
    'guardian_without_name' => 'Linha {line, number}: {email} está sem nome, e foi deixado de fora.',
    'no_id' => 'Linha {line, number} de users.csv: {name} não tem sourcedId. Foi deixada de fora.',
    'class_unknown' =>
        '{count, plural, one {Uma inscrição é} other {# inscrições são}} de uma turma que classes.csv não tem.',
    'no_bundle' => 'Isto não é uma tabela nem um pacote com um manifest.csv.',
    'bundle_large' => 'Aberto, este pacote é maior do que o de qualquer escola. Nada foi lido.',
    'table_missing' => 'Falta {table} no pacote, ou o manifesto diz que falta. Nada foi trazido.',
    'part_student_number' => 'Número do aluno',
    'part_student_name' => 'Nome completo do aluno',
    'part_student_given' => 'Nome próprio do aluno',
    'part_student_family' => 'Apelido do aluno',
    'part_class' => 'Turma',
    'part_teacher_email' => 'E-mail do professor',
    'part_guardian1_name' => 'Nome do encarregado',
    'part_guardian1_email' => 'E-mail do encarregado',
    'part_guardian1_phone' => 'Telefone do encarregado',
    'part_guardian1_language' => 'Língua do encarregado',
    'part_guardian1_may_book' => 'Se pode marcar (yes, no)',
    'part_guardian2_name' => 'Nome do segundo encarregado',
    'part_guardian2_email' => 'E-mail do segundo encarregado',
    'part_guardian2_phone' => 'Telefone do segundo encarregado',
    'part_guardian2_language' => 'Língua do segundo encarregado',
    'part_guardian2_may_book' => 'Se o segundo pode marcar (yes, no)',
];
