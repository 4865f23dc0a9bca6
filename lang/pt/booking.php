<?php

declare(strict_types=1);

return [
    'way' => 'Ver o caminho: {place}',
    'letter_row' =>
        '{host}, {where}{directions, select, none {} other { ({directions})}}{student, select, none {} other { – sobre {student}}}{interpreter, select, none {} other { – interpreta {interpreter}}}',
    'not_as_filled_in' =>
        '{phone, select, none {Como está preenchido não é possível. O que escreveu foi conservado. Se já há algo marcado, abra-o a partir da mensagem que recebeu; ou pergunte na secretaria.} other {Como está preenchido não é possível. O que escreveu foi conservado. Se já há algo marcado, abra-o a partir da mensagem que recebeu; ou ligue para a secretaria, {phone}.}}',
    'not_as_filled_in_letter' =>
        '{phone, select, none {Como está preenchido esta hora não se pode marcar. O que escreveu foi conservado. Se já marcou com este endereço, vai a caminho uma mensagem com as suas reuniões; ou pergunte na secretaria.} other {Como está preenchido esta hora não se pode marcar. O que escreveu foi conservado. Se já marcou com este endereço, vai a caminho uma mensagem com as suas reuniões; ou ligue para a secretaria, {phone}.}}',
    'against' => [
        'visitor_enough' =>
            'Já marcou aqui, noutra página sua. Abra «As suas reuniões» a partir da mensagem que recebeu para mudar.',
        'visitor_elsewhere' => 'Tem outra reunião a essa hora, ou demasiado perto. Escolha outra hora.',
        'student_enough' =>
            'Já há aqui uma hora sobre {student}. Foi marcada por outra pessoa que cuida deste aluno. Pode pedir para participar.',
        'student_elsewhere' => 'Há outra reunião sobre {student} a essa hora, ou demasiado perto. Escolha outra hora.',
    ],
    'no_link_yet' =>
        'A sua reunião com {name}, {when}, ainda não tem ligação de vídeo. Acrescente-a na folha «{sheet}».',
    'busy_over' =>
        'O seu calendário «{calendar}» tem agora algo durante a sua reunião com {name}, {when}. A reunião mantém-se; mude-a ou cancele-a se não puder vir.',
    'letters_waiting' =>
        '{count, plural, one {Uma mensagem não sai} other {# mensagens não saem}}, e {count, plural, one {é tentada} other {são tentadas}} de novo durante três dias: para {to}{more, plural, =0 {} one { e outro endereço} other { e outros # endereços}}. O servidor de correio diz «{why}». Quem cuida do servidor pode tratar disso.',
    'letters_given_up' =>
        '{count, plural, one {Uma mensagem nunca saiu} other {# mensagens nunca saíram}}: para {to}{more, plural, =0 {} one { e outro endereço} other { e outros # endereços}}. O servidor de correio disse «{why}». Contacte {count, plural, one {o destinatário} other {os destinatários}} de outra forma.',
    'mail_failed' =>
        '{phone, select, none {Uma mensagem para {name} ({email}) não chegou. Não deu número de telefone.} other {Uma mensagem para {name} ({email}) não chegou. O seu número de telefone: {phone}.}}',
    'only_families' =>
        'Estas horas são para famílias que {school} conhece. Abra-as pela ligação da sua mensagem, das suas reuniões, ou com o código do seu cartão.',
    'only_staff' => 'Esta página é para quem trabalha em {school}.',
    'only_anyone' => 'Esta página pode ser aberta por todos.',
    'sheet_with' => 'com {host}',
    'staff_come_in' => 'Entrar e ver as horas',
    'card_title' => 'Tem um cartão com um código',
    'card_code' => 'O código do seu cartão',
    'card_open' => 'Abrir',
    'card_unknown' => 'Não há nenhum cartão com este código. Veja outra vez: tem dez letras e algarismos.',
    'card_too_often' => 'Tentaram-se demasiados códigos daqui. Espere uma hora, ou abra a ligação da sua mensagem.',
    'card_none' =>
        '{phone, select, none {Sem cartão nem mensagem? Ligue para a secretaria.} other {Sem cartão nem mensagem? Ligue para a secretaria, {phone}.}}',
    'no_line' =>
        '{phone, select, none {Agora ninguém pode ser posto na lista de espera. Volte mais tarde, ou ligue para a secretaria.} other {Agora ninguém pode ser posto na lista de espera. Volte mais tarde, ou ligue para a secretaria, {phone}.}}',
    'line_is_long' =>
        '{phone, select, none {A lista de espera está tão longa quanto pode estar. Volte mais tarde, ou ligue para a secretaria.} other {A lista de espera está tão longa quanto pode estar. Volte mais tarde, ou ligue para a secretaria, {phone}.}}',
    'not_answered' =>
        '{phone, select, none {Não houve resposta a tempo, por isso a hora voltou a estar livre. Escolha outra, ou ligue para a secretaria.} other {Não houve resposta a tempo, por isso a hora voltou a estar livre. Escolha outra, ou ligue para a secretaria, {phone}.}}',
    'not_confirmed' => 'O endereço de e-mail não respondeu a tempo.',
    'other_host' => 'Às {time} seria com {host}. Confirme com mais um clique, ou escolha outra hora.',
    'has_begun' => 'Esta reunião começou ou terminou; já não se pode mudar nem desmarcar.',
    'next_free' => 'livre {when}',
    'next_opens' => 'abre {when}',
    'next_taken' => 'todas as horas estão ocupadas',
    'next_over' => 'de momento não há mais horas',
    'pick' => 'Escolha uma hora',
    'free' => '{free, plural, one {# livre} other {# livres}}',
    'free_here' => '{free, plural, one {# livre nestes dias} other {# livres nestes dias}}',
    'clock' => 'Relógio de 12 horas',
    'slot' => [
        'taken' => '{from} – {until} ocupada',
        'busy' => '{from} – {until} indisponível',
        'too soon' => '{from} – {until} demasiado cedo para marcar',
        'not yet open' => '{from} – {until} ainda não abriu',
        'closed' => '{from} – {until} fechada',
        'past' => '{from} – {until} passada',
    ],
    'earliest' => 'O mais cedo possível:',
    'parts' => 'Parte do dia',
    'part' => [
        'any' => 'Todo o dia: {free, number}',
        'morning' => 'Manhãs: {free, number}',
        'afternoon' => 'Tardes: {free, number}',
        'late' => 'A partir das {from}: {free, number}',
    ],
    'day_none' => 'Neste dia nada está livre.',
    'times' => [
        'free' =>
            '{free, plural, =1 {Escolha uma hora: há uma livre} one {Escolha uma hora: há # livre} other {Escolha uma hora: há # livres}}',
        'taken' => 'Todas as horas estão ocupadas',
        'opens' => 'Abre {opens}',
        'enough' => 'Já marcou aqui',
        'too late' => 'Já não se podem marcar as horas que restam',
        'over' => 'De momento não há mais horas previstas',
    ],
    'sheet_title' => '{sheet} com {host}',
    'state' => [
        'kept' => 'Guardada até {until}. Prima o botão da mensagem enviada para o seu endereço, e fica marcada.',
        'asked' => 'Pedida. Fica reservada para si no máximo até {until}.',
        'booked' => 'Marcada.',
        'declined' => 'Recusada.',
        'cancelled' => 'Desmarcada.',
    ],
    'undo' => [
        'given back' => 'Esta reunião está desmarcada.',
        'moved' => 'A reunião foi mudada.',
        'guest left' => 'Não vem.',
        'guest brought' => 'A pessoa está convidada.',
    ],
    'office' =>
        '{phone, select, none {Precisa de ajuda? Ligue para a secretaria da escola.} other {Precisa de ajuda? Ligue para a secretaria da escola: {phone}.}}',
    'handout' =>
        '{phone, select, none {Se não puder, ligue para a secretaria e marcam por si.} other {Se não puder, ligue para a secretaria, {phone}, e marcam por si.}}',
    'slip' =>
        '{phone, select, none {Se não puder vir, ligue para a secretaria: outra pessoa fica contente com a hora.} other {Se não puder vir, ligue para a secretaria, {phone}: outra pessoa fica contente com a hora.}}',
    'notice' =>
        '{phone, select, none {Não é preciso conta. Ou pergunte na secretaria: marcam por si.} other {Não é preciso conta. Ou ligue para a secretaria, {phone}: marcam por si.}}',
    'look_again' => 'Alguma coisa precisa de ser revista. Nada se perdeu.',
    'line_sent' =>
        'Enviámos-lhe uma mensagem. Prima o botão que nela está, e avisamos quando uma hora ficar livre. Quando for a sua vez, a hora fica guardada para si durante algum tempo.',
    'confirm_first' =>
        'Esta hora está só guardada para si. Prima o botão da mensagem que chegou ao seu endereço; então fica marcada, e pode mudar-se.',
    'still_needed' =>
        'Alguém marcou nesta folha, por isso ela fica. Arrume-a antes: sai da sua lista e não aceita marcações.',
    'undo_late' => 'É tarde demais para voltar atrás: os interessados já foram avisados.',
    'undo_taken' => 'Já não se pode voltar atrás: alguém foi mais rápido. Escolha outra hora.',
    'address_subject' => 'É este o seu endereço de e-mail?',
    'address_news' =>
        'Este endereço foi dado para reuniões em {school}. O pedido foi seu? Prima o botão, e as mensagens passam a ir para lá. Se não, não faça nada. Não ouve mais nada.',
    'address_press' => 'Sim, é o meu endereço',
    'address_asked' => '{email} é o seu endereço?',
    'address_asked_more' =>
        'Um clique, e as mensagens sobre as suas reuniões vão para lá; o que está guardado para si fica marcado com isso.',
    'address_done' => 'Obrigado. As mensagens vão para {email}.',
    'address_moved_subject' => 'As mensagens sobre as suas reuniões vão para outro endereço',
    'address_moved_news' =>
        '{phone, select, none {As mensagens sobre as suas reuniões vão a partir de agora para {email}. Se o pedido não foi seu, abra as suas reuniões e dê à página um novo endereço, ou ligue para a secretaria.} other {As mensagens sobre as suas reuniões vão a partir de agora para {email}. Se o pedido não foi seu, abra as suas reuniões e dê à página um novo endereço, ou ligue para a secretaria, {phone}.}}',
    'join_subject' => '{name} gostaria de vir também',
    'join_news' =>
        '{name} pede para participar nesta reunião. Abra as suas reuniões para acrescentar esta pessoa. Ou não faça nada: nada lhe é dito.',
    'open_pass' => 'Abrir as suas reuniões',
    'to_pass' => 'Para as suas reuniões',
    'dear' => 'Bom dia, {name},',
    'line_subject' => 'Quer um aviso quando {host} tiver uma hora livre?',
    'line_news' =>
        'Alguém pediu um aviso neste endereço quando houver uma hora livre. O pedido foi seu? Prima o botão. Se não, não faça nada. Não ouve mais nada.',
    'line_press' => 'Sim, avisem-me quando houver uma livre',
    'line_asked' => 'Quer um aviso quando houver uma hora livre?',
    'line_asked_more' =>
        'Quando alguém devolve uma hora e é a sua vez, fica guardada para si durante algum tempo e chega uma mensagem.',
    'wants_heading' => 'O que lhe servia',
    'wants_when' => 'Quando',
    'wants_any_time' => 'Todo o dia',
    'wants_morning' => 'De manhã',
    'wants_afternoon' => 'De tarde, antes das quatro',
    'wants_late' => 'Mais tarde, a partir das quatro',
    'wants_where' => 'Onde',
    'wants_anywhere' => 'Em qualquer lugar',
    'wants_with' => 'Com',
    'wants_anybody' => 'Qualquer pessoa',
    'wants_only' => 'Oferecer-me só estas',
    'wants_tell_me' => 'Avisem-me quando houver uma livre',
    'line_in' =>
        '{before, plural, =0 {Está em primeiro lugar.} =1 {Está em segundo lugar.} one {Há # à sua frente.} other {Há # à sua frente.}}',
    'line_in_more' =>
        'Quando uma hora ficar livre e for a sua vez, fica guardada para si durante algum tempo e chega uma mensagem. As horas já livres podem marcar-se como sempre.',
    'line_offered' => 'Há uma hora guardada para si: {when}. Pode tomá-la até {until}.',
    'line_offered_more' =>
        'Abra a mensagem sobre ela para a tomar. Se a deixar passar, pergunta-se primeiro aos outros; à segunda vez já não se lhe pergunta.',
    'line_out' => 'Já não recebe avisos de horas livres.',
    'line_leave' => 'Não me avisem mais',
    'line_decline' => 'Não, obrigado: desta vez não',
    'offer_heading' => 'Há uma hora livre: {when} com {host}',
    'offer_news' => 'Há uma hora livre. Fica guardada para si até {until}.',
    'offer_take' => 'Tomar esta hora',
    'offer_decline' => 'Não, obrigado',
    'offer_what' => 'O quê',
    'offer_when' => 'Quando',
    'offer_with' => 'Com',
    'line_see' => 'Ver as horas',
    'pass_renewed_heading' => 'As suas reuniões: um novo endereço privado',
    'pass_renewed' =>
        '{why, select, together {Tudo o que marcou está agora numa página, e a página tem um novo endereço. As ligações anteriores já não abrem nada.} card {A página privada das suas reuniões tem um novo endereço. Tem um novo cartão, e o que estava no antigo já não funciona. As suas reuniões estão como estavam.} other {A página privada das suas reuniões tem um novo endereço. O antigo estava num ficheiro de calendário que alguém que juntou podia abrir, por isso já não funciona. As suas reuniões estão como estavam.}} Às entradas de calendário anteriores já não se pode responder no seu calendário: use esta página.',
    'pass_renewed_link' => 'As suas reuniões',
    'pass_renewed_host' =>
        'A página privada de {who} tem um novo endereço, e não temos e-mail para o dizer. Imprima de novo o papel e entregue-o.',
    'everything' => 'Esta ligação é sobre uma parte do que marcou. Tudo se abre a partir do seu e-mail.',
    'everything_press' => 'Enviem-me uma ligação para tudo',
    'everything_sent' =>
        'Vai a caminho uma mensagem para o endereço de e-mail que conhecemos de si. Abra-a e prima o botão dentro de três dias: então vê tudo o que marcou.',
    'everything_office' =>
        '{phone, select, none {Não temos um endereço de e-mail seu para enviar uma ligação. Ligue para a secretaria se precisar.} other {Não temos um endereço de e-mail seu para enviar uma ligação. Ligue para a secretaria se precisar: {phone}.}}',
    'open_everything' => 'Tudo o que marcou',
    'open_everything_more' => 'Prima o botão, e esta página fica a saber que a mensagem lhe chegou.',
    'open_everything_press' => 'Abrir tudo',
    'also_with' => '{kind, select, any {ou {any}} must {e {must}} other {ou {any}, e com {must}}}',
    'together' =>
        '{pages, plural, one {Há mais # página com o seu nome e este endereço.} other {Há mais # páginas com o seu nome e este endereço.}} {meetings, plural, =0 {Lá não há nenhuma reunião por vir.} one {Lá está # reunião.} other {Lá estão # reuniões.}}',
    'together_more' =>
        'Pode ter tudo numa página. As ligações em mensagens mais antigas deixam então de abrir; uma nova mensagem traz-lhe a nova ligação.',
    'together_press' => 'Pôr tudo numa página',
    'together_done' => 'Tudo está numa página',
    'together_left' => 'Nem tudo se pôde pôr numa página',
    'together_apart' =>
        '{pages, plural, one {# página fica à parte.} other {# páginas ficam à parte.}} O que está nas duas não se pode juntar: um lugar na mesma lista de espera, desejos para os mesmos dias, ou a mesma reunião. Retire-o numa delas, depois prima outra vez.',
    'address_moved_link' => 'A página da escola',
    'needs_address' =>
        '{phone, select, none {Marcaram-se aqui muitas horas sem endereço de e-mail. Dê um, para que possa responder.} other {Marcaram-se aqui muitas horas sem endereço de e-mail. Dê um, para que possa responder; ou ligue para a secretaria, {phone}.}}',
    'many_wait' =>
        '{phone, select, none {Algumas horas aqui estão agora guardadas para endereços da sua rede que ainda não responderam. Prima o botão da mensagem enviada para o seu, ou tente dentro de meia hora. O que escreveu foi conservado.} other {Algumas horas aqui estão agora guardadas para endereços da sua rede que ainda não responderam. Prima o botão da mensagem enviada para o seu, ou tente dentro de meia hora; ou ligue para a secretaria, {phone}. O que escreveu foi conservado.}}',
    'good_day' => 'Bom dia,',
    'interpreter_gone' =>
        'Já ninguém interpreta na sua reunião com {name}, {when}: quem o fazia saiu, e então não há outro livre dessa língua.',
    'again_title' => 'Onde estão as minhas reuniões?',
    'again_address' => 'O endereço de e-mail com que marcou',
    'again_press' => 'Enviá-las outra vez',
    'again_sent' =>
        'Se houver algo marcado com este endereço, vai a caminho uma mensagem com as suas reuniões. Veja no seu e-mail, e também no correio não solicitado.',
    'again_back' => 'Toda a nossa equipa',
    'left' => 'Já não vem a «{title}» {when}. {visitor} pode voltar a acrescentar o seu nome.',
    'link' => [
        'kept' => 'A ligação chega quando a hora estiver marcada.',
        'asked' => 'A ligação chega quando o seu pedido for aceite.',
        'later' => 'A ligação chega mais tarde. Recebe uma mensagem quando houver.',
        'before' =>
            '{where, select, here {A ligação aparece aqui} other {A ligação aparece na página das suas reuniões}} {minutes, plural, one {# minuto} other {# minutos}} antes da reunião.',
        'called' =>
            '{where, select, here {A ligação aparece aqui} other {A ligação aparece na página das suas reuniões}} quando chegar a sua vez.',
    ],
    'key_reused' =>
        'Este formulário já foi enviado com outras respostas. Conta o primeiro. Carregue a página de novo para marcar outra hora.',
    'no_such_time' => 'Aqui não há essa hora.',
    'these_free' =>
        '{count, plural, =0 {Agora não há mais nada livre aqui.} one {{times} está livre.} other {{times} estão livres.}}',
    'guests_none' => 'Nestas reuniões não se esperam convidados.',
    'guests_enough' => 'Já vêm tantos convidados quantos podem vir.',
    'guest_already' => 'Esta pessoa já vem.',
    'find_title' => 'Encontrar uma hora',
    'board_title' => 'Fale com a nossa equipa',
    'pass_title' => 'As suas reuniões',
];
