<?php

declare(strict_types=1);

namespace App\Passes;

use App\Models\Pass;

/** What else whoever reads a mailbox has booked under the same name, on pages of their own (App\Keeping\SamePerson). */
interface OtherPages
{
    /**
     * Only for whoever shows that they read the mailbox: a page says nothing of others.
     *
     * @return array{pages: int, meetings: int, press: string}|null how many, the meetings to come on them, and where a press
     *                                                              brings them together; null where there are none
     */
    public function of(Pass $pass): ?array;
}
