<?php

declare(strict_types=1);

namespace Recess\Allotting;

/** Why a wish was not granted. */
enum Why: string
{
    /** The host has no time at all within the family's windows. */
    case OutsideWindows = 'outside-windows';

    /** The host's times within the windows went to others, or they see no more people on those dates. */
    case HostFull = 'host-full';

    /** The host has times left, but the family is in other meetings then, or on the way. */
    case Clashes = 'clashes';

    /** The host has times left, but all interpreters of the family's language are in other meetings then, or there are none. */
    case NoInterpreter = 'no-interpreter';
}
