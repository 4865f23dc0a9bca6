<?php

declare(strict_types=1);

// What is said while the machine that keeps the times is away for a moment.
return [
    'moment' => 'A moment, this goes on by itself. Nothing is lost, and nothing happens twice.',
];
