<?php

declare(strict_types=1);

namespace Recess\Repeat;

use Recess\Time\LocalDate;

/** On which dates a block falls. */
interface Pattern
{
    /**
     * The dates in order, each once.
     *
     * @param  LocalDate  $from  the first date asked about
     * @param  LocalDate  $before  the first date no longer asked about
     * @return list<LocalDate>
     */
    public function dates(LocalDate $from, LocalDate $before): array;

    /** A date on or before the first on which the block falls. */
    public function first(): LocalDate;

    /** A date on or after the last; null where there is no last. */
    public function last(): ?LocalDate;

    /** The same up to the day before that date; null when nothing is left. */
    public function endingBefore(LocalDate $date): ?self;

    /** The same from that date on, with what is left of a count; null when nothing is left. */
    public function startingAt(LocalDate $date): ?self;
}
