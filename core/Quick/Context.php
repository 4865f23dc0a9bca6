<?php

declare(strict_types=1);

namespace Recess\Quick;

use Recess\Time\DateRange;
use Recess\Time\LocalDate;

/** What a quick line may leave unsaid. */
final readonly class Context
{
    /** @param  array<string, DateRange>  $terms the school's terms by name, in lower case: "autumn term" */
    public function __construct(
        /** Dates without a year are the next such date from here; a repeat without a first date begins here. */
        public LocalDate $today,
        public array $terms = [],
    ) {
    }
}
