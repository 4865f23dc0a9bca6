<?php

declare(strict_types=1);

namespace App\Timetables;

use Recess\Time\Span;
use Recess\Timetable;

/** The first free time of a sheet; where there is none, when it opens, or whether anything is still to come. */
final readonly class Soonest
{
    public function __construct(
        public ?Span $free = null,
        /** The instant at which something can be had. */
        public ?int $opens = null,
        /** Whether some times are to come, taken or not. */
        public bool $toCome = false,
    ) {}

    /** With what a further look has found. */
    public function or(?Span $free, Timetable $timetable): self
    {
        if ($free !== null || $timetable->pieces === []) {
            return new self($free, $this->opens, $this->toCome);
        }
        $opens = array_filter([$this->opens, $timetable->opensAt()], is_int(...));

        return new self(null, $opens === [] ? null : min($opens), $this->toCome || $timetable->isToCome());
    }
}
