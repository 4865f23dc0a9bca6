<?php

declare(strict_types=1);

namespace App\Line;

use App\Models\StaffMember;

/** Raised in the transaction that keeps it. */
final readonly class AnotherTimeOffered
{
    public function __construct(public TimeOffer $offer, public StaffMember $by, public string $change) {}
}
