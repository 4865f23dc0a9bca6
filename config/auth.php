<?php

declare(strict_types=1);

return [
    'defaults' => ['guard' => 'staff'],
    'guards' => ['staff' => ['driver' => 'session', 'provider' => 'staff', 'remember' => 30 * 1440]],
    'providers' => ['staff' => ['driver' => 'eloquent', 'model' => App\Models\StaffMember::class]],
];
