<?php

declare(strict_types=1);

return [
    // The demo opens the mailroom to everybody and prints its sign-ins. Never on where real families book.
    'demo' => (bool) env('RECESS_DEMO', false),

    // From one network address. A whole school may sit behind one, so these stop floods, not families.
    'visitor_writes_per_minute' => (int) env('RECESS_VISITOR_WRITES_PER_MINUTE', 120),
    'pass_reads_per_minute' => (int) env('RECESS_PASS_READS_PER_MINUTE', 300),
];
