<?php

declare(strict_types=1);

namespace App\Booking;

use App\Models\Pass;
use App\Models\StaffMember;
use Illuminate\Auth\Access\Response;

/** A pass belongs to whoever knows its token, and it was found by that; how much of it depends on how far the token reaches. */
final class PassPolicy
{
    /** All of it: who its holder is, what is kept of them, another address for it. */
    public function hold(?StaffMember $reader, Pass $pass): Response
    {
        return $pass->reach === null ? Response::allow() : Response::denyAsNotFound();
    }

    /** Its page, as far as it was opened. */
    public function open(?StaffMember $reader, Pass $pass): Response
    {
        return $pass->reach?->hasPage() === false ? Response::denyAsNotFound() : Response::allow();
    }

    /** The file of its meetings. */
    public function follow(?StaffMember $reader, Pass $pass): Response
    {
        return $pass->reach?->isAnswer() === true ? Response::denyAsNotFound() : Response::allow();
    }

    /** Whether one of its addresses answers: the letter that asks for it opens nothing else. */
    public function confirm(?StaffMember $reader, Pass $pass): Response
    {
        return $pass->reach === null || $pass->reach->isAnswer() ? Response::allow() : Response::denyAsNotFound();
    }
}
