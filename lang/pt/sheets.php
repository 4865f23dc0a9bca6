<?php

declare(strict_types=1);

return [
    'how_anyone' => 'Escolha uma hora aqui; não é precisa conta:',
    'how_families' => 'Escolha uma hora com a ligação da mensagem que é sua, ou aqui com o código do seu cartão:',
    'how_staff' => 'Escolha uma hora aqui; entre como sempre:',
    'day_title' => 'Quem vem em {date}',
    'card_for' => 'para {students}',
    'card_how' => 'Fotografe o quadrado, ou escreva o código em {address}',
    'missing_title' => 'Um título',
    'missing_when' => 'Quando: dias, horas e uma duração',
    'missing_look' => 'Quando: há algo a rever',
    'missing_blanks' => 'Quando: {blanks}',
    'missing_blank' =>
        '{blank, select, dates {um dia} date {um dia} days {dias da semana} from {desde quando} until {até quando} minutes {quanto dura cada uma} hours {de quando a quando} first {o primeiro dia} last {o último dia} other {um dia e horas}}',
    'missing_where' => 'Onde: uma sala, o telefone ou uma ligação de vídeo',
    'card_nobody' => 'Ninguém na lista da escola pode marcar nesta folha.',
    'roster' =>
        '{missing, plural, =0 {Está marcado para {expected, plural, one {o único aluno} other {os # alunos}}.} one {Ainda por marcar: # de {expected, plural, one {um aluno} other {# alunos}}.} other {Ainda por marcar: # de {expected, plural, one {um aluno} other {# alunos}}.}}',
    'letters_sent' =>
        '{sent, plural, =0 {Não restava ninguém a quem escrever: cada família marcou, não tem endereço, ou recebeu uma mensagem no último dia.} one {Uma mensagem está a caminho.} other {# mensagens estão a caminho.}}',
    'letter_heading' => '{title} com {host}',
    'letter_news' => '{host} tem horas para si, sobre {students}.',
    'letter_link' => 'Escolher uma hora',
    'fill' => '{taken, number} de {slots, number} ocupadas',
    'none_comes' => 'Reuniões: destes dias e horas não resulta nenhuma',
    'fill_none' =>
        '{standing, plural, =0 {Nenhuma hora por vir} one {Nenhuma hora por vir; uma reunião mantém-se} other {Nenhuma hora por vir; # reuniões mantêm-se}}',
    'fill_next' => '{taken, number} de {slots, number} ocupadas nos próximos dias',
    'links_there' => 'Algumas destas reuniões já têm ligação, e foi enviada. Altere essas uma a uma.',
    'link_cleaned' => 'Sem isso é {link}',
    'nobody_yet' => 'Ninguém marcou ainda.',
    'expected_guessed' => 'As letras desta tabela foram adivinhadas; veja se os acentos estão certos.',
    'expected_none' =>
        'Não se encontrou nenhum nome. Escreva um por linha, ou traga uma tabela com uma coluna chamada «name».',
    'expected_no_column' =>
        'Esta tabela não tem uma coluna chamada «name» (ou «first name» e «last name»). Nada foi guardado.',
    'expected_too_many' => 'São mais de {most, number}. Nada foi guardado; traga menos.',
    'expected_no_name' => 'A linha {line, number} não tem nome e fica de fora.',
    'expected_bad_email' => 'Linha {line, number}, {name}: não é um endereço de e-mail; está na lista sem ele.',
    'expected_bad_phone' => 'Linha {line, number}, {name}: não é um número de telefone; está na lista sem ele.',
    'expected_twice' => '{twice, plural, one {Um já estava na lista.} other {# já estavam na lista.}}',
    'reminders_sent' =>
        '{sent, plural, =0 {Não restava ninguém a lembrar: cada um marcou, não tem contacto, ou recebeu um lembrete no último dia.} one {Um lembrete está a caminho.} other {# lembretes estão a caminho.}}',
    'expected_heading' => 'Uma hora para {student}: {title} com {host}',
    'expected_dear' => 'A quem marca por {student},',
    'expected_invites' => '{host} quer falar sobre {student}. Escolha uma hora: a ligação em baixo conhece o nome.',
    'expected_text_invites' => '{host} quer falar sobre {student}. Escolha uma hora: {link}',
    'expected_news' =>
        '{host} espera {student} e ainda não há hora. A ligação em baixo conhece o nome; o resto é um clique.',
    'expected_text' => '{host} espera {student} e ainda não há hora. Escolha uma: {link}',
    'expected_card' => 'Fotografe o quadrado e escolha uma hora; conhece o nome.',
    'cards_of_drafts' =>
        'Os cartões abrem uma folha, e esta ainda não está publicada. Publique-a primeiro; depois imprima-os.',
    'cards_of_everybody' =>
        'Esta folha é para todas as famílias da escola: os cartões delas imprime a secretaria. Nomeie turmas na folha, ou pergunte na secretaria.',
    'cancel_over' => 'Esta reunião começou ou terminou, por isso já não pode ser cancelada.',
    'undo_moved' => 'A reunião com {name} passa para {when}.',
    'undo_given_back' => 'A reunião com {name} está cancelada.',
    'shift_clock' => '{minutes, plural, =0 {mesma hora} one {1 min {way}} other {# min {way}}}',
    'shift_days' =>
        '{days, plural, one {um dia {day_way}} other {# dias {day_way}}}, {minutes, plural, =0 {mesma hora} one {1 min {way}} other {# min {way}}}',
    'move_all' =>
        '{count, plural, one {A proposta é} other {As # propostas são}} {days, plural, =0 {no mesmo dia} one {um dia {day_way}} other {# dias {day_way}}}, {minutes, plural, =0 {à mesma hora} one {# minuto {way}} other {# minutos {way}}}.',
    'move_each' =>
        'A proposta muda {count} pessoas o menos possível: {days, plural, =0 {no mesmo dia} one {um dia no máximo} other {# dias no máximo}}, {minutes, plural, =0 {à mesma hora} one {e # minuto no relógio no máximo} other {e # minutos no relógio no máximo}}.',
    'affected' => 'Esta alteração afeta pessoas que marcaram. Ainda nada está guardado: veja quem afeta, e escolha.',
    'address_form' => 'Um endereço tem letras minúsculas, algarismos e hífenes simples: reunioes-outono.',
    'address_taken' => 'Outra folha tem este endereço, ou teve-o. Escolha outro.',
    'nothing_to_book' =>
        'Nesta folha já não se pode marcar nenhuma hora, por isso não foi publicada. Fica como rascunho. Escolha uma data mais tarde, ou permita marcar mais perto da reunião.',
    'no_draft_again' =>
        'Alguém marcou aqui ou espera uma hora, por isso esta folha não pode voltar a rascunho. Pause-a, ou feche-a: quem marcou mantém a sua hora.',
    'settle_all' => 'Tem de ser escolhida uma hora para cada pessoa que é mudada.',
    'settle_gone' => 'Uma hora escolhida já não está na folha.',
    'settle_taken' =>
        'Uma hora escolhida para alguém está ocupada, ou choca com uma marcação que fica como está. Nada foi guardado. Veja de novo as horas.',
    'moved' =>
        'Outra pessoa alterou esta folha desde que a abriu. Nada do seu se perdeu ou foi guardado. Veja ambas e escolha.',
    'too_long' => 'Isto é mais do que cabe numa folha. Encurte o que está escrito.',
    'too_many' => 'Seriam mais de {most, number, integer} reuniões. Veja de novo a duração, as horas e o último dia.',
    'date_past' => '{date} já passou. Escolha hoje ou mais tarde.',
    'date_far' => '{date} fica a mais de três anos. Veja de novo o ano.',
    'link_needed' => 'Preencha isto, ou escolha que se crie uma ligação para cada reunião, ou acrescentá-la depois.',
    'no_link_maker' => 'Aqui nada cria uma ligação para cada reunião. Dê uma para todas, ou acrescente-a depois.',
    'two_answers' => 'Escreva pelo menos duas respostas à escolha, uma por linha.',
    'student_once' => 'O nome do aluno pergunta-se uma vez, e com a pergunta feita para isso.',
    'title_yours' => 'As suas folhas',
    'title_new' => 'Nova folha',
    'title_change' => 'Alterar {title}',
    'your_title' => 'O seu título',
    'begins_about' => 'De que se trata?',
    'begins_conferences' => 'Reuniões com famílias',
    'begins_office_hours' => 'Atendimento',
    'handout_dear' => 'Caras famílias,',
    'handout_when' => '{title} com {host}: {when}',
    'handout_pick' => 'Escolha uma hora.',
    'file_not_text' => 'Este ficheiro não é texto UTF-8. Exporte-o de novo, ou guarde-o em UTF-8.',
    'file_not_ours' => 'Esta não é uma folha escrita pelo Recess: não tem "format": "{format}".',
    'file_other_version' => 'Este ficheiro foi escrito por outra versão do Recess e não se consegue ler aqui.',
    'begins_imported' => 'Horas importadas',
    'begins_place' => 'A dizer',
    'ask_student' => 'Nome do aluno',
    'ask_student_hint' => 'De quem se vai falar.',
    'ask_phone' => 'Número de telefone',
    'ask_word' => 'Uma palavra antes',
    'ask_word_hint' => 'Só a lê a pessoa com quem fala.',
];
