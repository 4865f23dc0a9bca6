<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Models\Sheet;

/** Somebody whom a family wants to meet, about one child. */
final readonly class Pick
{
    /** @param  int|null  $start  the instant at which it is to be, where it is not to be looked for */
    public function __construct(public Sheet $sheet, public string $student, public ?int $studentId = null, public ?int $start = null)
    {
    }
}
