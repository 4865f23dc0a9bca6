<?php

declare(strict_types=1);

use App\Models\Round;
use App\Rounds\RoundController;
use App\Rounds\RoundPartController;
use Illuminate\Support\Facades\Route;

Route::middleware(['web', 'auth', 'budget:1500'])->group(static function (): void {
    Route::get('/staff/rounds', [RoundController::class, 'index'])
        ->can('have-sheets')
        ->middleware('logged:nothing,own');
    Route::get('/staff/rounds/new', [RoundController::class, 'create'])
        ->can('create', Round::class)
        ->middleware('logged:nothing,own');
    Route::get('/staff/rounds/{round}', [RoundController::class, 'page'])
        ->can('change', 'round')
        ->middleware('logged:round');
    Route::get('/staff/rounds/{round}/cards.pdf', [RoundController::class, 'cards'])
        ->can('change', 'round')
        ->middleware('logged:itself');
    Route::get('/staff/rounds/{round}/paper/{paper}', [RoundController::class, 'paper'])
        ->can('change', 'round')
        ->middleware('logged:itself');
    Route::get('/api/staff/rounds/{round}', [RoundController::class, 'show'])
        ->can('change', 'round')
        ->middleware('cache.headers:etag')
        ->middleware('logged:round');
    Route::post('/api/staff/rounds/{round}/reminders', [RoundController::class, 'remind'])
        ->can('change', 'round')
        ->middleware('logged:itself');
    Route::post('/api/staff/rounds', [RoundController::class, 'store'])
        ->can('create', Round::class)
        ->middleware('budget:12000')
        ->middleware('logged:round_written');
    Route::put('/api/staff/rounds/{round}', [RoundController::class, 'update'])
        ->can('change', 'round')
        ->middleware('budget:12000')
        ->middleware('logged:round_written');
    Route::put('/api/staff/rounds/{round}/interpreters', [RoundController::class, 'interpreters'])
        ->can('change', 'round')
        ->middleware('logged:round_written');
    Route::post('/api/staff/rounds/{round}/publish', [RoundController::class, 'publish'])
        ->can('change', 'round')
        ->middleware('logged:itself');
    Route::post('/api/staff/rounds/{round}/take-back', [RoundController::class, 'takeBack'])
        ->can('change', 'round')
        ->middleware('logged:itself');
    Route::post('/api/staff/rounds/{round}/parts', [RoundPartController::class, 'takeIn'])
        ->can('change', 'round')
        ->middleware('logged:itself');
    Route::put('/api/staff/round-parts/{part}', [RoundPartController::class, 'set'])
        ->can('change', 'part')
        ->middleware('logged:nothing,own');
    Route::delete('/api/staff/round-parts/{part}', [RoundPartController::class, 'takeOut'])
        ->can('takeOut', 'part')
        ->middleware('logged:itself');
    Route::get('/api/staff/round-parts/{part}/students', [RoundPartController::class, 'students'])
        ->can('change', 'part')
        ->middleware('logged:students');
});
