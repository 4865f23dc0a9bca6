<?php

declare(strict_types=1);

return [
    'declined_heading' => 'Ви не прийдете? {title}, {when}',
    'declined_news' => 'Ваш календар каже, що ви не прийдете на цю зустріч ({host}). Час усе ще ваш.',
    'declined_link' => 'Ваші зустрічі: скасуйте її або залиште все, як є',
];
