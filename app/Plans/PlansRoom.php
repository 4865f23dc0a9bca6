<?php

declare(strict_types=1);

namespace App\Plans;

use App\Framework\Room;
use App\Models\Round;

/** A round as families see it: whom they want to meet, the plan that fits it together, and keeping it whole. */
final class PlansRoom extends Room
{
    protected function policies(): array
    {
        return [Round::class => RoundPolicy::class];
    }
}
