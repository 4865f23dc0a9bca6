<?php

declare(strict_types=1);

namespace App\Models;

/** Whom a sheet is for. */
enum Audience: string
{
    /** Whoever has the link. */
    case Anyone = 'anyone';
    /** Families of chosen classes or students, whom the school knows. */
    case Families = 'families';
    /** Those who work here. */
    case Staff = 'staff';
}
