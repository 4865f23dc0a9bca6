<?php

declare(strict_types=1);

namespace Recess\Fitting;

/** Why a meeting is not in a plan. */
enum Why: string
{
    /** No time of it is free. */
    case NothingFree = 'nothing-free';

    /** All its free times lie outside the windows. */
    case OutsideWindows = 'outside-windows';

    /** All its free times within the windows clash with meetings of the plan, or with the ways to them. */
    case Clashes = 'clashes';
}
