<?php

declare(strict_types=1);

namespace Recess\Slots;

/** What comes of a sheet's blocks, counted and not listed. */
final readonly class Tally
{
    /**
     * @param  array<int, int>  $slots  how many on each day that has a stretch, by day number
     * @param  array<int, int>  $leftOver  seconds left over on each of them
     */
    public function __construct(public array $slots, public array $leftOver) {}

    public function all(): int
    {
        return array_sum($this->slots);
    }
}
