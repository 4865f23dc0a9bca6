<?php

declare(strict_types=1);

return [
    'defaults' => ['guard' => 'staff'],
    'guards' => ['staff' => ['driver' => 'session', 'provider' => 'staff']],
    'providers' => ['staff' => ['driver' => 'eloquent', 'model' => App\Models\StaffMember::class]],
];
