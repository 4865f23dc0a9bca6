<?php

declare(strict_types=1);

return [
    'moment' => 'لحظة، يستمر الأمر من تلقاء نفسه. لا يضيع شيء ولا يحدث شيء مرتين.',
];
