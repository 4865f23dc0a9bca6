<?php

declare(strict_types=1);

use App\Accounts\StaffController;
use App\Accounts\StaffFileController;
use App\Models\StaffMember;
use Illuminate\Support\Facades\Route;

Route::middleware(['web', 'auth', 'budget:1500'])->group(static function (): void {
    Route::get('/staff/people', [StaffController::class, 'page'])
        ->can('viewAny', StaffMember::class)
        ->middleware('logged:people');
    Route::post('/api/staff/people', [StaffController::class, 'invite'])
        ->can('viewAny', StaffMember::class)
        ->middleware(['proved', 'limited:invitations'])
        ->middleware('logged:itself');
    Route::post('/api/staff/people/file', [StaffFileController::class, 'look'])
        ->can('viewAny', StaffMember::class)
        ->middleware('limited:invitations')
        ->middleware('logged:nothing,own');
    Route::post('/api/staff/people/file/invitations', [StaffFileController::class, 'invite'])
        ->can('viewAny', StaffMember::class)
        ->middleware(['proved', 'limited:invitations'])
        ->middleware('logged:itself');
    Route::put('/api/staff/people/{person}', [StaffController::class, 'change'])
        ->can('change', 'person')
        ->middleware('proved')
        ->middleware('logged:itself');
    Route::post('/api/staff/people/{person}/invitation', [StaffController::class, 'again'])
        ->can('change', 'person')
        ->middleware(['proved', 'limited:invitations'])
        ->middleware('logged:invited_again');
    Route::delete('/api/staff/people/{person}/invitation', [StaffController::class, 'takeBack'])
        ->can('change', 'person')
        ->middleware('proved')
        ->middleware('logged:itself');
});
