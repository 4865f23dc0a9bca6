<?php

declare(strict_types=1);

namespace Recess\Slots;

use Recess\Time\Hours;

/** The hours of one date: a stretch, or several with breaks between. Cutting starts anew after a break. */
final readonly class Stretches implements \Stringable
{
    /** @param  non-empty-list<Hours>  $hours in order; none overlaps the next */
    private function __construct(public array $hours) {}

    /** @throws SlotsNotValid when two overlap */
    public static function of(Hours $first, Hours ...$more): self
    {
        $hours = [$first, ...array_values($more)];
        usort($hours, static fn(Hours $a, Hours $b): int => $a->from->minute <=> $b->from->minute);
        for ($i = 1; $i < count($hours); $i++) {
            if ($hours[$i]->from->minute < $hours[$i - 1]->from->minute + $hours[$i - 1]->minutes) {
                throw SlotsNotValid::stretchesOverlap($hours[$i - 1], $hours[$i]);
            }
        }

        return new self($hours);
    }

    /** The longest, in minutes. */
    public function longest(): int
    {
        return max(array_map(static fn(Hours $hours): int => $hours->minutes, $this->hours));
    }

    public function __toString(): string
    {
        return implode(' ', array_map(strval(...), $this->hours));
    }
}
