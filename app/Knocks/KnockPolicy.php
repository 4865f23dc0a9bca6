<?php

declare(strict_types=1);

namespace App\Knocks;

use App\Models\Pass;
use App\Models\StaffMember;
use Illuminate\Auth\Access\Response;

/** Who may do what with a knock. */
final class KnockPolicy
{
    /** Those whom it is for, and whoever looks after their sheets while they are away. */
    public function answer(StaffMember $reader, Knock $knock): bool
    {
        return $knock->hostFor($reader) !== null;
    }

    /** Whoever holds the pass on which it stands. */
    public function hold(?StaffMember $reader, Knock $knock, Pass $pass): Response
    {
        return $knock->pass_id === $pass->id && ($pass->reach?->holdsKnock($knock->id, $knock->staff_id) ?? true)
            ? Response::allow()
            : Response::denyAsNotFound();
    }
}
