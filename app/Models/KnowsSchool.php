<?php

declare(strict_types=1);

namespace App\Models;

/** A room that knows of which school somebody is who holds a pass: by what they have there. Rooms tag theirs by this name. */
interface KnowsSchool
{
    /** The school's number; null when they have nothing there. */
    public function schoolOf(Pass $pass): ?int;
}
