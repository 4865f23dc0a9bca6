<?php

declare(strict_types=1);

return [
    'declined_heading' => '您不来吗？{title}，{when}',
    'declined_news' => '您的日历表示您不参加与{host}的这次面谈。这个时间仍是您的。',
    'declined_link' => '您的预约：取消，或保持不变',
];
