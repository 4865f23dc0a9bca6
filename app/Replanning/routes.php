<?php

declare(strict_types=1);

use App\Replanning\ReplanController;
use Illuminate\Support\Facades\Route;

Route::middleware(['web', 'auth', 'budget:1500'])->group(static function (): void {
    Route::get('/staff/rounds/{round}/changes', [ReplanController::class, 'page'])
        ->can('change', 'round')
        ->middleware('logged:round');
    Route::post('/api/staff/rounds/{round}/away/effect', [ReplanController::class, 'away'])
        ->can('change', 'round')
        ->middleware('budget:2600')
        ->middleware('logged:round');
    Route::post('/api/staff/rounds/{round}/away', [ReplanController::class, 'letBeAway'])
        ->can('change', 'round')
        ->middleware('budget:2600')
        ->middleware('logged:itself');
    Route::delete('/api/staff/rounds/{round}/away/{part}', [ReplanController::class, 'comesAfterAll'])
        ->can('change', 'round')
        ->middleware('logged:itself');
    Route::post('/api/staff/rounds/{round}/evening/effect', [ReplanController::class, 'evening'])
        ->can('change', 'round')
        ->middleware('budget:5100')
        ->middleware('logged:round');
    Route::post('/api/staff/rounds/{round}/evening', [ReplanController::class, 'moveEvening'])
        ->can('change', 'round')
        ->middleware('budget:5100')
        ->middleware('logged:itself');
    Route::post('/api/staff/rounds/{round}/undo', [ReplanController::class, 'takeBack'])
        ->can('change', 'round')
        ->middleware('logged:itself');
    Route::post('/api/staff/rounds/{round}/by-video', [ReplanController::class, 'byVideo'])
        ->can('change', 'round')
        ->middleware('logged:itself');
    Route::delete('/api/staff/rounds/{round}/by-video', [ReplanController::class, 'inRooms'])
        ->can('change', 'round')
        ->middleware('logged:itself');
});
