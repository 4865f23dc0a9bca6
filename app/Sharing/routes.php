<?php

declare(strict_types=1);

use App\Models\Sheet;
use App\Sharing\DayController;
use App\Sharing\ExpectedController;
use App\Sharing\FamiliesController;
use App\Sharing\FormatsController;
use Illuminate\Support\Facades\Route;

Route::middleware(['web', 'auth', 'budget:1500'])->group(static function (): void {
    Route::get('/staff/sheets/{sheet}/files/{what}', [FormatsController::class, 'file'])
        ->can('view', 'sheet')
        ->middleware('logged:file');
    Route::get('/api/staff/sheets/{sheet}/handout', [FormatsController::class, 'handout'])
        ->can('view', 'sheet')
        ->middleware('logged:nothing,figures');
    Route::get('/staff/day', [DayController::class, 'page'])
        ->can('see-day')
        ->middleware('logged:lists');
    Route::get('/api/staff/families', [FamiliesController::class, 'choose'])
        ->can('create', Sheet::class)
        ->middleware('limited:worksheet')
        ->middleware('logged:families');
    Route::get('/api/staff/sheets/{sheet}/roster', [FamiliesController::class, 'roster'])
        ->can('view', 'sheet')
        ->middleware('logged:roster');
    Route::post('/api/staff/sheets/{sheet}/letters', [FamiliesController::class, 'write'])
        ->can('writeTo', 'sheet')
        ->middleware('logged:itself');
    Route::post('/api/staff/sheets/{sheet}/expected', [ExpectedController::class, 'add'])
        ->can('update', 'sheet')
        ->middleware('logged:expected');
    Route::post('/api/staff/sheets/{sheet}/expected/off', [ExpectedController::class, 'remove'])
        ->can('update', 'sheet')
        ->middleware('logged:expected');
    Route::post('/api/staff/sheets/{sheet}/expected/remind', [ExpectedController::class, 'remind'])
        ->can('remind', 'sheet')
        ->middleware('logged:itself');
    Route::post('/api/staff/sheets/import', [FormatsController::class, 'import'])
        ->can('create', Sheet::class)
        ->middleware('logged:nothing,own');
});
