<?php

declare(strict_types=1);

use App\Day\DeskController;
use App\Models\Sheet;
use Illuminate\Support\Facades\Route;

Route::middleware(['web', 'auth'])->group(static function (): void {
    Route::get('/staff', [DeskController::class, 'home'])->can('viewAny', Sheet::class);
    Route::get('/staff/desk/{person}', [DeskController::class, 'page'])->can('run-desk', 'person');
    Route::get('/api/staff/desk/{person}', [DeskController::class, 'show'])->can('run-desk', 'person')->middleware('cache.headers:etag');
    Route::post('/api/staff/desk/{person}/presses', [DeskController::class, 'press'])->can('run-desk', 'person');
    Route::post('/api/staff/desk/{person}/undo', [DeskController::class, 'undo'])->can('run-desk', 'person');
    Route::put('/api/staff/bookings/{booking}/note', [DeskController::class, 'note'])->can('answer', 'booking');
    Route::post('/api/staff/bookings/{booking}/offer', [DeskController::class, 'offer'])->can('answer', 'booking');
    Route::put('/api/staff/me/desk', [DeskController::class, 'settings'])->can('viewAny', Sheet::class);
});
