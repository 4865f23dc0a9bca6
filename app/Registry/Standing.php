<?php

declare(strict_types=1);

namespace App\Registry;

/** How a school stands in the registry. */
enum Standing: string
{
    /** Its database is being made, or that was cut short: adding it again goes on. */
    case Making = 'making';
    case Open = 'open';
    /** Nothing of it is shown or sent; all of it is kept. */
    case Suspended = 'suspended';
}
