<?php

declare(strict_types=1);

namespace App\Sharing;

use App\Models\Pass;
use App\Models\Sheet;

/** A family is written to about a sheet that is for them. */
final readonly class FamilyInvited
{
    /** @param  string  $students  for whom they may book there, as one reads it */
    public function __construct(public Sheet $sheet, public Pass $pass, public string $students, public string $word) {}
}
