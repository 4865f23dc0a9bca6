<?php

declare(strict_types=1);

return [
    'declined_heading' => 'Kommen Sie nicht? {title}, {when}',
    'declined_news' =>
        'Ihr Kalender sagt, dass Sie nicht zu diesem Gespräch mit {host} kommen. Die Zeit gehört noch Ihnen.',
    'declined_link' => 'Ihre Termine: absagen, oder alles lassen, wie es ist',
];
