<?php

declare(strict_types=1);

namespace App\Publishing;

use Recess\Changes\Within;

/** What becomes of the bookings that an edit touches, as the writer has chosen it. */
final readonly class Settlement
{
    /** @param  array<int, array{do: string, to: int|null}>  $choices  by booking: move (to an instant), leave or cancel */
    public function __construct(public array $choices, public string $word, public Within $within = Within::SameWeek) {}
}
