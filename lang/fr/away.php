<?php

declare(strict_types=1);

return [
    'moment' => 'Un instant, cela reprend tout seul. Rien n’est perdu, et rien n’arrive deux fois.',
];
