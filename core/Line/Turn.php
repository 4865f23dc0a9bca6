<?php

declare(strict_types=1);

namespace Recess\Line;

use Recess\Time\Span;

/** Somebody's turn with a host: when it was planned, and what has happened to it so far. */
final readonly class Turn
{
    /**
     * @param  Span|null  $planned  null for somebody who just came in
     * @param  int  $seconds  that are meant for it
     * @param  int|null  $arrived  the instant at which they said that they are here
     * @param  int|null  $called  at which they were called in
     * @param  int|null  $ended  at which it was over
     * @param  bool  $gone  it will not be, or is no longer waited for
     */
    private function __construct(
        public int $id,
        public ?Span $planned,
        public int $seconds,
        public ?int $arrived,
        public ?int $called,
        public ?int $ended,
        public bool $gone,
    ) {}

    /** @param  int  $more  seconds that were given beyond the plan */
    public static function of(
        int $id,
        Span $planned,
        ?int $arrived = null,
        ?int $called = null,
        ?int $ended = null,
        bool $gone = false,
        int $more = 0,
    ): self {
        return new self($id, $planned, $planned->seconds() + $more, $arrived, $called, $ended, $gone);
    }

    public static function withoutBooking(
        int $id,
        int $seconds,
        int $arrived,
        ?int $called = null,
        ?int $ended = null,
        bool $gone = false,
    ): self {
        return new self($id, null, $seconds, $arrived, $called, $ended, $gone);
    }

    public function isUnderWay(): bool
    {
        return $this->called !== null && $this->ended === null && !$this->gone;
    }

    public function isAhead(): bool
    {
        return $this->called === null && $this->ended === null && !$this->gone;
    }

    /** Whether somebody is there for it and waits. */
    public function waits(): bool
    {
        return $this->isAhead() && $this->arrived !== null;
    }

    /** Its place in the order of the day: by plan; whoever just came in stands where they came. */
    public function order(): int
    {
        return $this->planned->start ?? (int) $this->arrived;
    }

    /** Whether its time has come so long ago, in seconds, and nobody is there. */
    public function isMissing(int $now, int $after): bool
    {
        return $this->isAhead() &&
            $this->arrived === null &&
            $this->planned !== null &&
            $now >= $this->planned->start + $after;
    }
}
