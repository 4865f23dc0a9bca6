<?php

declare(strict_types=1);

namespace App\Knocks;

/** The visitor asks no longer: its times are free. */
final class TakeKnockBack
{
    public function __construct(private readonly KnockChange $change) {}

    /** @throws KnockRefused when it is not open any more */
    public function __invoke(Knock $knock): Knock
    {
        return $this->change->on($knock, function (Knock $knock): Knock {
            $known = $knock->state !== KnockState::Unconfirmed;
            $this->change->end($knock, KnockState::TakenBack);
            // Of what was only kept for an address nobody else knows.
            $known && event(new KnockNews($knock, KnockOccasion::TakenBack));

            return $knock;
        });
    }
}
