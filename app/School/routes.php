<?php

declare(strict_types=1);

use App\School\NoticeController;
use App\School\SettingsController;
use App\School\WayController;
use Illuminate\Support\Facades\Route;

Route::middleware(['web', 'auth', 'budget:1500'])->group(static function (): void {
    Route::get('/staff/settings', [SettingsController::class, 'page'])
        ->can('have-sheets')
        ->middleware('logged:nothing,own');
    Route::put('/api/staff/me', [SettingsController::class, 'me'])
        ->can('have-sheets')
        ->middleware('logged:nothing,own');
    Route::post('/api/staff/me/picture', [SettingsController::class, 'picture'])
        ->can('have-sheets')
        ->middleware('logged:nothing,own');
    Route::post('/api/staff/me/feed', [SettingsController::class, 'renewFeed'])
        ->can('have-sheets')
        ->middleware('logged:nothing,own');
    Route::get('/staff/school', [SettingsController::class, 'schoolPage'])
        ->can('set-up-school')
        ->middleware('logged:nothing,figures');
    Route::put('/api/staff/school', [SettingsController::class, 'school'])
        ->can('set-up-school')
        ->middleware('proved')
        ->middleware('budget:2000')
        ->middleware('logged:itself');
    Route::post('/api/staff/school/closed-days', [SettingsController::class, 'closedDays'])
        ->can('set-up-school')
        ->middleware('budget:3000')
        ->middleware('logged:nothing,figures');
    Route::post('/api/staff/places', [SettingsController::class, 'addPlace'])
        ->can('have-sheets')
        ->middleware('logged:nothing,own');
    Route::put('/api/staff/places/{place}', [SettingsController::class, 'changePlace'])
        ->can('change', 'place')
        ->middleware('logged:nothing,own');
    Route::post('/api/staff/places/{place}/picture', [SettingsController::class, 'picturePlace'])
        ->can('show-way', 'place')
        ->middleware('logged:nothing,own');
    Route::delete('/api/staff/places/{place}', [SettingsController::class, 'removePlace'])
        ->can('change', 'place')
        ->middleware('logged:nothing,own');
    Route::post('/api/staff/notices/{notice}/seen', [NoticeController::class, 'seen'])
        ->can('change', 'notice')
        ->middleware('logged:nothing,own');
});

Route::middleware(['api', 'budget:600', 'logged:nothing,visitor', 'limited:reads'])->group(static function (): void {
    Route::get('/way/{place}/{key}.webp', WayController::class)->can('visit', 'place');
});
