<?php

declare(strict_types=1);

namespace App\Models;

/** The two sides of a booking; either may give it up. */
enum Party: string
{
    case Visitor = 'visitor';
    case Host = 'host';
    case Office = 'office';
}
