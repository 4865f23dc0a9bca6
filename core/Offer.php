<?php

declare(strict_types=1);

namespace Recess;

use Recess\Rules\Verdict;
use Recess\Time\Span;

/** One slot of a timetable and whether it can be had. */
final readonly class Offer
{
    public function __construct(public Span $slot, public Verdict $verdict) {}
}
