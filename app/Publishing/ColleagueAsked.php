<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Models\SheetHost;

/** A colleague is on a public sheet as one who has to be there, or may be the one. */
final readonly class ColleagueAsked
{
    public function __construct(public SheetHost $asked) {}
}
