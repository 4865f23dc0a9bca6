<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Framework\Clock;
use App\Framework\Limits;
use App\Models\StaffMember;
use Illuminate\Contracts\Queue\ShouldBeEncrypted;
use Illuminate\Contracts\Queue\ShouldQueue;

/** Looks for whoever forgot their password, after the answer has gone: neither its words nor its time tell whether there is an account. */
final class LookForAccount implements ShouldBeEncrypted, ShouldQueue
{
    /** Letters to one person within an hour; more are not sent. */
    private const LETTERS = 3;

    public int $tries = 3;

    public function __construct(private readonly string $email) {}

    public function handle(): void
    {
        $now = Clock::now();
        $staff = StaffMember::query()->where('email', $this->email)->whereNull('left_at')->first();
        if ($staff !== null && Limits::isReached("forgotten|$staff->id", self::LETTERS, 3600, $now) === false) {
            Limits::exactly("forgotten|$staff->id", 3600, $now);
            event(new PasswordForgotten(AccountKey::cut($staff, KeyPurpose::Password, $now)));
        }
    }
}
