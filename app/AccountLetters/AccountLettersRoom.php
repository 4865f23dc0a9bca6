<?php

declare(strict_types=1);

namespace App\AccountLetters;

use App\Accounts\Invited;
use App\Accounts\PasswordChanged;
use App\Accounts\PasswordForgotten;
use App\Accounts\SheetsLent;
use App\Alone\BeginningAsked;
use App\Framework\Room;
use App\SignIn\SecondFactorTurned;
use App\SignIn\SignInAsked;
use Illuminate\Support\Facades\Event;

/** Letters that open accounts, and say what was changed about one. */
final class AccountLettersRoom extends Room
{
    public function boot(): void
    {
        parent::boot();
        Event::listen(Invited::class, [TellOfAccount::class, 'ofInvited']);
        Event::listen(PasswordForgotten::class, [TellOfAccount::class, 'ofForgotten']);
        Event::listen(SignInAsked::class, [TellOfAccount::class, 'ofSignIn']);
        Event::listen(SecondFactorTurned::class, [TellOfAccount::class, 'ofSecondFactor']);
        Event::listen(PasswordChanged::class, [TellOfAccount::class, 'ofChanged']);
        Event::listen(SheetsLent::class, [TellOfAccount::class, 'ofSheetsLent']);
        Event::listen(BeginningAsked::class, [TellOfAccount::class, 'ofBeginning']);
    }
}
