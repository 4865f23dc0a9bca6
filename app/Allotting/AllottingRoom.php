<?php

declare(strict_types=1);

namespace App\Allotting;

use App\Framework\Room;

/** A round's wishes, and the times that they are given: found, looked at, booked. */
final class AllottingRoom extends Room
{
    protected function policies(): array
    {
        return [Allotment::class => AllotmentPolicy::class];
    }
}
