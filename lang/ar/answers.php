<?php

declare(strict_types=1);

return [
    'declined_heading' => 'ألن تحضروا؟ {title}، {when}',
    'declined_news' => 'يقول تقويمكم إنكم لن تحضروا هذا اللقاء مع {host}. الموعد ما زال لكم.',
    'declined_link' => 'مواعيدكم: ألغوه، أو اتركوا كل شيء كما هو',
];
