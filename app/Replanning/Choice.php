<?php

declare(strict_types=1);

namespace App\Replanning;

/** What becomes of one meeting, as the office has chosen it. */
final readonly class Choice
{
    /**
     * @param  int|null  $sheet  of whom it is with then; null when it is given back
     * @param  int|null  $start  the instant at which it is then
     */
    public function __construct(public int $booking, public ?int $sheet, public ?int $start) {}
}
