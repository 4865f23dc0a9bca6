<?php

declare(strict_types=1);

namespace App\Directory;

use App\Models\Pass;

/** A family's cards have other codes, and its pass another address: its holder is told where. Raised in the same transaction. */
final readonly class CardRenewed
{
    public function __construct(public Pass $pass) {}
}
