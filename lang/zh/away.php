<?php

declare(strict_types=1);

return [
    'moment' => '请稍候，会自动继续。什么都不会丢失，也不会重复。',
];
