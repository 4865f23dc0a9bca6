<?php

declare(strict_types=1);

namespace App\Knocks;

use App\Models\StaffMember;

/** One of the hosts cannot: it comes to nothing, and its times are free. */
final class DeclineKnock
{
    public function __construct(private readonly KnockChange $change) {}

    /**
     * @param  StaffMember  $host  one of the knock's
     *
     * @throws KnockRefused when it is not open any more
     */
    public function __invoke(Knock $knock, StaffMember $host, string $word): Knock
    {
        return $this->change->on($knock, function (Knock $knock) use ($host, $word): Knock {
            $knock->hosts->firstWhere('staff_id', $host->id)?->update(['answer' => HostAnswer::Declined]);
            $this->change->end($knock, KnockState::Declined, $word);
            event(new KnockNews($knock, KnockOccasion::Declined, $host, $word));

            return $knock;
        });
    }
}
