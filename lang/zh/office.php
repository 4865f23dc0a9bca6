<?php

declare(strict_types=1);

return [
    'frame_about' => '{host}。所示为{zone}。{free, number, integer} 个空闲。',
    'free_times' => '空闲时间',
    'see_all_times' => '查看所有时间',
];
