<?php

declare(strict_types=1);

namespace App\Passes;

use App\Models\Pass;

/** A pass has another address, which its holder did not ask for: they are told where it is. Raised in the same transaction. */
final readonly class PassRenewed
{
    public function __construct(public Pass $pass) {}
}
