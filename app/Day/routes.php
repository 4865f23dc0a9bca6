<?php

declare(strict_types=1);

use App\Day\AfterwardsController;
use App\Day\DeskController;
use App\Day\KioskController;
use App\Day\KiosksController;
use App\Day\ListsController;
use App\Models\Sheet;
use Illuminate\Support\Facades\Route;

Route::middleware(['api', 'budget:300', 'limited:kiosk'])->group(static function (): void {
    Route::get('/kiosk/{kiosk}', [KioskController::class, 'page'])->can('use-kiosk', 'kiosk');
    Route::get('/api/kiosk/{kiosk}', [KioskController::class, 'show'])->can('use-kiosk', 'kiosk')->middleware('cache.headers:etag');
    Route::post('/api/kiosk/{kiosk}/find', [KioskController::class, 'find'])->can('use-kiosk', 'kiosk');
    Route::post('/api/kiosk/{kiosk}/here', [KioskController::class, 'here'])->can('use-kiosk', 'kiosk');
});

Route::middleware(['web', 'auth', 'budget:1500'])->group(static function (): void {
    Route::get('/staff', [DeskController::class, 'home'])->can('viewAny', Sheet::class);
    Route::get('/staff/desk/{person}', [DeskController::class, 'page'])->can('run-desk', 'person');
    Route::get('/api/staff/desk/{person}', [DeskController::class, 'show'])->can('run-desk', 'person')->middleware('cache.headers:etag');
    Route::post('/api/staff/desk/{person}/presses', [DeskController::class, 'press'])->can('run-desk', 'person');
    Route::post('/api/staff/desk/{person}/undo', [DeskController::class, 'undo'])->can('run-desk', 'person');
    Route::put('/api/staff/bookings/{booking}/note', [DeskController::class, 'note'])->can('answer', 'booking');
    Route::post('/api/staff/bookings/{booking}/offer', [DeskController::class, 'offer'])->can('answer', 'booking');
    Route::get('/staff/sheets/{sheet}/afterwards', [AfterwardsController::class, 'page'])->can('view', 'sheet');
    Route::get('/api/staff/sheets/{sheet}/afterwards', [AfterwardsController::class, 'show'])->can('view', 'sheet');
    Route::get('/staff/sheets/{sheet}/figures.csv', [AfterwardsController::class, 'figures'])->can('view', 'sheet');
    Route::post('/api/staff/sheets/{sheet}/afterwards/preview', [AfterwardsController::class, 'preview'])->can('update', 'sheet');
    Route::post('/api/staff/sheets/{sheet}/afterwards', [AfterwardsController::class, 'write'])->can('update', 'sheet')->middleware('limited:after-letters');
    Route::get('/staff/lists', [ListsController::class, 'page'])->can('viewAny', Sheet::class);
    Route::get('/staff/lists/{list}', [ListsController::class, 'file'])->can('viewAny', Sheet::class);
    Route::get('/staff/day/{list}', [ListsController::class, 'file'])->whereIn('list', ['entrance.pdf', 'doors.pdf'])->can('see-day');
    Route::get('/api/staff/kiosks', [KiosksController::class, 'list'])->can('set-up-school');
    Route::post('/api/staff/kiosks', [KiosksController::class, 'add'])->can('set-up-school');
    Route::delete('/api/staff/kiosks/{tablet}', [KiosksController::class, 'end'])->can('end-kiosk', 'tablet');
    Route::get('/staff/kiosks/{tablet}/qr.svg', [KiosksController::class, 'qr'])->can('end-kiosk', 'tablet');
    Route::delete('/api/staff/bookings/{booking}/offer', [DeskController::class, 'takeOfferBack'])->can('answer', 'booking');
    Route::put('/api/staff/me/desk', [DeskController::class, 'settings'])->can('viewAny', Sheet::class);
});
