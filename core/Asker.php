<?php

declare(strict_types=1);

namespace Recess;

use Recess\Rules\Claims;
use Recess\Time\Span;

/** Who asks what can be had, as far as they are known. */
final readonly class Asker
{
    private function __construct(
        /** To the host a paused sheet shows its times, and nobody is elsewhere. */
        public bool $isHost,
        /** What the visitor has booked. */
        public Claims $visitor,
        /** What is booked about the student. */
        public Claims $student,
        /** The number of the place they have chosen; null while any will do. */
        public ?int $place,
        /** How many slots in a row the meeting takes: some are met for longer. */
        public int $times = 1,
        /** @var list<list<Span>>|null when each interpreter of their language is free; null where they need none */
        public ?array $interpreters = null,
    ) {}

    public static function host(): self
    {
        return new self(true, new Claims(), new Claims(), null);
    }

    public static function anybody(): self
    {
        return self::known(new Claims(), new Claims());
    }

    /** @param  list<list<Span>>|null  $interpreters */
    public static function known(
        Claims $visitor,
        Claims $student,
        ?int $place = null,
        int $times = 1,
        ?array $interpreters = null,
    ): self {
        return new self(false, $visitor, $student, $place, $times, $interpreters);
    }

    /** Whether what is said to them is what would be said to anybody. */
    public function isAnybody(): bool
    {
        return $this->visitor->isNone() &&
            $this->student->isNone() &&
            $this->times === 1 &&
            $this->interpreters === null;
    }
}
