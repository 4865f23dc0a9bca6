<?php

declare(strict_types=1);

namespace App\Passes;

use App\Models\Pass;

/** Another address was given for a pass: it is asked whether that is so. Raised in the transaction that writes it down. */
final readonly class AddressGiven
{
    public function __construct(public Pass $pass, public string $email) {}
}
