<?php

declare(strict_types=1);

return [
    'moment' => 'Un momento, esto continúa solo. No se pierde nada, y nada ocurre dos veces.',
];
