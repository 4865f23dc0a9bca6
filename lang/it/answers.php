<?php

declare(strict_types=1);

return [
    'declined_heading' => 'Non viene? {title}, {when}',
    'declined_news' => 'Il Suo calendario dice che non viene a questo colloquio con {host}. L’orario è ancora Suo.',
    'declined_link' => 'I Suoi colloqui: lo disdica, o lasci tutto com’è',
];
