<?php

declare(strict_types=1);

namespace Recess\Rules;

/** How long it takes from one place to another, in minutes. */
final readonly class Travel
{
    /**
     * @param  int<0, max>  $usual  between two places of which nothing else is said
     * @param  array<string, array<string, int<0, max>>>  $between  by place and place, in either order
     */
    public function __construct(private int $usual, private array $between = [])
    {
    }

    /** @return int<0, max> 0 within one place, and where one of them is no place: phone, video */
    public function minutes(?string $from, ?string $to): int
    {
        if ($from === null || $to === null || $from === $to) {
            return 0;
        }

        return $this->between[$from][$to] ?? $this->between[$to][$from] ?? $this->usual;
    }
}
