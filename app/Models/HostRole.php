<?php

declare(strict_types=1);

namespace App\Models;

/** What a colleague has to do with somebody's sheet. */
enum HostRole: string
{
    /** Has to be at every meeting. */
    case Must = 'must';
    /** May be the one: any one of these is enough. */
    case Any = 'any';
    /** Looks after the sheet, and meets nobody. */
    case Manage = 'manage';
}
