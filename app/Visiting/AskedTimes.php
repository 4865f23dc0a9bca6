<?php

declare(strict_types=1);

namespace App\Visiting;

use App\Models\Pass;
use App\School\SavedPlace;
use Recess\Time\LocalDate;
use Recess\Time\Spans;

/** Of which times a visitor asks when all are free. */
final readonly class AskedTimes
{
    /**
     * @param  Pass|null  $pass  theirs: they are nowhere twice
     * @param  Spans|null  $own  what a calendar of theirs says
     * @param  LocalDate|null  $from  the first day; the soonest that can be where it is not said
     */
    public function __construct(
        public ?Pass $pass = null,
        public ?Spans $own = null,
        public ?SavedPlace $place = null,
        public ?LocalDate $from = null,
    ) {}
}
