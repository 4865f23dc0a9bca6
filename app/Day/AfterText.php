<?php

declare(strict_types=1);

namespace App\Day;

use App\Models\Outcome;

/** What is written afterwards, and to whom of a day: all who came, or all who did not. */
final readonly class AfterText
{
    public function __construct(
        public Outcome $to,
        /** As YYYY-MM-DD, as the desk has it. */
        public string $date,
        public string $subject,
        public string $text,
    ) {}
}
