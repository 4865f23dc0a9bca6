<?php

declare(strict_types=1);

use App\Models\Sheet;
use App\Publishing\CloseDaysController;
use App\Publishing\HostBookingController;
use App\Publishing\LeavingController;
use App\Publishing\OfficeController;
use App\Publishing\SheetController;
use App\Publishing\SheetLifeController;
use Illuminate\Support\Facades\Route;

Route::middleware(['web', 'auth', 'budget:1500'])->group(static function (): void {
    Route::get('/staff/sheets', [SheetController::class, 'index'])
        ->can('have-sheets')
        ->middleware('logged:nothing,own');
    Route::get('/staff/sheets/new', [SheetController::class, 'create'])
        ->can('create', Sheet::class)
        ->middleware('logged:nothing,own');
    Route::get('/staff/sheets/{sheet}', [SheetController::class, 'page'])
        ->can('view', 'sheet')
        ->middleware('logged:sheet');
    Route::get('/staff/sheets/{sheet}/edit', [SheetController::class, 'edit'])
        ->can('write', 'sheet')
        ->middleware('logged:nothing,own');

    Route::put('/api/staff/school/closed-days', CloseDaysController::class)
        ->can('set-up-school')
        ->middleware('budget:22000')
        ->middleware('logged:days_closed');
    Route::post('/api/staff/school/closed-days/effect', [CloseDaysController::class, 'effect'])
        ->can('set-up-school')
        ->middleware('budget:22000')
        ->middleware('logged:days_looked');
    Route::post('/api/staff/sheets', [SheetController::class, 'store'])
        ->can('create', Sheet::class)
        ->middleware('budget:6000')
        ->middleware('logged:nothing,own');
    Route::get('/api/staff/sheets/{sheet}', [SheetController::class, 'show'])
        ->can('view', 'sheet')
        ->middleware('cache.headers:etag')
        ->middleware('logged:sheet');
    Route::put('/api/staff/sheets/{sheet}', [SheetController::class, 'update'])
        ->can('write', 'sheet')
        ->middleware('budget:22000')
        ->middleware('logged:sheet_changed');
    Route::post('/api/staff/sheets/{sheet}/effect', [SheetController::class, 'effect'])
        ->can('write', 'sheet')
        ->middleware('budget:22000')
        ->middleware('logged:nothing,own');
    Route::post('/api/staff/sheets/{sheet}/publish', [SheetLifeController::class, 'publish'])
        ->can('write', 'sheet')
        ->middleware('logged:sheet_published');
    Route::post('/api/staff/sheets/{sheet}/state', [SheetLifeController::class, 'state'])
        ->can('changeState', 'sheet')
        ->middleware('logged:sheet_state');
    Route::post('/api/staff/sheets/{sheet}/put-away', [SheetLifeController::class, 'putAway'])
        ->can('changeState', 'sheet')
        ->middleware('logged:sheet_away');
    Route::delete('/api/staff/sheets/{sheet}', [SheetLifeController::class, 'throwAway'])
        ->can('write', 'sheet')
        ->middleware('logged:itself');
    Route::post('/api/staff/sheets/{sheet}/refuse', [SheetLifeController::class, 'refuse'])
        ->can('refuse', 'sheet')
        ->middleware('logged:sheet_refused');
    Route::post('/api/staff/sheets/{sheet}/copy', [SheetLifeController::class, 'copy'])
        ->can('copy', 'sheet')
        ->middleware('logged:nothing,own');
    Route::post('/api/staff/sheets/{sheet}/address', [SheetLifeController::class, 'rename'])
        ->can('update', 'sheet')
        ->middleware('logged:sheet_changed');
    Route::post('/api/staff/sheets/{sheet}/slot', [SheetLifeController::class, 'slot'])
        ->can('update', 'sheet')
        ->middleware('logged:sheet_changed');

    Route::post('/api/staff/sheets/{sheet}/link', [HostBookingController::class, 'link'])
        ->can('update', 'sheet')
        ->middleware('budget:2100')
        ->middleware('logged:sheet_changed');
    Route::post('/api/staff/sheets/{sheet}/bookings', [OfficeController::class, 'book'])
        ->can('bookFor', 'sheet')
        ->middleware('logged:booked_for');
    Route::get('/api/staff/people/{person}/leaving', [LeavingController::class, 'effect'])
        ->can('change', 'person')
        ->middleware('logged:leaving');
    Route::post('/api/staff/people/{person}/leaving', [LeavingController::class, 'leave'])
        ->can('change', 'person')
        ->middleware('proved')
        ->middleware('logged:itself');
    Route::put('/api/staff/people/{person}/lending', [LeavingController::class, 'lend'])
        ->can('change', 'person')
        ->middleware('proved')
        ->middleware('logged:itself');
    Route::delete('/api/staff/people/{person}/lending', [LeavingController::class, 'takeBack'])
        ->can('change', 'person')
        ->middleware('proved')
        ->middleware('logged:lent_no_more');
    Route::post('/api/staff/bookings/{booking}/cancel', [HostBookingController::class, 'cancel'])
        ->can('cancel', 'booking')
        ->middleware('logged:meeting_cancelled');
    Route::get('/api/staff/bookings/{booking}/times', [HostBookingController::class, 'times'])
        ->can('cancel', 'booking')
        ->middleware('logged:nothing,own');
    Route::post('/api/staff/bookings/{booking}/move', [HostBookingController::class, 'move'])
        ->can('cancel', 'booking')
        ->middleware('logged:meeting_moved');
    Route::post('/api/staff/bookings/{booking}/undo', [HostBookingController::class, 'undo'])
        ->can('cancel', 'booking')
        ->middleware('logged:meeting_undone');
    Route::post('/api/staff/bookings/{booking}/answer', [HostBookingController::class, 'answer'])
        ->can('answer', 'booking')
        ->middleware('logged:meeting_answered');
    Route::get('/staff/bookings/{booking}/slip.pdf', [OfficeController::class, 'slip'])
        ->can('cancel', 'booking')
        ->middleware('logged:slip');
});
