<?php

declare(strict_types=1);

namespace App\Allotting;

/** What is pinned keeps its time when times are looked for anew. */
final class Pin
{
    /**
     * @param  list<int>  $rows
     *
     * @throws AllotmentRefused when it is booked, or being booked
     */
    public function __invoke(Allotment $allotment, array $rows, bool $pinned): void
    {
        $allotment->state === AllotmentState::Found || throw AllotmentRefused::because('nothing_to_pin');
        Allotted::query()
            ->where('allotment_id', $allotment->id)
            ->whereKey($rows)
            ->whereNotNull('starts_at')
            ->update(['pinned' => $pinned]);
    }
}
