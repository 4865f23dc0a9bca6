<?php

declare(strict_types=1);

namespace Recess\Rules;

use Recess\Time\Span;
use Recess\World;

/** Whoever asks needs an interpreter, and is met only when one of their language is free all along. */
final readonly class Interpreted implements Rule
{
    /** @param  list<list<Span>>  $free  when each of them is */
    public function __construct(private array $free) {}

    public function against(Span $slot, World $world): ?Reason
    {
        foreach ($this->free as $one) {
            if ($slot->liesInOneOf($one)) {
                return null;
            }
        }

        return new Reason(Because::NoInterpreter, State::Taken);
    }
}
