<?php

declare(strict_types=1);

namespace Recess\Rules;

/** What the rules say of one slot. */
final readonly class Verdict
{
    /** @param  list<Reason>  $reasons all that hold, the most useful first; none for a free slot */
    private function __construct(
        public State $state,
        public array $reasons,
    ) {
    }

    public static function free(): self
    {
        return new self(State::Free, []);
    }

    /** @param  non-empty-list<Reason>  $reasons */
    public static function against(array $reasons): self
    {
        return new self($reasons[0]->state, $reasons);
    }

    public function isFree(): bool
    {
        return $this->state === State::Free;
    }
}
