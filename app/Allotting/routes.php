<?php

declare(strict_types=1);

use App\Allotting\AllotmentController;
use App\Allotting\WishesController;
use Illuminate\Support\Facades\Route;

Route::middleware(['api', 'budget:600'])->group(static function (): void {
    Route::put('/api/r/{round:slug}/wishes', [WishesController::class, 'send'])->can('visit', 'round')->middleware('limited:visitor-writes');
    Route::post('/r/{round:slug}/wishes', [WishesController::class, 'plain'])->can('visit', 'round')->middleware('limited:visitor-writes');
    Route::delete('/api/r/{round:slug}/wishes', [WishesController::class, 'takeBack'])->can('visit', 'round')->middleware('limited:visitor-writes');
});

Route::middleware(['web', 'auth', 'budget:1500'])->group(static function (): void {
    Route::get('/staff/rounds/{round}/allotment', [AllotmentController::class, 'page'])->can('change', 'round');
    Route::get('/staff/rounds/{round}/allotment.csv', [AllotmentController::class, 'table'])->can('change', 'round');
    Route::get('/api/staff/rounds/{round}/allotment', [AllotmentController::class, 'show'])->can('change', 'round');
    Route::get('/api/staff/rounds/{round}/allotment/progress', [AllotmentController::class, 'progress'])->can('change', 'round');
    Route::post('/api/staff/rounds/{round}/allotment', [AllotmentController::class, 'begin'])->can('change', 'round');
    Route::put('/api/staff/rounds/{round}/wishes-until', [AllotmentController::class, 'until'])->can('change', 'round');
    Route::post('/api/staff/allotments/{allotment}/stop', [AllotmentController::class, 'stop'])->can('change', 'allotment');
    Route::put('/api/staff/allotments/{allotment}/pins', [AllotmentController::class, 'pin'])->can('change', 'allotment')->middleware('budget:5100');
    Route::post('/api/staff/allotments/{allotment}/publish', [AllotmentController::class, 'publish'])->can('change', 'allotment')->middleware('proved');
});
