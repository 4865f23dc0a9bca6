<?php

declare(strict_types=1);

return [
    'moment' => 'Um momento, isto continua sozinho. Nada se perde, e nada acontece duas vezes.',
];
