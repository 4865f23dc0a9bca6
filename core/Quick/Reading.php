<?php

declare(strict_types=1);

namespace Recess\Quick;

use Recess\Time\LocalDate;

/** One reading of one part of a line: its words, what it has said so far, and the readers of small things. */
final readonly class Reading
{
    public Gathered $said;

    public DateWords $dates;

    public ClockWords $clock;

    public LengthWords $lengths;

    /** @param  LocalDate|null  $from  the first day that the line says, where that is known from an earlier reading */
    public function __construct(
        public Words $words,
        public Context $context,
        public Forks $forks,
        public ?LocalDate $from = null,
    ) {
        $this->said = new Gathered();
        $this->dates = new DateWords($words, $context, $forks, $context->today);
        $this->clock = new ClockWords($words);
        $this->lengths = new LengthWords($words);
    }
}
