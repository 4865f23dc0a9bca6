<?php

declare(strict_types=1);

return [
    'declined_heading' => 'Não vem? {title}, {when}',
    'declined_news' => 'O seu calendário diz que não vem a esta reunião com {host}. A hora continua sua.',
    'declined_link' => 'As suas reuniões: desmarque-a, ou deixe tudo como está',
];
