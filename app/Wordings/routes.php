<?php

declare(strict_types=1);

use App\Framework\Languages;
use App\Wordings\WordingsController;
use Illuminate\Support\Facades\Route;

Route::middleware(['web', 'auth', 'budget:8', 'can:word-school'])->group(static function (): void {
    Route::get('/staff/wordings', [WordingsController::class, 'page'])->middleware('logged:nothing,figures');
    Route::get('/api/staff/wordings', [WordingsController::class, 'look'])->middleware('logged:nothing,figures');
    Route::put('/api/staff/wordings', [WordingsController::class, 'word'])->middleware('logged:itself');
    Route::post('/api/staff/wordings/file', [WordingsController::class, 'lookAtFile'])->middleware(
        'logged:nothing,figures',
    );
    Route::post('/api/staff/wordings/file/taken', [WordingsController::class, 'takeFile'])
        ->middleware('proved')
        ->middleware('logged:itself');
    Route::get('/staff/wordings/{language}.po', [WordingsController::class, 'file'])
        ->whereIn('language', Languages::offered())
        ->middleware('logged:itself');
    Route::delete('/api/staff/wordings/{language}', [WordingsController::class, 'back'])
        ->whereIn('language', Languages::offered())
        ->middleware('proved')
        ->middleware('logged:itself');
});
