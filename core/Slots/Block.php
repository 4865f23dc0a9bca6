<?php

declare(strict_types=1);

namespace Recess\Slots;

use Recess\Repeat\Pattern;
use Recess\Time\Hours;
use Recess\Time\LocalDate;
use Recess\Time\Zone;

/** A stretch of clock time on the dates of a pattern, and how it is cut. */
final readonly class Block
{
    private function __construct(
        public Pattern $pattern,
        public Hours $hours,
        public Cut $cut,
    ) {
    }

    /** @throws SlotsNotValid when not one slot fits */
    public static function of(Pattern $pattern, Hours $hours, Cut $cut): self
    {
        if ($cut->minutes > $hours->minutes) {
            throw SlotsNotValid::longerThanHours($cut->minutes, $hours);
        }

        return new self($pattern, $hours, $cut);
    }

    /**
     * What the block makes on the pattern's dates, in order.
     *
     * @return list<Pieces>
     */
    public function pieces(LocalDate $from, LocalDate $before, Zone $zone): array
    {
        $all = [];
        foreach ($this->pattern->dates($from, $before) as $date) {
            $stretch = $this->hours->on($date, $zone);
            if ($stretch !== null) {
                $all[] = $this->cut->pieces($stretch);
            }
        }

        return $all;
    }
}
