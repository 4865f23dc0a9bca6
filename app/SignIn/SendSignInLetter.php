<?php

declare(strict_types=1);

namespace App\SignIn;

use App\Accounts\AccountKey;
use App\Accounts\KeyPurpose;
use App\Framework\Clock;
use App\Framework\Limits;
use App\Models\StaffMember;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Looks whose address it is, in its own time, and has a letter sent that signs them in; where their school allows it. */
final class SendSignInLetter implements ShouldQueue
{
    use Queueable;

    private const MOST = 5;

    public function __construct(private readonly string $email) {}

    public function handle(): void
    {
        $now = Clock::now();
        $staff = StaffMember::query()
            ->where('email', $this->email)
            ->whereNotNull('came_at')
            ->whereNull('left_at')
            ->first();
        if (
            $staff === null ||
            $staff->email !== $this->email ||
            !$staff->school->mail_sign_in ||
            Limits::isReached("sign-in letter|$staff->id", self::MOST, 3600, $now)
        ) {
            return;
        }
        Limits::exactly("sign-in letter|$staff->id", 3600, $now);
        event(new SignInAsked(AccountKey::cut($staff, KeyPurpose::Session, $now)));
    }
}
