<?php

declare(strict_types=1);

return [
    // What stands before us and says who really asks (X-Forwarded-For): addresses or networks, with commas between.
    // Nobody else is believed; and without it, all visitors behind a proxy would share its limits.
    'proxies' => array_values(array_filter(array_map(trim(...), explode(',', (string) env('RECESS_PROXIES', ''))))),
];
