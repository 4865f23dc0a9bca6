<?php

declare(strict_types=1);

namespace App\Allotting;

use App\Models\Pass;
use App\Models\Round;

/** A family has sent its wishes. Raised in the transaction that keeps them. */
final readonly class WishesSent
{
    public function __construct(public Round $round, public Pass $pass) {}
}
