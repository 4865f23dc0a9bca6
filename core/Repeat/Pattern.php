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
}
