<?php

declare(strict_types=1);

return [
    'paths' => [base_path('web/views')],
    'compiled' => storage_path('framework/views'),
];
