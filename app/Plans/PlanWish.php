<?php

declare(strict_types=1);

namespace App\Plans;

use App\Booking\Destination;

/** A plan as its family wants to keep it: all of it, or nothing. */
final readonly class PlanWish
{
    /**
     * @param  list<Pick>  $picks  each with its start
     * @param  string|null  $language  for which an interpreter has to be there
     * @param  array<string, array<string, mixed>>  $answers  by student and question, already checked
     */
    public function __construct(
        public array $picks,
        public PlanHolder $holder,
        public string $requestKey,
        public ?string $language = null,
        public array $answers = [],
        /** @var list<Destination> where those go that stand and are planned anew */
        public array $moves = [],
    ) {}
}
