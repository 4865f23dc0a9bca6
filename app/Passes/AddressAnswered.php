<?php

declare(strict_types=1);

namespace App\Passes;

use App\Models\Pass;

/** The address of a pass has answered: what waited for that goes on. */
final readonly class AddressAnswered
{
    /** @param  int  $now  seconds since the epoch */
    public function __construct(public Pass $pass, public int $now) {}
}
