<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Models\Sheet;

/** Which sheet a statement is to change, as its writer has seen it. */
final readonly class Edit
{
    /**
     * @param  int|null  $version  the one that the writer began from; null for whoever has just read it
     * @param  Settlement|null  $settlement  what becomes of those whom the change touches
     */
    public function __construct(
        public Sheet $sheet,
        public ?int $version = null,
        public ?Settlement $settlement = null,
    ) {}
}
