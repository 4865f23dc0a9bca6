<?php

declare(strict_types=1);

namespace App\Knocks;

use App\Models\StaffMember;

/** Raised in the transaction that changes a knock. */
final readonly class KnockNews
{
    public function __construct(
        public Knock $knock,
        public KnockOccasion $occasion,
        /** Which of the hosts did it; null for the visitor, or for time. */
        public ?StaffMember $by = null,
        /** A word to the other side. */
        public string $word = '',
    ) {}
}
