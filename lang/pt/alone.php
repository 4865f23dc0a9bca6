<?php

declare(strict_types=1);

return [
    'title' => 'Começar por conta própria',
    'first_title' => 'Aulas',
    'asked' => 'Uma mensagem está a caminho. Abra o endereço que ela traz dentro de um dia, e começa.',
    'heading' => 'Comece com a sua própria página',
    'news' =>
        'Alguém (esperamos que seja quem lê esta mensagem) quer publicar horas com este endereço. A página seguinte pergunta as suas horas, e depois tem uma página sua. Se o pedido não foi seu, não faça nada: nada é guardado.',
    'link' => 'Começar',
    'known_heading' => 'Já tem uma conta',
    'known_news' =>
        'Alguém (esperamos que seja quem lê esta mensagem) quis começar com este endereço. Já tem uma conta: entre, ou peça lá uma nova palavra-passe.',
    'known_link' => 'Entrar',
];
