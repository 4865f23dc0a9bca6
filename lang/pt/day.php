<?php

declare(strict_types=1);

return [
    'here_early' =>
        'É cedo demais: a partir das {time} de {date} pode dizer que está aqui. Nada se perde; volte então.',
    'here_off' => 'Esta reunião está desmarcada.',
    'here_over' => 'Esta reunião terminou.',
    'no_word' => 'Já não há nada a que responder.',
    'offer_answered' => 'Essa oferta já teve resposta, ou o prazo passou. Nada foi mudado.',
    'offer_gone' => 'Essa hora já não é oferecida. As suas outras reuniões estão como estavam.',
    'offer_open' => '{time} é oferecida, e guardada até {until}.',
    'late_heading' =>
        '{minutes, plural, =0 {{host} está de novo a horas} one {{host} tem cerca de # minuto de atraso} other ' .
        '{{host} tem cerca de # minutos de atraso}}',
    'late_news' =>
        '{minutes, plural, =0 {{host} está de novo a horas. A sua reunião começa às {time}, como previsto.} one ' .
        '{{host} tem hoje cerca de # minuto de atraso. A sua reunião começa por volta das {time}. A sua hora ' .
        'continua sua.} other {{host} tem hoje cerca de # minutos de atraso. A sua reunião começa por volta das ' .
        '{time}. A sua hora continua sua.}}',
    'late_link' => 'As suas reuniões: quanto demora, como está agora',
    'late_text' =>
        '{minutes, plural, =0 {{school}: {host} está de novo a horas. A sua reunião começa às {time}.} one ' .
        '{{school}: {host} tem cerca de # minuto de atraso. A sua reunião começa por volta das {time}.} other ' .
        '{{school}: {host} tem cerca de # minutos de atraso. A sua reunião começa por volta das {time}.}}',
    'offer_heading' => '{host} oferece-lhe outra hora',
    'offer_news' => '{host} oferece-lhe {time}. Fica guardada para si até {until}. Abra as suas reuniões para a tomar.',
    'offer_instead' => 'Depois desta reunião',
    'offer_link' => 'Tomar esta hora, ou dizer que não',
    'offer_text' => '{host} oferece-lhe {time}. Abra as suas reuniões para a tomar: {link}',
    'kiosk_title' => 'Chegada: {school}',
    'kiosk_too_often' =>
        'Foram muitas tentativas neste tablet. Pergunte na secretaria, ou tente dentro de dez minutos.',
    'kiosk_no_code' => 'Hoje nada se encontra com este código. Veja se está completo, ou procure-se por nome e hora.',
    'kiosk_no_name' =>
        'Ninguém com esse nome tem reunião a essa hora, ou ainda não está perto. Escreva o nome inteiro como foi ' .
        'marcado, o seu ou o do aluno; ou pergunte na secretaria.',
    'kiosk_time' => 'Escreva a hora da reunião, por exemplo {time}.',
    'after_link' => 'As suas reuniões',
    'plain_ahead' => 'A partir das {time} pode dizer aqui que chegou.',
    'plain_here' => 'Estou aqui',
    'plain_waits' =>
        '{host} sabe que está aqui. {wait, plural, =0 {} one {É a sua vez dentro de # minuto.} other {É a sua vez ' .
        'dentro de # minutos.}} Carregue esta página de novo para ver como está.',
    'plain_called' => 'Faça o favor de entrar.',
    'plain_late' => '{host} tem cerca de {minutes, plural, one {# minuto} other {# minutos}} de atraso.',
    'plain_word' => '{host}: «{word}»',
    'ahead_minutes' => 'dentro de {minutes, plural, one {# minuto} other {# minutos}}',
    'ahead_today' => 'hoje às {time}',
    'ahead_tomorrow' => 'amanhã às {time}',
    'ahead_date' => '{date}',
    'wait_now' => 'É a sua vez a qualquer momento.',
    'wait_about' => 'É a sua vez dentro de cerca de {high, plural, one {# minuto} other {# minutos}}.',
    'wait_within' => 'É a sua vez dentro de {high, plural, one {# minuto} other {# minutos}} no máximo.',
    'wait_between' =>
        'É a sua vez dentro de {low, number, integer} a {high, plural, one {# minuto} other {# minutos}}.',
    'see_the_way' => 'Ver o caminho: {place}',
    'the_way' => 'O caminho: {place}',
    'kiosk_head' => '{school}, {day}',
    'kiosk_no_camera' => 'A câmara deste tablet não pode ser usada. Escreva o código, ou o seu nome e a hora.',
    'kiosk_yours' => 'As suas reuniões de hoje',
    'kiosk_with' => '<time>{at}</time> com {host}',
    'kiosk_known' => '{host} sabe que está aqui.',
    'kiosk_go_in' => 'Faça o favor de entrar.',
    'kiosk_missed' => '{host} esperou e continuou. Diga que está aqui; se houver um momento, encontra-se.',
    'kiosk_here' => 'Estou aqui',
    'kiosk_ahead' => 'A partir das {at} pode dizer aqui que chegou.',
    'kiosk_over' => 'Esta reunião terminou.',
    'kiosk_late' => '{host} tem cerca de {minutes, plural, one {# minuto} other {# minutos}} de atraso.',
    'kiosk_done' => 'Pronto',
    'kiosk_forgets' => 'Esta página apaga os seus dados dentro de momentos.',
    'kiosk_question' => 'Veio para uma reunião?',
    'kiosk_code' => 'O código das suas reuniões ou do seu cartão',
    'kiosk_find' => 'Procurar-me',
    'kiosk_camera_sees' => 'O que a câmara vê',
    'kiosk_hold' => 'Ponha o código QR das suas reuniões ou do seu cartão diante da câmara.',
    'kiosk_no_picture' => 'Sem a câmara',
    'kiosk_show' => 'Mostrar o quadrado à câmara',
    'kiosk_name' => 'Ou o nome inteiro, o seu ou o do aluno',
    'kiosk_and_time' => 'e a hora da reunião, quando estiver perto',
    'kiosk_like' => 'por exemplo {time}',
    'kiosk_who_is_where' => 'Quem está onde',
    'kiosk_host' => '{known, select, yes {<bold>{host}</bold>: {places}} other {<bold>{host}</bold>}}',
    'kiosk_about_late' => 'cerca de {minutes, plural, one {# minuto} other {# minutos}} de atraso',
    'kiosk_nobody' => 'Hoje já ninguém tem reuniões.',
];
