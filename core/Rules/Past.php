<?php

declare(strict_types=1);

namespace Recess\Rules;

use Recess\Time\Span;
use Recess\World;

/** A slot that has begun cannot be booked any more. */
final readonly class Past implements Clear, Rule
{
    public function against(Span $slot, World $world): ?Reason
    {
        return $slot->start <= $world->now ? new Reason(Because::Past, State::Past) : null;
    }

    public function clear(World $world): array
    {
        return [$world->now + 1, PHP_INT_MAX];
    }
}
