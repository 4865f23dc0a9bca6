<?php

declare(strict_types=1);

namespace App\Rounds;

/** A plan as its family wants to keep it: all of it, or nothing. */
final readonly class PlanWish
{
    /** @param  non-empty-list<Pick>  $picks  each with its start */
    public function __construct(public array $picks, public PlanHolder $holder, public string $requestKey)
    {
    }
}
