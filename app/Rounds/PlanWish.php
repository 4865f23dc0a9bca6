<?php

declare(strict_types=1);

namespace App\Rounds;

/** A plan as its family wants to keep it: all of it, or nothing. */
final readonly class PlanWish
{
    /** @param  non-empty-list<Pick>  $picks  each with its start */
    public function __construct(
        public array $picks, public string $name, public string $email, public string $phone, public string $requestKey,
        public ?int $passId = null, public ?int $clock = null,
    ) {
    }
}
