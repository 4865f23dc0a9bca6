<?php

declare(strict_types=1);

use App\Allotting\AllotmentController;
use App\Allotting\WishesController;
use Illuminate\Support\Facades\Route;

Route::middleware(['api', 'budget:600', 'logged:nothing,visitor'])->group(static function (): void {
    Route::put('/api/r/{round:slug}/wishes', [WishesController::class, 'send'])
        ->can('visit', 'round')
        ->middleware('limited:visitor-writes');
    Route::post('/r/{round:slug}/wishes', [WishesController::class, 'plain'])
        ->can('visit', 'round')
        ->middleware('limited:visitor-writes');
    Route::delete('/api/r/{round:slug}/wishes', [WishesController::class, 'takeBack'])
        ->can('visit', 'round')
        ->middleware('limited:visitor-writes');
});

Route::middleware(['web', 'auth', 'budget:1500'])->group(static function (): void {
    Route::get('/staff/rounds/{round}/allotment', [AllotmentController::class, 'page'])
        ->can('change', 'round')
        ->middleware('logged:allotment');
    Route::get('/staff/rounds/{round}/allotment.csv', [AllotmentController::class, 'table'])
        ->can('change', 'round')
        ->middleware('logged:allotment');
    Route::get('/api/staff/rounds/{round}/allotment', [AllotmentController::class, 'show'])
        ->can('change', 'round')
        ->middleware('logged:allotment');
    Route::get('/api/staff/rounds/{round}/allotment/progress', [AllotmentController::class, 'progress'])
        ->can('change', 'round')
        ->middleware('logged:nothing,figures');
    Route::post('/api/staff/rounds/{round}/allotment', [AllotmentController::class, 'begin'])
        ->can('change', 'round')
        ->middleware('logged:itself');
    Route::put('/api/staff/rounds/{round}/wishes-until', [AllotmentController::class, 'until'])
        ->can('change', 'round')
        ->middleware('logged:itself');
    Route::post('/api/staff/allotments/{allotment}/stop', [AllotmentController::class, 'stop'])
        ->can('change', 'allotment')
        ->middleware('logged:allotment_stopped');
    Route::put('/api/staff/allotments/{allotment}/pins', [AllotmentController::class, 'pin'])
        ->can('change', 'allotment')
        ->middleware('budget:5100')
        ->middleware('logged:allotment_pinned');
    Route::post('/api/staff/allotments/{allotment}/publish', [AllotmentController::class, 'publish'])
        ->can('change', 'allotment')
        ->middleware('proved')
        ->middleware('logged:itself');
});
