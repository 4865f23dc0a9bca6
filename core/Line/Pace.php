<?php

declare(strict_types=1);

namespace Recess\Line;

/**
 * How long meetings with this host take today, beside what was meant for them: what is usual, and more and more what was
 * seen. Spreads are common practice of waiting lines, with no published source for schools.
 */
final readonly class Pace
{
    /** As many meetings of the usual length count before any was seen. */
    private const USUAL = 2.0;

    /** The part of its length by which a meeting is mostly longer or shorter. */
    private const SPREAD = 0.3;

    /** Seconds in which one goes and the next comes in. */
    private const BETWEEN = 30;

    private function __construct(private float $ratio) {}

    /** @param  list<Turn>  $turns */
    public static function of(array $turns): self
    {
        $meant = $took = 0.0;
        $number = 0;
        foreach ($turns as $turn) {
            // Who was in for a moment only was not met: a slip of the finger, or the wrong one.
            if ($turn->called !== null && $turn->ended !== null && !$turn->gone && $turn->ended - $turn->called > 60) {
                $meant += $turn->seconds;
                $took += min($turn->ended - $turn->called, 2 * $turn->seconds);
                $number++;
            }
        }
        $usual = $number === 0 ? 1.0 : (self::USUAL * $meant) / $number;

        return new self(max(0.5, min(2.5, ($took + $usual) / ($meant + $usual))));
    }

    /** Seconds that a meeting probably takes, with the change to the next one. */
    public function takes(Turn $turn): float
    {
        return $turn->seconds * $this->ratio + self::BETWEEN;
    }

    /** Standard deviation of that, in seconds. */
    public function spread(Turn $turn): float
    {
        return $turn->seconds * $this->ratio * self::SPREAD;
    }

    /**
     * Seconds that a meeting which has lasted so long probably still takes: less and less, and never nothing. That of a
     * normal distribution cut off at what has passed, of which this is within a tenth.
     */
    public function left(Turn $turn, int $lasted): float
    {
        $spread = max(1.0, $this->spread($turn));
        $over = ($lasted - $this->takes($turn)) / $spread;

        return ($spread * (sqrt($over * $over + 2.55) - $over)) / 2;
    }
}
