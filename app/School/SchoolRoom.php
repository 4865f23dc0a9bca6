<?php

declare(strict_types=1);

namespace App\School;

use App\Framework\Room;
use App\Models\Notice;
use App\Models\School;
use App\Models\StaffMember;
use Illuminate\Support\Facades\Gate;

/** People, signing in, places, terms. */
final class SchoolRoom extends Room
{
    public function register(): void
    {
        // What is known of rooms is of one request, or of one job.
        $this->app->scoped(Directions::class);
    }

    protected function tidies(): array
    {
        return [TidyPlaces::class];
    }

    protected function policies(): array
    {
        return [
            Notice::class => NoticePolicy::class,
            SavedPlace::class => SavedPlacePolicy::class,
            School::class => SchoolPolicy::class,
        ];
    }

    public function boot(): void
    {
        parent::boot();
        // Everybody but the front desk (AccountsRoom).
        Gate::define('have-sheets', static fn(StaffMember $staff): bool => true);
        Gate::define('see-day', static fn(StaffMember $staff): bool => $staff->office || $staff->reader);
        Gate::define('set-up-school', static fn(StaffMember $staff): bool => $staff->office);
        // Its words are those of the whole installation: where there is another school, or a tutor beside a tutor, nobody
        // words for all.
        Gate::define(
            'word-school',
            static fn(StaffMember $staff): bool => $staff->office &&
                School::query()->whereKeyNot($staff->school_id)->doesntExist(),
        );
    }
}
