<?php

declare(strict_types=1);

namespace App\Knocks;

use App\Booking\Presser;
use App\Models\Sheet;
use App\Models\StaffMember;

/** The visitor takes one of the times that a host has named. It is booked, once others who have to be there have said yes too. */
final class TakeProposal
{
    public function __construct(private readonly KnockChange $change, private readonly AcceptKnock $accept) {}

    /**
     * @param  int  $choice  its number
     * @param  int  $now  seconds since the epoch
     *
     * @throws KnockRefused when it is offered no longer
     */
    public function __invoke(Knock $knock, int $choice, int $now): Knock
    {
        return $this->change->on($knock, function (Knock $knock, Sheet $sheet) use ($choice, $now): Knock {
            $one = $knock->choices->firstWhere('id', $choice);
            if ($knock->state !== KnockState::Proposed || $one === null || $one->span()->start <= $now) {
                throw KnockRefused::because('not_offered');
            }
            $this->accept->choose($knock, $one);
            $by = $knock->hosts->first(static fn(KnockHost $host): bool => $host->answer === HostAnswer::Accepted);

            return $this->accept->settled(
                $knock,
                $sheet,
                new Agreed(
                    $by->host ?? StaffMember::query()->findOrFail($knock->staff_id),
                    Presser::pass($knock->pass),
                ),
                $now,
            );
        });
    }
}
