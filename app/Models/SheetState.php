<?php

declare(strict_types=1);

namespace App\Models;

/** Where a sheet is in its life. */
enum SheetState: string
{
    case Draft = 'draft';
    case Open = 'open';
    case Paused = 'paused';
    case Closed = 'closed';
}
