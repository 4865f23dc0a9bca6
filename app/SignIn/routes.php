<?php

declare(strict_types=1);

use App\SignIn\AccountController;
use App\SignIn\MoveInController;
use App\SignIn\OidcController;
use App\SignIn\PasskeyController;
use App\SignIn\PasswordController;
use App\SignIn\SessionController;
use Illuminate\Support\Facades\Route;

Route::middleware(['web', 'guest', 'budget:300'])->group(static function (): void {
    Route::get('/staff/sign-in', [SessionController::class, 'page'])
        ->can('sign-in')
        ->middleware('logged:nothing,stranger');
    Route::post('/api/staff/session', [SessionController::class, 'store'])
        ->can('sign-in')
        ->middleware('logged:itself');
    Route::get('/staff/second-factor', [SessionController::class, 'secondPage'])
        ->can('sign-in')
        ->middleware('logged:nothing,stranger');
    Route::post('/api/staff/session/second', [SessionController::class, 'second'])
        ->can('sign-in')
        ->middleware('logged:itself');
    Route::post('/api/staff/session/letter', [SessionController::class, 'letter'])
        ->can('sign-in')
        ->middleware(['limited:account-letters', 'limited:account-letters-from'])
        ->middleware('logged:nothing,stranger');
    Route::post('/api/staff/session/passkey', [PasskeyController::class, 'signIn'])
        ->can('sign-in')
        ->middleware('limited:passkeys')
        ->middleware('logged:itself');
    Route::get('/staff/elsewhere', [OidcController::class, 'go'])
        ->can('sign-in')
        ->middleware('limited:elsewhere')
        ->middleware('logged:nothing,stranger');
    Route::get('/staff/elsewhere/back', [OidcController::class, 'back'])
        ->can('sign-in')
        ->middleware('limited:elsewhere')
        ->middleware('logged:itself');
});

Route::middleware(['web', 'budget:300'])->group(static function (): void {
    Route::post('/api/staff/session/passkey/asked', [PasskeyController::class, 'ask'])
        ->can('sign-in')
        ->middleware('limited:passkeys')
        ->middleware('logged:nothing,stranger');
    Route::get('/staff/join/{token}', [PasswordController::class, 'page'])
        ->can('open-account')
        ->middleware('wrong-keys')
        ->middleware('logged:nothing,stranger');
    Route::post('/api/staff/join/{token}', [PasswordController::class, 'first'])
        ->can('open-account')
        ->middleware('wrong-keys')
        ->middleware('logged:itself');
    Route::get('/begin/{token}', [MoveInController::class, 'page'])
        ->can('open-account')
        ->middleware('wrong-keys')
        ->middleware('logged:nothing,stranger');
    Route::post('/api/begin/{token}', [MoveInController::class, 'moveIn'])
        ->can('open-account')
        ->middleware('wrong-keys')
        ->middleware('logged:itself');
    Route::post('/api/begin/{token}/letter', [MoveInController::class, 'letter'])
        ->can('open-account')
        ->middleware(['wrong-keys', 'limited:account-letters'])
        ->middleware('logged:nothing,stranger');
    Route::get('/staff/forgotten', [PasswordController::class, 'forgottenPage'])
        ->can('open-account')
        ->middleware('logged:nothing,stranger');
    Route::post('/api/staff/forgotten', [PasswordController::class, 'forgotten'])
        ->can('open-account')
        ->middleware(['limited:account-letters', 'limited:account-letters-from'])
        ->middleware('logged:nothing,stranger');
    Route::get('/staff/come/{token}', [SessionController::class, 'comePage'])
        ->can('sign-in')
        ->middleware('wrong-keys')
        ->middleware('logged:nothing,stranger');
    Route::post('/api/staff/come/{token}', [SessionController::class, 'come'])
        ->can('sign-in')
        ->middleware('wrong-keys')
        ->middleware('logged:itself');
});

Route::middleware(['web', 'auth', 'budget:1500'])->group(static function (): void {
    Route::delete('/api/staff/session', [SessionController::class, 'destroy'])
        ->can('sign-in')
        ->middleware('logged:nothing,own');
    Route::post('/api/staff/session/proof', [SessionController::class, 'prove'])
        ->can('sign-in')
        ->middleware('logged:itself');
    Route::post('/api/staff/session/proof/passkey', [PasskeyController::class, 'prove'])
        ->can('sign-in')
        ->middleware('limited:passkeys')
        ->middleware('logged:itself');
    Route::put('/api/staff/me/password', [PasswordController::class, 'change'])
        ->can('sign-in')
        ->middleware('limited:password')
        ->middleware('logged:itself');
    Route::get('/staff/account', [AccountController::class, 'page'])
        ->can('sign-in')
        ->middleware('logged:nothing,own');
    Route::post('/api/staff/me/second-factor', [AccountController::class, 'begin'])
        ->can('sign-in')
        ->middleware('proved')
        ->middleware('logged:nothing,own');
    Route::put('/api/staff/me/second-factor', [AccountController::class, 'confirm'])
        ->can('sign-in')
        ->middleware('limited:password')
        ->middleware('logged:itself');
    Route::delete('/api/staff/me/second-factor', [AccountController::class, 'off'])
        ->can('sign-in')
        ->middleware('proved:factor')
        ->middleware('logged:itself');
    Route::post('/api/staff/me/second-factor/codes', [AccountController::class, 'codes'])
        ->can('sign-in')
        ->middleware('proved:factor')
        ->middleware('logged:second_codes');
    Route::post('/api/staff/me/passkeys/asked', [PasskeyController::class, 'begin'])
        ->can('sign-in')
        ->middleware('proved:factor')
        ->middleware('logged:nothing,own');
    Route::post('/api/staff/me/passkeys', [PasskeyController::class, 'keep'])
        ->can('sign-in')
        ->middleware(['proved:factor', 'limited:password'])
        ->middleware('logged:itself');
    Route::delete('/api/staff/me/passkeys/{passkey}', [PasskeyController::class, 'remove'])
        ->can('remove-passkey', 'passkey')
        ->middleware('proved:factor')
        ->middleware('logged:itself');
    Route::post('/api/staff/me/sessions/end', [AccountController::class, 'end'])
        ->can('sign-in')
        ->middleware('logged:sessions_ended');
    Route::put('/api/staff/me/devices', [AccountController::class, 'nameDevice'])
        ->can('sign-in')
        ->middleware('logged:nothing,own');
});
