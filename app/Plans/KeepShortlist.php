<?php

declare(strict_types=1);

namespace App\Plans;

use App\Models\Pass;
use App\Models\Round;

/** Keeps what a family's page says of whom it wants to meet, and when it can come. */
final class KeepShortlist
{
    /** @param  array<string, mixed>  $asked  as Shortlist in docs/formats/recess.openapi.yaml */
    public function __invoke(Round $round, Pass $pass, array $asked): void
    {
        Shortlist::query()->updateOrCreate(['round_id' => $round->id, 'pass_id' => $pass->id], ['asked' => $asked]);
    }
}
