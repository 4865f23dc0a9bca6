<?php

declare(strict_types=1);

use App\Plans\RoundVisitController;
use Illuminate\Support\Facades\Route;

Route::middleware(['api', 'budget:600', 'logged:nothing,visitor'])->group(static function (): void {
    Route::middleware('limited:reads')->group(static function (): void {
        Route::get('/r/{round:slug}', [RoundVisitController::class, 'page'])->can('visit', 'round');
        Route::get('/api/r/{round:slug}', [RoundVisitController::class, 'show'])->can('visit', 'round');
        Route::post('/api/r/{round:slug}/plan', [RoundVisitController::class, 'plan'])
            ->can('visit', 'round')
            ->middleware('limited:plans');
    });
    Route::post('/api/r/{round:slug}/bookings', [RoundVisitController::class, 'keep'])
        ->can('visit', 'round')
        ->middleware('limited:visitor-writes');
    Route::post('/api/r/{round:slug}/give-back', [RoundVisitController::class, 'giveBack'])
        ->can('visit', 'round')
        ->middleware('limited:visitor-writes');
});
