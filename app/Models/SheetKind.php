<?php

declare(strict_types=1);

namespace App\Models;

/** What a sheet is for. */
enum SheetKind: string
{
    case Conferences = 'conferences';
    case OfficeHours = 'office hours';
    case Other = 'other';
}
