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
    Route::get('/staff/sheets', [SheetController::class, 'index'])->can('viewAny', Sheet::class);
    Route::get('/staff/sheets/new', [SheetController::class, 'create'])->can('create', Sheet::class);
    Route::get('/staff/sheets/{sheet}', [SheetController::class, 'page'])->can('view', 'sheet');
    Route::get('/staff/sheets/{sheet}/edit', [SheetController::class, 'edit'])->can('write', 'sheet');

    Route::put('/api/staff/school/closed-days', CloseDaysController::class)->can('set-up-school')->middleware('budget:22000');
    Route::post('/api/staff/school/closed-days/effect', [CloseDaysController::class, 'effect'])->can('set-up-school')->middleware('budget:22000');
    Route::post('/api/staff/sheets', [SheetController::class, 'store'])->can('create', Sheet::class)->middleware('budget:6000');
    Route::get('/api/staff/sheets/{sheet}', [SheetController::class, 'show'])->can('view', 'sheet')->middleware('cache.headers:etag');
    Route::put('/api/staff/sheets/{sheet}', [SheetController::class, 'update'])->can('write', 'sheet')->middleware('budget:22000');
    Route::post('/api/staff/sheets/{sheet}/effect', [SheetController::class, 'effect'])->can('write', 'sheet')->middleware('budget:22000');
    Route::post('/api/staff/sheets/{sheet}/publish', [SheetLifeController::class, 'publish'])->can('write', 'sheet');
    Route::post('/api/staff/sheets/{sheet}/state', [SheetLifeController::class, 'state'])->can('changeState', 'sheet');
    Route::post('/api/staff/sheets/{sheet}/put-away', [SheetLifeController::class, 'putAway'])->can('changeState', 'sheet');
    Route::delete('/api/staff/sheets/{sheet}', [SheetLifeController::class, 'throwAway'])->can('write', 'sheet');
    Route::post('/api/staff/sheets/{sheet}/refuse', [SheetLifeController::class, 'refuse'])->can('refuse', 'sheet');
    Route::post('/api/staff/sheets/{sheet}/copy', [SheetLifeController::class, 'copy'])->can('copy', 'sheet');
    Route::post('/api/staff/sheets/{sheet}/address', [SheetLifeController::class, 'rename'])->can('update', 'sheet');
    Route::post('/api/staff/sheets/{sheet}/slot', [SheetLifeController::class, 'slot'])->can('update', 'sheet');

    Route::post('/api/staff/sheets/{sheet}/link', [HostBookingController::class, 'link'])->can('update', 'sheet')->middleware('budget:2100');
    Route::post('/api/staff/sheets/{sheet}/bookings', [OfficeController::class, 'book'])->can('bookFor', 'sheet');
    Route::get('/api/staff/people/{person}/leaving', [LeavingController::class, 'effect'])->can('change', 'person');
    Route::post('/api/staff/people/{person}/leaving', [LeavingController::class, 'leave'])->can('change', 'person')->middleware('proved');
    Route::put('/api/staff/people/{person}/lending', [LeavingController::class, 'lend'])->can('change', 'person')->middleware('proved');
    Route::delete('/api/staff/people/{person}/lending', [LeavingController::class, 'takeBack'])->can('change', 'person')->middleware('proved');
    Route::post('/api/staff/bookings/{booking}/cancel', [HostBookingController::class, 'cancel'])->can('cancel', 'booking');
    Route::get('/api/staff/bookings/{booking}/times', [HostBookingController::class, 'times'])->can('cancel', 'booking');
    Route::post('/api/staff/bookings/{booking}/move', [HostBookingController::class, 'move'])->can('cancel', 'booking');
    Route::post('/api/staff/bookings/{booking}/answer', [HostBookingController::class, 'answer'])->can('answer', 'booking');
    Route::get('/staff/bookings/{booking}/slip.pdf', [OfficeController::class, 'slip'])->can('cancel', 'booking');
});
