<?php

declare(strict_types=1);

namespace App\SignIn;

use App\Accounts\AccountKey;
use App\Accounts\KeyPurpose;
use App\Framework\Clock;
use App\Framework\LogBook;
use App\Framework\Words;
use App\Models\MailAddress;
use App\Models\StaffMember;
use App\Passkeys\Passkey;
use Illuminate\Console\Command;

/** For whoever sits at the server, when nobody of the office comes in any more. */
final class LetInCommand extends Command
{
    protected $signature = 'recess:let-in {email : of somebody of the office}';

    protected $description = 'Prints an address at which somebody of the office chooses a new password; switches their second factor off, and their passkeys';

    public function handle(SecondFactor $factor): int
    {
        $staff = StaffMember::query()
            ->where('email', MailAddress::of($this->argument('email')) ?? '')
            ->where('office', true)
            ->whereNull('left_at')
            ->first();
        if ($staff === null) {
            $this->error(Words::say('accounts.let_in_nobody'));

            return self::FAILURE;
        }
        Passkey::of($staff)->delete();
        $factor->off($staff);
        LogBook::note('let_in', $staff, ['about' => $staff->name]);
        $this->line(AccountKey::cut($staff, KeyPurpose::Password, Clock::now())->link());

        return self::SUCCESS;
    }
}
