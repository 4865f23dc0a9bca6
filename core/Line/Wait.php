<?php

declare(strict_types=1);

namespace Recess\Line;

/** When somebody is called in, as far as one can know: an instant that is expected, and two between which it probably is. */
final readonly class Wait
{
    private function __construct(public int $expected, public int $from, public int $until) {}

    /** @param  float  $spread  standard deviation in seconds */
    public static function about(int $expected, float $spread, int $now): self
    {
        // Whoever is told too late a time walks away and is not there: what is said begins early rather than late.
        return new self(
            $expected,
            max($now, (int) round($expected - 1.3 * $spread)),
            max($now, (int) round($expected + 1.0 * $spread)),
        );
    }

    /**
     * What is said after something else was said: that, as long as it is still true and not much too vague.
     *
     * @param  int|null  $from  and until: what was said last, as instants
     */
    public function after(?int $from, ?int $until, int $now): self
    {
        if ($from === null || $until === null) {
            return $this;
        }
        $stillTrue = $this->expected >= $from && $this->expected <= $until && $until > $now;
        $tooVague = $until - max($from, $now) > 2 * max(180, $this->until - $this->from);

        return $stillTrue && !$tooVague ? new self($this->expected, max($now, $from), $until) : $this;
    }

    /** @return array{int, int} minutes from now, rounded as one says them: by fives where it is far off */
    public function minutes(int $now): array
    {
        $low = max(0, intdiv($this->from - $now, 60));
        $high = max(0, intdiv($this->until - $now + 59, 60));
        $step = $high > 12 ? 5 : 1;

        return [intdiv($low, $step) * $step, intdiv($high + $step - 1, $step) * $step];
    }
}
