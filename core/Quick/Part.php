<?php

declare(strict_types=1);

namespace Recess\Quick;

use Recess\Time\LocalDate;

/** Reads some of what a line can say, out of the words of a reading and into what it has gathered. */
abstract class Part
{
    protected readonly Words $words;

    protected readonly Context $context;

    protected readonly Gathered $said;

    protected readonly DateWords $dates;

    protected readonly ClockWords $clock;

    protected readonly LengthWords $lengths;

    /** The first day of the repeat, where it is known already: dates without a year count from there. */
    protected readonly ?LocalDate $from;

    public function __construct(Reading $reading)
    {
        $this->words = $reading->words;
        $this->context = $reading->context;
        $this->said = $reading->said;
        $this->dates = $reading->dates;
        $this->clock = $reading->clock;
        $this->lengths = $reading->lengths;
        $this->from = $reading->from;
    }
}
