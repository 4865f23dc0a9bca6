<?php

declare(strict_types=1);

namespace App\Alone;

use App\Framework\Room;
use App\Models\StaffMember;
use Illuminate\Auth\Access\Response;
use Illuminate\Support\Facades\Gate;

/** A tutor without a school signs up alone, where the installation allows it. */
final class AloneRoom extends Room
{
    public function boot(): void
    {
        parent::boot();
        Gate::define(
            'begin-alone',
            static fn(?StaffMember $reader): Response => config('recess.tutors') === true
                ? Response::allow()
                : Response::denyAsNotFound(),
        );
    }
}
