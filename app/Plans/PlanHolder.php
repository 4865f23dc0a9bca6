<?php

declare(strict_types=1);

namespace App\Plans;

use App\Models\Pass;
use App\Models\ReadsAs;

/** Who plans, or wishes: by their pass, or as they typed it. */
final readonly class PlanHolder
{
    public function __construct(
        public ?int $passId,
        public string $name,
        public string $email,
        public string $phone,
        public ReadsAs $reads,
        public ?string $origin = null,
    ) {}

    /** Their pass; made where they have none. */
    public function pass(): Pass
    {
        return Pass::ofVisitor($this->passId, $this->name, $this->email, $this->phone, $this->reads);
    }
}
