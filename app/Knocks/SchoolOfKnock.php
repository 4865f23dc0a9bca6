<?php

declare(strict_types=1);

namespace App\Knocks;

use App\Models\KnowsSchool;
use App\Models\Pass;

/** Whoever has asked somebody for a time is of their school. */
final class SchoolOfKnock implements KnowsSchool
{
    public function schoolOf(Pass $pass): ?int
    {
        return Knock::query()->where('pass_id', $pass->id)->with('host')->orderByDesc('id')->first()?->host->school_id;
    }
}
