<?php

declare(strict_types=1);

return [
    'frame_about' => 'مع {host}. الأوقات: {zone}. متاح: {free, number, integer}.',
    'free_times' => 'المواعيد المتاحة',
    'see_all_times' => 'عرض كل المواعيد',
];
