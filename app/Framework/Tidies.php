<?php

declare(strict_types=1);

namespace App\Framework;

/** Ends what was only for a while in one room. A room names those of its own (Room::tidies); recess:tidy asks all of them. */
interface Tidies
{
    /** @param  int  $now  seconds since the epoch */
    public function tidy(int $now): void;
}
