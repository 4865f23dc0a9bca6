<?php

declare(strict_types=1);

use App\Alone\AloneController;
use Illuminate\Support\Facades\Route;

Route::middleware(['web', 'guest', 'budget:300'])->group(static function (): void {
    Route::get('/staff/alone', [AloneController::class, 'page'])
        ->can('begin-alone')
        ->middleware('logged:nothing,stranger');
    Route::post('/api/staff/alone', [AloneController::class, 'ask'])
        ->can('begin-alone')
        ->middleware(['limited:waiting', 'limited:waiting-address'])
        ->middleware('logged:nothing,stranger');
    Route::get('/staff/alone/{token}', [AloneController::class, 'beginPage'])
        ->can('begin-alone')
        ->middleware('wrong-keys')
        ->middleware('logged:nothing,stranger');
    Route::post('/api/staff/alone/{token}', [AloneController::class, 'begin'])
        ->can('begin-alone')
        ->middleware('wrong-keys')
        ->middleware('logged:itself');
});
