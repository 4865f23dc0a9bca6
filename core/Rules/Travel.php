<?php

declare(strict_types=1);

namespace Recess\Rules;

/** How long it takes from one place to another, in minutes. */
final readonly class Travel
{
    /**
     * @param  int<0, max>  $usual  between two places of which nothing else is said
     * @param  array<string, array<string, int<0, max>>>  $between  by place and place, in either order
     * @param  list<array{from: string, to: string, minutes: int<0, max>}>  $ways  between all places that begin so, in either direction:
     *                                                                            buildings, floors; of several the one that says most
     */
    public function __construct(private int $usual, private array $between = [], private array $ways = []) {}

    /** @return int<0, max> 0 within one place, and where one of them is no place: phone, video */
    public function minutes(?string $from, ?string $to): int
    {
        if ($from === null || $to === null || $from === $to) {
            return 0;
        }

        return $this->between[$from][$to] ?? ($this->between[$to][$from] ?? ($this->way($from, $to) ?? $this->usual));
    }

    /** @return int<0, max>|null */
    private function way(string $from, string $to): ?int
    {
        $best = null;
        $said = -1;
        foreach ($this->ways as $way) {
            foreach ([[$from, $to], [$to, $from]] as [$here, $there]) {
                $length = strlen($way['from']) + strlen($way['to']);
                if ($length > $said && self::begins($here, $way['from']) && self::begins($there, $way['to'])) {
                    [$best, $said] = [$way['minutes'], $length];
                }
            }
        }

        return $best;
    }

    private static function begins(string $place, string $with): bool
    {
        return str_starts_with(mb_strtolower($place), mb_strtolower($with));
    }
}
