<?php

declare(strict_types=1);

namespace Recess\Rules;

use Recess\Time\Span;

/** A slot that has begun cannot be booked any more. */
final readonly class Past implements Rule
{
    public function against(Span $slot, Situation $situation): ?Reason
    {
        return $slot->start <= $situation->now ? new Reason(Because::Past, State::Past) : null;
    }
}
