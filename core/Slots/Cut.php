<?php

declare(strict_types=1);

namespace Recess\Slots;

use Recess\Time\Span;

/** How a stretch becomes slots: their length and the gap between two of them, both in minutes. */
final readonly class Cut
{
    /**
     * @param  positive-int  $minutes
     * @param  int<0, max>  $gap
     */
    private function __construct(public int $minutes, public int $gap) {}

    /** @throws SlotsNotValid */
    public static function of(int $minutes, int $gap = 0): self
    {
        if ($minutes < 1 || $minutes > 1440) {
            throw SlotsNotValid::length($minutes);
        }
        if ($gap < 0 || $gap > 1440) {
            throw SlotsNotValid::gap($gap);
        }

        return new self($minutes, $gap);
    }

    /** Cuts from the start of the stretch on, in elapsed time; what is too short for a slot is left over at the end. */
    public function pieces(Span $stretch): Pieces
    {
        $slots = Span::row($stretch->start, $stretch->end, $this->minutes * 60, ($this->minutes + $this->gap) * 60);

        return new Pieces($stretch, $slots, $this->leftOver($stretch));
    }

    /** How many slots come of a stretch, without making them. */
    public function count(Span $stretch): int
    {
        $left = $stretch->end - $stretch->start - $this->minutes * 60;

        return $left < 0 ? 0 : intdiv($left, ($this->minutes + $this->gap) * 60) + 1;
    }

    /** The seconds between the end of the last slot and the end of a stretch. */
    public function leftOver(Span $stretch): int
    {
        $slots = $this->count($stretch);
        $used = $slots === 0 ? 0 : $slots * $this->minutes * 60 + ($slots - 1) * $this->gap * 60;

        return $stretch->end - $stretch->start - $used;
    }
}
