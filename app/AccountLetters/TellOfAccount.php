<?php

declare(strict_types=1);

namespace App\AccountLetters;

use App\Accounts\AccountKey;
use App\Accounts\Invited;
use App\Accounts\PasswordChanged;
use App\Accounts\PasswordForgotten;
use App\Accounts\SheetsLent;
use App\Alone\BeginningAsked;
use App\Framework\Reading;
use App\Framework\Spell;
use App\Framework\Words;
use App\Models\StaffMember;
use App\SignIn\SecondFactorTurned;
use App\SignIn\SignInAsked;
use App\Telling\Envelopes;

/** Letters that open an account, and the one that says that its password is another. */
final class TellOfAccount
{
    public function ofInvited(Invited $event): void
    {
        $staff = $event->key->staff;
        $this->tell(
            $staff,
            'accounts.invitation',
            static fn(): array => [
                'by' => $event->by->name,
                'role' => $staff->reader ? 'reader' : 'staff',
                'school' => $staff->school->name,
                'until' => self::until($event->key),
            ],
            $event->key,
        );
    }

    /** Asks an address whether it wants to begin alone. */
    public function ofBeginning(BeginningAsked $event): void
    {
        Envelopes::to($event->email, '')->queue(new BeginningLetter($event->sealed?->link(), Reading::now()->language));
    }

    public function ofForgotten(PasswordForgotten $event): void
    {
        $this->tell(
            $event->key->staff,
            'accounts.password',
            static fn(): array => ['until' => self::until($event->key)],
            $event->key,
        );
    }

    public function ofChanged(PasswordChanged $event): void
    {
        $this->tell($event->staff, 'accounts.changed');
    }

    public function ofSignIn(SignInAsked $event): void
    {
        $this->tell(
            $event->key->staff,
            'signin.letter',
            static fn(): array => ['until' => self::until($event->key)],
            $event->key,
        );
    }

    public function ofSecondFactor(SecondFactorTurned $event): void
    {
        $named = static fn(): array => ['name' => (string) $event->passkey];
        $this->tell($event->staff, "signin.{$event->word()}", $named);
    }

    /** Both sides, but for whoever pressed it. */
    public function ofSheetsLent(SheetsLent $event): void
    {
        $is = $event->until === null ? 'lent_over' : 'lent';
        $values = static fn(): array => [
            'of' => $event->of->name,
            'to' => $event->to->name,
            'by' => $event->by->name,
            'until' =>
                $event->until === null
                    ? ''
                    : Spell::plainDate($event->of->school->timeZone()->dateAt($event->until - 1)),
        ];
        foreach (['of' => $event->of, 'to' => $event->to] as $side => $reader) {
            if ($reader->id !== $event->by->id) {
                $this->tell($reader, "accounts.{$is}_$side", $values);
            }
        }
    }

    private static function until(AccountKey $key): string
    {
        return Spell::moment($key->until->getTimestamp(), $key->staff->school->timeZone());
    }

    /**
     * @param  (\Closure(): array<string, string>)|null  $values  of its sentence, as its reader reads dates
     */
    private function tell(StaffMember $reader, string $about, ?\Closure $values = null, ?AccountKey $key = null): void
    {
        $said = Reading::of($reader)->hears(
            static fn(): string => Words::say("{$about}_news", $values === null ? [] : $values()),
        );
        Envelopes::to($reader->email, $reader->name)->queue(new AccountLetter($reader, $about, $said, $key));
    }
}
