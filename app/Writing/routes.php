<?php

declare(strict_types=1);

use App\Models\Sheet;
use App\Writing\WorksheetController;
use Illuminate\Support\Facades\Route;

Route::middleware(['web', 'auth', 'budget:6000', 'limited:worksheet'])->group(static function (): void {
    Route::post('/api/staff/worksheet', [WorksheetController::class, 'draw'])
        ->can('create', Sheet::class)
        ->middleware('logged:nothing,own');
    Route::delete('/api/staff/worksheet', [WorksheetController::class, 'forget'])
        ->can('create', Sheet::class)
        ->middleware('logged:nothing,own');
    Route::post('/api/staff/worksheet/occurrence', [WorksheetController::class, 'occurrence'])
        ->can('create', Sheet::class)
        ->middleware('logged:nothing,own');
});
