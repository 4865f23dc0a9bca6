<?php

declare(strict_types=1);

namespace Recess\Calendars;

use Recess\Time\Span;
use Recess\Time\Spans;

/** What a calendar says of when its owner is busy. */
final readonly class BusyTimes
{
    /**
     * @param  list<array{Span, string}>  $entries  each with its title, which is its owner's business only
     * @param  list<Skipped>  $skipped
     */
    public function __construct(public Spans $busy, public array $entries, public array $skipped) {}
}
