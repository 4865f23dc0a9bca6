<?php

declare(strict_types=1);

return [
    'declined_heading' => '¿No viene? {title}, {when}',
    'declined_news' => 'Su calendario dice que no viene a esta reunión con {host}. La hora sigue siendo suya.',
    'declined_link' => 'Sus citas: cancélela, o déjelo todo como está',
];
