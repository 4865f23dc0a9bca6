<?php

declare(strict_types=1);

return [
    'moment' => 'Chwileczkę, to samo ruszy dalej. Nic nie przepadnie i nic nie stanie się dwa razy.',
];
