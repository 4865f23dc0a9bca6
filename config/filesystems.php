<?php

declare(strict_types=1);

return [
    'default' => 'local',
    // Nothing under storage/ is for the web.
    'disks' => ['local' => ['driver' => 'local', 'root' => storage_path('app'), 'serve' => false, 'throw' => true]],
];
