<?php

declare(strict_types=1);

use App\Versions\VersionsController;
use Illuminate\Support\Facades\Route;

Route::middleware(['web', 'auth', 'budget:900'])->group(static function (): void {
    Route::get('/staff/sheets/{sheet}/languages', [VersionsController::class, 'sheet'])
        ->can('update', 'sheet')
        ->middleware('logged:sheet');
    Route::put('/api/staff/sheets/{sheet}/languages', [VersionsController::class, 'ofSheet'])
        ->can('update', 'sheet')
        ->middleware('logged:sheet_changed');
    Route::get('/staff/rounds/{round}/languages', [VersionsController::class, 'round'])
        ->can('change', 'round')
        ->middleware('logged:round');
    Route::put('/api/staff/rounds/{round}/languages', [VersionsController::class, 'ofRound'])
        ->can('change', 'round')
        ->middleware('logged:round_written');
});
