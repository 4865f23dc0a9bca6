<?php

declare(strict_types=1);

return [
    'on_board' => 'Pedir outra hora',
    'on_board_next' => 'quando ambos estiverem livres',
    'ask_title' => 'Pedir uma hora a {host}',
    'closed' => 'De momento não se pode pedir outra hora a {host}. O que se pode marcar está na sua página.',
    'no_scripts' =>
        'Para pedir outra hora, esta página precisa de JavaScript. {phone, select, none {A secretaria da escola ' .
        'também ajuda.} other {A secretaria da escola faz isso por si: {phone}.}}',
    'kept_for' =>
        'As suas horas ficam guardadas para si até haver resposta, no máximo {hours, plural, one {# hora} other {# ' .
        'horas}}.',
    'calendar_read' =>
        '{count, plural, =0 {O seu calendário diz que não tem nada marcado.} one {Leu-se # hora ocupada do seu ' .
        'calendário.} other {Leram-se # horas ocupadas do seu calendário.}} {skipped, plural, =0 {} one {# entrada ' .
        'não se conseguiu ler.} other {# entradas não se conseguiram ler.}}',
    'own_not_read' => 'O que se leu do seu calendário já não se entende. Leia-o outra vez.',
    'feed_address' => 'O endereço de um calendário começa por https://, http:// ou webcal://.',
    'feed_or_file' => 'Dê o endereço do seu calendário, ou escolha um ficheiro.',
    'file_size' => 'Um ficheiro de calendário tem no máximo 10 MB.',
    'work_address' => 'Um endereço começa por https:// ou http://, por exemplo https://docs.example.org/essay.',
    'no_choice' => 'Ponha pelo menos uma hora nas réguas.',
    'three_choices' => 'Três horas chegam.',
    'no_such_length' =>
        '{minutes, plural, one {Uma reunião de # minuto} other {Uma reunião de # minutos}} não se pode pedir aqui. ' .
        'Escolha uma das durações em cima.',
    'outside' => 'Esta hora está fora das horas em que se pode pedir. Escolha uma na faixa verde.',
    'not_free' => 'Não está livre então, ou não está outra pessoa que tem de estar.',
    'choices_overlap' => 'Esta hora coincide com outra das que escolheu.',
    'not_together' => 'De momento não se pode pedir a estas pessoas em conjunto. Peça só a uma.',
    'gone' =>
        '{time} acabou de ser tomada. {count, plural, =0 {Perto não há nada livre para todos; veja outros dias.} ' .
        'one {{times} está livre para todos. Nada foi enviado; o seu texto continua aqui.} other {{times} estão ' .
        'livres para todos. Nada foi enviado; o seu texto continua aqui.}}',
    'enough_of_yours' =>
        'Já tem {most, plural, one {# pedido aberto} other {# pedidos abertos}}. Estão com as suas reuniões. ' .
        'Quando um tiver resposta, pode pedir de novo.',
    'enough_of_theirs' =>
        '{host} tem tantos pedidos abertos quantos pode ter. Nada foi enviado. Tente dentro de um dia ou dois, ou ' .
        'marque uma hora na sua página.',
    'over' => 'Este pedido já não está aberto: teve resposta, ou foi retirado, ou o prazo passou. Nada foi mudado.',
    'no_such_time' => 'Esta hora já não está entre as pedidas. Veja outra vez; nada foi mudado.',
    'cannot_be_had' =>
        'A esta hora há agora outra coisa, do seu lado ou do outro. Nada foi mudado; indique outras horas.',
    'not_offered' => 'Esta hora já não é oferecida. Nada foi mudado.',
    'move_by_asking' =>
        'Esta hora foi combinada com {host}. Para ter outra, peça de novo a {host} na sua página, e devolva esta ' .
        'quando a outra estiver combinada.',
    'other_none' => '{host} ainda não respondeu',
    'other_accepted' => '{host} disse que sim',
    'other_maybe' => '{host} disse talvez',
    'other_declined' => '{host} disse que não',
    'over_accepted' => 'Combinada: {when}',
    'over_declined' => 'Recusada',
    'over_lapsed' => 'Sem resposta a tempo',
    'over_taken_back' => 'O pedido foi retirado',
    'pass_unconfirmed' =>
        'Guardada para si até {until}. Um clique na mensagem para {email}, e {hosts, plural, one {pergunta-se a ' .
        '{host}} other {pergunta-se a {host}}}.',
    'pass_asked' =>
        '{hosts, plural, one {Perguntou-se a {host}.} other {Perguntou-se a {host}.}} As suas horas ficam ' .
        'guardadas até {until}.',
    'pass_maybe' =>
        '{hosts, plural, one {{host} diz talvez.} other {Nem todos a quem pediu têm já a certeza.}} Esta hora fica ' .
        'guardada para si, e ainda não é certa. Sabe mais o mais tardar {until}.',
    'pass_proposed' =>
        '{hosts, plural, one {{host} indica outras horas.} other {Foram indicadas outras horas.}} Ficam guardadas ' .
        'para si até {until}; um clique toma uma.',
    'pass_declined' => '{host} não pode reunir consigo a estas horas.',
    'pass_lapsed' => 'Ninguém respondeu a tempo. As suas horas voltam a estar livres.',
    'pass_taken_back' => 'Retirou isto.',
    'letter_sent' => 'Pediu uma hora a {host}. Fica guardada até {until}.',
    'letter_sent_heading' => 'Pediu a {host}: {title}',
    'letter_to_confirm' =>
        'Quer pedir uma hora a {host}. Fica guardada para si até {until}. Um clique no endereço em baixo, e ' .
        'pergunta-se a {host}. Se não pediu nada, não faça nada: volta então a estar livre.',
    'letter_to_confirm_heading' => 'Confirme, por favor: pedir uma hora a {host}',
    'letter_maybe' =>
        '{host} diz talvez. A hora fica guardada para si, e ainda não é certa. Sabe mais o mais tardar {until}.',
    'letter_maybe_heading' => 'Talvez: {title}, com {host}',
    'letter_declined' => '{host} não pode reunir consigo a estas horas.',
    'letter_declined_heading' => 'Recusada: {title}, com {host}',
    'letter_off' =>
        'Isto não se realiza, e a hora volta a estar livre. Se o seu calendário a tem, esta mensagem tira-a.',
    'letter_off_heading' => 'Não se realiza: {title}, com {who}',
    'letter_proposed' =>
        '{host} indica outras horas. Ficam guardadas para si até {until}. Abra as suas reuniões para tomar uma.',
    'letter_proposed_heading' => 'Outras horas: {title}, com {host}',
    'letter_lapsed' => 'Ninguém respondeu a tempo. As suas horas voltam a estar livres.',
    'letter_lapsed_heading' => 'Sem resposta: {title}, com {host}',
    'fact_about' => 'De que se trata',
    'fact_details' => 'Por palavras suas',
    'fact_details_yours' => 'Por palavras suas',
    'fact_work' => 'O trabalho em causa',
    'fact_student' => 'Sobre',
    'fact_where' => 'Onde',
    'fact_from' => 'De',
    'fact_with' => 'Com',
    'fact_choice' => '{position, selectordinal, other {#.ª escolha}}',
    'fact_time' => 'Quando',
    'fact_answer' => 'Resposta',
    'to_pass' => 'As suas reuniões: veja como está, ou retire o pedido',
    'to_confirm' => 'Sim, é o meu endereço: pedir',
    'summary' => '{title}, com {other}',
    'also' => 'Também se pede {times}.',
    'forgotten_title' => 'Pedido',
    'also_asked' => 'também se pede',
    'word' => 'Uma palavra, se quiser',
    'stranger_title' => 'uma hora sua',
    'field_student' => 'Nome do aluno',
    'field_phone' => 'Número de telefone',
    'field_about' => 'De que se trata',
    'field_work' => 'Endereço do trabalho',
];
