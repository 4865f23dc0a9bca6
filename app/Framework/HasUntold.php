<?php

declare(strict_types=1);

namespace App\Framework;

/** A room that has pages to tell that something changed. It tags what counts them by this name. */
interface HasUntold
{
    /** How many have not been told yet; it counts no more than this. */
    public function untold(int $atMost): int;
}
