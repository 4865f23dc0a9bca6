<?php

declare(strict_types=1);

namespace App\Waiting;

use App\Models\Waiting;

/** Somebody gives up their place in line, and what is offered to them with it. */
final class LeaveLine
{
    public function __construct(private readonly PassOffer $passOffer) {}

    public function __invoke(Waiting $waiting): void
    {
        ($this->passOffer)($waiting);
        Waiting::query()->whereKey($waiting->id)->delete();
    }
}
