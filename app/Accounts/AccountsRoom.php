<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Framework\Room;
use App\Models\Lending;
use App\Models\StaffMember;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Gate;

/** Who works here: invitations, roles, passwords. */
final class AccountsRoom extends Room
{
    protected function tidies(): array
    {
        return [TidyKeys::class];
    }

    /** What somebody at the front desk may, beside what everybody may: the day's lists, and their own account. */
    private const READERS = [
        'see-day',
        'sign-in',
        'open-account',
        'see-board',
        'visit',
        'book',
        'hold',
        'open',
        'follow',
        'confirm',
        'attend',
        'knock',
        'read-mailroom',
        'use-stand-ins',
    ];

    public function boot(): void
    {
        parent::boot();
        Event::listen(HasLeft::class, static function (HasLeft $event): void {
            AccountKey::query()->where('staff_id', $event->staff->id)->delete();
            Lending::query()->where('of_id', $event->staff->id)->orWhere('to_id', $event->staff->id)->delete();
        });
        // In one place for all routes, those of tomorrow among them.
        Gate::before(
            static fn(?StaffMember $reader, string $ability): ?bool => match (true) {
                $reader?->left_at !== null => false,
                $reader?->reader === true && !in_array($ability, self::READERS, true) => false,
                default => null,
            },
        );
    }

    protected function policies(): array
    {
        return [StaffMember::class => StaffPolicy::class];
    }
}
