<?php

declare(strict_types=1);

namespace App\Knocks;

use App\Calendars\OwnEntries;
use App\Framework\Room;
use App\Models\KnowsSchool;
use App\Models\StaffMember;
use App\Passes\AddressAnswered;
use Illuminate\Auth\Access\Response;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Gate;

/** Times that no sheet offers: asked for where both are free, and answered. */
final class KnocksRoom extends Room
{
    protected function policies(): array
    {
        return [Knock::class => KnockPolicy::class];
    }

    public function boot(): void
    {
        parent::boot();
        $this->app->tag(SchoolOfKnock::class, KnowsSchool::class);
        $this->app->tag(KnockEntries::class, OwnEntries::class);
        // Whoever may come to their door may ask, where they allow it; whether somebody is one of those for whom it is, their pass says.
        Gate::define(
            'knock',
            static fn(?StaffMember $reader, StaffMember $host): Response => KnockTerms::of($host)->isOpen()
                ? Response::allow()
                : Response::denyAsNotFound(),
        );
        Event::listen(AddressAnswered::class, AskAtLast::class);
    }
}
