<?php

declare(strict_types=1);

namespace App\SignIn;

use App\Accounts\HasLeft;
use App\Accounts\PasswordChanged;
use App\Framework\LogBook;
use App\Framework\Room;
use App\Models\StaffMember;
use App\Passkeys\Passkey;
use GuzzleHttp\Client;
use GuzzleHttp\ClientInterface;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Gate;

/** The ways in: password, letter, second factor, the school's own service; and where one is signed in. */
final class SignInRoom extends Room
{
    public function register(): void
    {
        // To the one service that the installation names; it leads nowhere else.
        $this->app->when(OidcController::class)->needs(ClientInterface::class)->give(
            static fn(): ClientInterface => new Client([
                'timeout' => 8,
                'connect_timeout' => 4,
                'allow_redirects' => false,
            ]),
        );
    }

    public function boot(): void
    {
        parent::boot();
        Event::listen(HasLeft::class, static function (HasLeft $event): void {
            Device::query()->where('staff_id', $event->staff->id)->delete();
            Passkey::of($event->staff)->delete();
            DB::table('recovery_codes')->where('staff_id', $event->staff->id)->delete();
            DB::table('sessions')->where('user_id', $event->staff->id)->delete();
        });
        Gate::define('open-account', static fn(?StaffMember $reader): bool => true);
        Gate::define('sign-in', static fn(?StaffMember $reader): bool => true);
        Gate::define(
            'remove-passkey',
            static fn(StaffMember $reader, Passkey $passkey): bool => $passkey->staff_id === $reader->id,
        );
        // Another password ends what was signed in with the one before, on all machines.
        Event::listen(PasswordChanged::class, static function (PasswordChanged $event): void {
            Device::query()->where('staff_id', $event->staff->id)->delete();
            LogBook::note('password', $event->staff, ['about' => $event->staff->name]);
        });
        Event::listen(
            SecondFactorTurned::class,
            static fn(SecondFactorTurned $event) => LogBook::note($event->word(), $event->staff, by: $event->staff),
        );
    }
}
