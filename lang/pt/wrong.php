<?php

declare(strict_types=1);

return [
    'early' => 'Reuniões às {time} são de madrugada.',
    'make_it' => 'Passar para as {time}',
    'endless' => 'Isto repete-se sem fim.',
    'end_it' => 'Terminar em {date}',
    'closed' => 'A escola está fechada em {dates}, por isso não há reunião.',
    'take_out' => '{days, plural, one {Retirá-lo} other {Retirá-los}}',
    'across' =>
        'Isto cruza-se com a sua folha «{sheet}» em {date}, das {from} às {until}. O que for marcado primeiro ocupa a hora em ambas.',
    'too_soon' => 'Não resta nenhuma hora que se possa marcar: todas são antes do que as regras permitem.',
    'nothing_left' => 'Tal como está, não se pode marcar nenhuma hora.',
    'until_an_hour' => 'Deixar marcar até uma hora antes',
    'room_used' => '{room} é usada por outra pessoa em {date} às {from}.',
    'room_promised' => '{room} está também na folha «{sheet}» de {host}: em {date}, das {from} às {until}.',
    'use_link' => 'Usar {link}',
    'link_password' =>
        'Esta ligação leva um nome de utilizador ou uma palavra-passe que qualquer pessoa que a receba poderia ler.',
    'link_session' =>
        'Esta ligação leva a sua própria sessão («{name}»). Morre com ela, ou deixa outros agir em seu nome.',
    'link_host' => 'Esta ligação leva a chave de quem recebe («{name}»): quem a tem é quem recebe.',
    'link_expires' => 'Esta ligação deixa de funcionar ao fim de algum tempo («{name}»).',
    'link_entrance' => 'Isto parece a entrada própria de quem recebe. Copie a ligação destinada aos convidados.',
    'link_shared' => 'Esta ligação está também na folha «{sheet}»: quem a tiver de lá pode entrar nestas reuniões.',
    'no_picture' => 'Esta não é uma imagem que se possa usar. Escolha um ficheiro PNG, JPEG ou WebP.',
    'picture_unread' => 'Esta imagem não se consegue ler. Guarde-a de novo, em PNG ou JPEG, e tente outra vez.',
];
