<?php

declare(strict_types=1);

return [
    'title' => 'Entrada',
    'wrong' => 'O e-mail e a palavra-passe não condizem. Verifique ambos, ou peça em baixo uma nova palavra-passe.',
    'too_often' => 'Isso foi tentado vezes demais. Espere um minuto e tente de novo.',
    'too_often_hour' =>
        'Isso foi tentado vezes demais, de vários sítios. Espere uma hora, ou peça uma nova palavra-passe por mensagem.',
    'second_title' => 'Mais uma coisa',
    'begin_anew' => 'Demorou demasiado. Entre de novo.',
    'code_wrong' =>
        'Este código não está certo, ou já foi usado. Use o que o telefone mostra agora, ou um dos que tem em papel.',
    'second_on' => 'Já há um segundo fator ligado. Desligue-o primeiro.',
    'second_off' => 'Não há segundo fator para o qual ter códigos.',
    'second_wanted' => 'A sua escola pede um segundo fator à secretaria. Instale-o primeiro, em «Entrada».',
    'prove' => 'Mostre mais uma vez que é a própria pessoa.',
    'letter_said' =>
        'Se existe uma conta com este endereço, e a escola o permite, uma mensagem está a caminho. Serve para entrar uma vez, dentro de dez minutos.',
    'come_title' => 'Entrar',
    'not_in' => 'Não tem sessão aberta',
    'new_subject' => 'Pessoal',
    'oidc_down' =>
        'De momento não há resposta de {service}. Tente de novo dentro de um minuto, ou entre aqui com a sua palavra-passe.',
    'oidc_untrusted' =>
        'Não se pode confiar na resposta de {service}, por isso ninguém entrou. Comece de novo; se voltar a acontecer, diga a quem cuida do servidor.',
    'oidc_begin_anew' => 'Demorou demasiado, ou foi começado noutra janela. Comece de novo.',
    'oidc_not_there' => '{service} não deu entrada.',
    'oidc_no_address' =>
        '{service} não diz que verificou o seu e-mail, por isso não sabemos quem está aqui. Entre com a sua palavra-passe, ou pergunte na secretaria.',
    'oidc_unknown' => '{email} não está aqui na lista do pessoal. Peça à secretaria um convite para este endereço.',
    'letter_heading' => 'Entrar',
    'letter_news' =>
        'Alguém (esperamos que seja quem lê esta mensagem) quer entrar por mensagem. O endereço abaixo abre uma só vez, até {until}. Se o pedido não foi seu, não faça nada.',
    'letter_link' => 'Entrar',
    'factor_on_heading' => 'Há um segundo fator ligado',
    'factor_on_news' =>
        'A sua conta pede a partir de agora um segundo fator. Se não foi a seu pedido, avise já a secretaria.',
    'factor_on_link' => 'Entrar',
    'factor_off_heading' => 'O segundo fator está desligado',
    'factor_off_news' =>
        'A sua conta já não pede segundo fator. Se não foi a seu pedido, escolha já outra palavra-passe com «Palavra-passe esquecida» na página de entrada, e avise a secretaria.',
    'factor_off_link' => 'Entrar',
    'passkey_late' => 'Demorou demasiado. Prima de novo.',
    'passkey_refused' =>
        'Esta chave de acesso não foi aceite, e ninguém entrou. Prima de novo; se voltar a acontecer, entre com a sua palavra-passe.',
    'passkey_unknown' =>
        'Esta chave de acesso já não abre nenhuma conta aqui. Entre com a sua palavra-passe, e crie outra em «Entrada».',
    'passkey_not_made' =>
        'O que a sua máquina criou não pode ser usado aqui, e nada foi alterado. Prima de novo, ou use outra máquina.',
    'passkey_no_name' =>
        'As chaves de acesso precisam do endereço próprio da escola, com nome e https. Abra o Recess lá.',
    'passkey_most' => 'Tem {most, number} chaves de acesso. Retire uma primeiro.',
    'passkey_there' => 'Esta chave de acesso já existe.',
    'passkey_on_heading' => 'Tem uma nova chave de acesso',
    'passkey_on_news' =>
        'A sua conta abre a partir de agora com a chave de acesso «{name}». Se não foi a seu pedido, retire-a já em «Entrada», escolha outra palavra-passe, e avise a secretaria.',
    'passkey_on_link' => 'Entrar',
    'passkey_off_heading' => 'Uma chave de acesso foi retirada',
    'passkey_off_news' =>
        'A chave de acesso «{name}» já não abre a sua conta. Se não foi a seu pedido, escolha já outra palavra-passe com «Palavra-passe esquecida» na página de entrada, e avise a secretaria.',
    'passkey_off_link' => 'Entrar',
    'in_title' => 'Entrar',
    'account_of_the_school' => 'a conta da escola',
    'back' => 'Voltar à entrada',
    'forgotten' => 'Palavra-passe esquecida',
    'forgotten_what' => 'Recebe uma mensagem com um endereço onde escolher uma nova.',
    'email' => 'Endereço de e-mail',
    'send_letter' => 'Enviar-me a mensagem',
];
