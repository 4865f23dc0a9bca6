<?php

declare(strict_types=1);

use App\Http\Controllers\Staff\BookingController;
use App\Http\Controllers\Staff\RulerController;
use App\Http\Controllers\Staff\SessionController;
use App\Http\Controllers\Staff\SheetController;
use App\Models\Sheet;
use Illuminate\Support\Facades\Route;

// For staff: Laravel's session and CSRF. Every route names its policy.

Route::middleware('guest')->group(static function (): void {
    Route::get('/staff/sign-in', [SessionController::class, 'page'])->can('sign-in');
    Route::post('/api/staff/session', [SessionController::class, 'store'])->can('sign-in');
});

Route::middleware('auth')->group(static function (): void {
    Route::delete('/api/staff/session', [SessionController::class, 'destroy'])->can('viewAny', Sheet::class);

    Route::get('/staff', [SheetController::class, 'index'])->can('viewAny', Sheet::class);
    Route::get('/staff/sheets/new', [SheetController::class, 'create'])->can('create', Sheet::class);
    Route::get('/staff/sheets/{sheet}', [SheetController::class, 'page'])->can('view', 'sheet');
    Route::get('/staff/sheets/{sheet}/edit', [SheetController::class, 'edit'])->can('update', 'sheet');

    Route::post('/api/staff/ruler', RulerController::class)->can('create', Sheet::class);
    Route::post('/api/staff/sheets', [SheetController::class, 'store'])->can('create', Sheet::class);
    Route::get('/api/staff/sheets/{sheet}', [SheetController::class, 'show'])->can('view', 'sheet');
    Route::put('/api/staff/sheets/{sheet}', [SheetController::class, 'update'])->can('update', 'sheet');
    Route::post('/api/staff/sheets/{sheet}/publish', [SheetController::class, 'publish'])->can('update', 'sheet');
    Route::post('/api/staff/bookings/{booking}/cancel', [BookingController::class, 'cancel'])->can('cancel', 'booking');
});
