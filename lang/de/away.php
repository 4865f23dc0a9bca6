<?php

declare(strict_types=1);

return [
    'moment' => 'Einen Moment, es geht von selbst weiter. Nichts ist verloren, und nichts geschieht doppelt.',
];
