<?php

declare(strict_types=1);

use App\Day\AfterwardsController;
use App\Day\DeskController;
use App\Day\KioskController;
use App\Day\KiosksController;
use App\Day\ListsController;
use Illuminate\Support\Facades\Route;

Route::middleware(['api', 'budget:300', 'logged:nothing,visitor', 'limited:kiosk'])->group(static function (): void {
    Route::get('/kiosk/{kiosk}', [KioskController::class, 'page'])->can('use-kiosk', 'kiosk');
    Route::get('/api/kiosk/{kiosk}', [KioskController::class, 'show'])
        ->can('use-kiosk', 'kiosk')
        ->middleware('cache.headers:etag');
    Route::post('/api/kiosk/{kiosk}/find', [KioskController::class, 'find'])->can('use-kiosk', 'kiosk');
    Route::post('/api/kiosk/{kiosk}/here', [KioskController::class, 'here'])->can('use-kiosk', 'kiosk');
});

Route::middleware(['web', 'auth', 'budget:1500'])->group(static function (): void {
    Route::get('/staff', [DeskController::class, 'home'])
        ->can('have-sheets')
        ->middleware('logged:itself');
    Route::get('/staff/desk/{person}', [DeskController::class, 'page'])
        ->can('run-desk', 'person')
        ->middleware('logged:desk');
    Route::get('/api/staff/desk/{person}', [DeskController::class, 'show'])
        ->can('run-desk', 'person')
        ->middleware('cache.headers:etag')
        ->middleware('logged:desk');
    Route::post('/api/staff/desk/{person}/presses', [DeskController::class, 'press'])
        ->can('run-desk', 'person')
        ->middleware('logged:pressed');
    Route::post('/api/staff/desk/{person}/undo', [DeskController::class, 'undo'])
        ->can('run-desk', 'person')
        ->middleware('logged:pressed');
    Route::put('/api/staff/bookings/{booking}/note', [DeskController::class, 'note'])
        ->can('answer', 'booking')
        ->middleware('logged:nothing,own');
    Route::post('/api/staff/bookings/{booking}/offer', [DeskController::class, 'offer'])
        ->can('answer', 'booking')
        ->middleware('logged:time_offered');
    Route::get('/staff/sheets/{sheet}/afterwards', [AfterwardsController::class, 'page'])
        ->can('view', 'sheet')
        ->middleware('logged:afterwards');
    Route::get('/api/staff/sheets/{sheet}/afterwards', [AfterwardsController::class, 'show'])
        ->can('view', 'sheet')
        ->middleware('logged:afterwards');
    Route::get('/staff/sheets/{sheet}/figures.csv', [AfterwardsController::class, 'figures'])
        ->can('view', 'sheet')
        ->middleware('logged:nothing,figures');
    Route::post('/api/staff/sheets/{sheet}/afterwards/preview', [AfterwardsController::class, 'preview'])
        ->can('update', 'sheet')
        ->middleware('logged:afterwards');
    Route::post('/api/staff/sheets/{sheet}/afterwards', [AfterwardsController::class, 'write'])
        ->can('update', 'sheet')
        ->middleware('limited:after-letters')
        ->middleware('logged:itself');
    Route::get('/staff/lists', [ListsController::class, 'page'])
        ->can('have-sheets')
        ->middleware('logged:lists');
    Route::get('/staff/lists/{list}', [ListsController::class, 'file'])
        ->can('have-sheets')
        ->middleware('logged:lists');
    Route::get('/staff/day/{list}', [ListsController::class, 'file'])
        ->whereIn('list', ['entrance.pdf', 'doors.pdf'])
        ->can('see-day')
        ->middleware('logged:lists');
    Route::get('/api/staff/kiosks', [KiosksController::class, 'list'])
        ->can('set-up-school')
        ->middleware('logged:kiosks');
    Route::post('/api/staff/kiosks', [KiosksController::class, 'add'])
        ->can('set-up-school')
        ->middleware('logged:itself');
    Route::delete('/api/staff/kiosks/{tablet}', [KiosksController::class, 'end'])
        ->can('end-kiosk', 'tablet')
        ->middleware('logged:itself');
    Route::get('/staff/kiosks/{tablet}/qr.svg', [KiosksController::class, 'qr'])
        ->can('end-kiosk', 'tablet')
        ->middleware('logged:kiosks');
    Route::delete('/api/staff/bookings/{booking}/offer', [DeskController::class, 'takeOfferBack'])
        ->can('answer', 'booking')
        ->middleware('logged:time_offered');
    Route::put('/api/staff/me/desk', [DeskController::class, 'settings'])
        ->can('have-sheets')
        ->middleware('logged:nothing,own');
});
