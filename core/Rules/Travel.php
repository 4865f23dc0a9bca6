<?php

declare(strict_types=1);

namespace Recess\Rules;

/** How long it takes from one place to another, in minutes. */
final readonly class Travel
{
    /** Where one meets by video: a quiet corner, wherever one happens to be. */
    public const VIDEO = '/video';

    /**
     * @param  int<0, max>  $usual  between two places of which nothing else is said
     * @param  array<string, array<string, int<0, max>>>  $between  by place and place, in either order
     * @param  list<array{from: string, to: string, minutes: int<0, max>}>  $ways  between all places that begin so, in either direction:
     *                                                                            buildings, floors; of several the one that says most
     * @param  int<0, max>  $quiet  between any place and the quiet corner in which one meets by video
     */
    public function __construct(
        private int $usual,
        private array $between = [],
        private array $ways = [],
        private int $quiet = 0,
    ) {}

    /** @return int<0, max> 0 within one place, from one video meeting to the next, and where one of them is no place: on the phone */
    public function minutes(?string $from, ?string $to): int
    {
        if ($from === null || $to === null || $from === $to) {
            return 0;
        }
        if ($from === self::VIDEO || $to === self::VIDEO) {
            return $this->quiet;
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
