<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Framework\Room;
use App\Models\Sheet;

/** The worksheet, sheets, and edits with whom they hit. */
final class PublishingRoom extends Room
{
    protected function policies(): array
    {
        return [Sheet::class => SheetPolicy::class];
    }
}
