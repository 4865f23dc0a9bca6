<?php

declare(strict_types=1);

namespace App\Knocks;

use App\Models\StaffMember;

/** Whoever leaves is asked no more, and what is asked of them is declined for them. */
final class EndKnocks
{
    public function __construct(private readonly DeclineKnock $decline) {}

    /** @param  string  $word  to those who have asked */
    public function __invoke(StaffMember $staff, string $word): void
    {
        KnockTerms::query()
            ->where('staff_id', $staff->id)
            ->update(['allowed' => false]);
        foreach (
            Knock::openOf([$staff->id])
                ->with(Knock::PARTS)
                ->get()
            as $knock
        ) {
            try {
                ($this->decline)($knock, $staff, $word);
            } catch (KnockRefused) {
                // Its time was up at this moment.
            }
        }
    }
}
