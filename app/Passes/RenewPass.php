<?php

declare(strict_types=1);

namespace App\Passes;

use App\Models\Pass;
use App\Models\Secret;

/** Another address for a pass, and other keys in its calendar entries: what the old ones opened they open no more. */
final class RenewPass
{
    public function __invoke(Pass $pass): void
    {
        $pass->generation++;
        $pass->token_hash = Secret::hash($pass->token());
        $pass->renew_because = null;
        $pass->save();
        Secret::forgetFormer('passes', $pass->id);
    }
}
