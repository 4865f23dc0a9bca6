<?php

declare(strict_types=1);

return [
    'must' => '{names} {count, plural, one {tem} other {têm}} de estar.',
    'any' => 'Pode receber em seu lugar: {names}.',
    'manage' => '{names} {count, plural, one {cuida} other {cuidam}} dela.',
    'told_must' =>
        '{owner} pôs o seu nome em «{title}» como alguém que tem de estar: cada marcação ocupa também o seu tempo. Se não puder, diga-o na página.',
    'told_any' =>
        '{owner} pôs o seu nome em «{title}» como alguém que pode receber em seu lugar: pode marcar-se consigo. Se não puder, diga-o na página.',
    'asked_must' => 'Tem de estar nestas reuniões.',
    'asked_any' => 'Estas reuniões podem ser consigo.',
    'refused' =>
        '{name} não pode estar em «{title}» e já não consta.{meetings, plural, =0 {} one { Uma reunião futura realiza-se sem essa pessoa.} other { # reuniões futuras realizam-se sem essa pessoa.}}',
    'sheet' => 'A folha',
    'owner_names' => 'Quem mais está nesta folha di-lo {owner}, de quem é, ou a secretaria. Tudo o resto pode alterar.',
];
