<?php

declare(strict_types=1);

namespace App\Waiting;

use App\Models\Instant;
use App\Models\Waiting;

/** The address of somebody who would like to be in line has answered: now they are. */
final class ConfirmPlace
{
    /** @param  int  $now  seconds since the epoch */
    public function __invoke(Waiting $waiting, int $now): void
    {
        if ($waiting->confirmed_at === null) {
            $waiting->update(['confirmed_at' => Instant::column($now)]);
            // The same press says that the pass has the right address.
            $waiting->pass->update(['confirmed_at' => Instant::column($now)]);
        }
    }
}
