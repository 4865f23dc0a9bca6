<?php

declare(strict_types=1);

use App\Accounts\MoveInController;
use App\Accounts\PasswordController;
use App\Accounts\StaffController;
use App\Accounts\StaffFileController;
use App\Models\Sheet;
use App\Models\StaffMember;
use Illuminate\Support\Facades\Route;

Route::middleware('web')->group(static function (): void {
    Route::get('/staff/join/{token}', [PasswordController::class, 'page'])->can('open-account')->middleware('limited:account-keys');
    Route::post('/api/staff/join/{token}', [PasswordController::class, 'first'])->can('open-account')->middleware('limited:account-keys');
    Route::get('/begin/{token}', [MoveInController::class, 'page'])->can('open-account')->middleware('limited:account-keys');
    Route::post('/api/begin/{token}', [MoveInController::class, 'moveIn'])->can('open-account')->middleware('limited:account-keys');
    Route::post('/api/begin/{token}/letter', [MoveInController::class, 'letter'])->can('open-account')->middleware('limited:account-keys');
    Route::get('/staff/forgotten', [PasswordController::class, 'forgottenPage'])->can('open-account');
    Route::post('/api/staff/forgotten', [PasswordController::class, 'forgotten'])->can('open-account')->middleware('limited:account-keys');
});

Route::middleware(['web', 'auth'])->group(static function (): void {
    Route::put('/api/staff/me/password', [PasswordController::class, 'change'])->can('viewAny', Sheet::class)->middleware('limited:password');
    Route::get('/staff/people', [StaffController::class, 'page'])->can('viewAny', StaffMember::class);
    Route::post('/api/staff/people', [StaffController::class, 'invite'])->can('viewAny', StaffMember::class)->middleware('limited:invitations');
    Route::post('/api/staff/people/file', [StaffFileController::class, 'look'])->can('viewAny', StaffMember::class)->middleware('limited:invitations');
    Route::post('/api/staff/people/file/invitations', [StaffFileController::class, 'invite'])->can('viewAny', StaffMember::class)->middleware('limited:invitations');
    Route::put('/api/staff/people/{person}', [StaffController::class, 'change'])->can('change', 'person');
    Route::post('/api/staff/people/{person}/invitation', [StaffController::class, 'again'])->can('change', 'person')->middleware('limited:invitations');
    Route::delete('/api/staff/people/{person}/invitation', [StaffController::class, 'takeBack'])->can('change', 'person');
});
