<?php

declare(strict_types=1);

namespace Recess\Rules;

/** Why a slot cannot be had. */
final readonly class Reason
{
    public function __construct(
        public Because $because,
        public State $state,
        /** The instant from which this reason no longer holds; null where time alone does not change it. */
        public ?int $until = null,
    ) {}
}
