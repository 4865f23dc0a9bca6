<?php

declare(strict_types=1);

namespace App\Passes;

use App\Models\Pass;

/** Messages for a pass go to another address from now on: the old one hears of it. */
final readonly class AddressChanged
{
    public function __construct(public Pass $pass, public string $was) {}
}
