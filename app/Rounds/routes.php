<?php

declare(strict_types=1);

use App\Models\Round;
use App\Models\Sheet;
use App\Rounds\RoundController;
use App\Rounds\RoundPartController;
use Illuminate\Support\Facades\Route;

Route::middleware(['web', 'auth', 'budget:1500'])->group(static function (): void {
    Route::get('/staff/rounds', [RoundController::class, 'index'])->can('viewAny', Sheet::class);
    Route::get('/staff/rounds/new', [RoundController::class, 'create'])->can('create', Round::class);
    Route::get('/staff/rounds/{round}', [RoundController::class, 'page'])->can('change', 'round');
    Route::get('/staff/rounds/{round}/cards.pdf', [RoundController::class, 'cards'])->can('change', 'round');
    Route::get('/staff/rounds/{round}/paper/{paper}', [RoundController::class, 'paper'])->can('change', 'round');
    Route::get('/api/staff/rounds/{round}', [RoundController::class, 'show'])->can('change', 'round')->middleware('cache.headers:etag');
    Route::post('/api/staff/rounds/{round}/reminders', [RoundController::class, 'remind'])->can('change', 'round');
    Route::post('/api/staff/rounds', [RoundController::class, 'store'])->can('create', Round::class)->middleware('budget:12000');
    Route::put('/api/staff/rounds/{round}', [RoundController::class, 'update'])->can('change', 'round')->middleware('budget:12000');
    Route::put('/api/staff/rounds/{round}/interpreters', [RoundController::class, 'interpreters'])->can('change', 'round');
    Route::post('/api/staff/rounds/{round}/publish', [RoundController::class, 'publish'])->can('change', 'round');
    Route::post('/api/staff/rounds/{round}/take-back', [RoundController::class, 'takeBack'])->can('change', 'round');
    Route::put('/api/staff/round-parts/{part}', [RoundPartController::class, 'set'])->can('change', 'part');
    Route::delete('/api/staff/round-parts/{part}', [RoundPartController::class, 'takeOut'])->can('takeOut', 'part');
    Route::get('/api/staff/round-parts/{part}/students', [RoundPartController::class, 'students'])->can('change', 'part');
});
