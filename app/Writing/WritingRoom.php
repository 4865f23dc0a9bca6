<?php

declare(strict_types=1);

namespace App\Writing;

use App\Framework\Room;

/** A worksheet while it is written: drawn, kept as a draft, read into a statement. */
final class WritingRoom extends Room
{
    protected function tidies(): array
    {
        return [TidyDrafts::class];
    }
}
