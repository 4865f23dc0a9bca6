<?php

declare(strict_types=1);

use App\Http\Controllers\Staff\BookingController;
use App\Http\Controllers\Staff\CalendarController;
use App\Http\Controllers\Staff\FormatsController;
use App\Http\Controllers\Staff\NoticeController;
use App\Http\Controllers\Staff\OfficeController;
use App\Http\Controllers\Staff\SessionController;
use App\Http\Controllers\Staff\SettingsController;
use App\Http\Controllers\Staff\SheetController;
use App\Http\Controllers\Staff\SheetLifeController;
use App\Http\Controllers\Staff\WorksheetController;
use App\Models\Sheet;
use Illuminate\Support\Facades\Route;

// For staff: Laravel's session and CSRF. Every route names its policy.

Route::middleware('guest')->group(static function (): void {
    Route::get('/staff/sign-in', [SessionController::class, 'page'])->can('sign-in');
    Route::post('/api/staff/session', [SessionController::class, 'store'])->can('sign-in');
});

Route::middleware('auth')->group(static function (): void {
    Route::delete('/api/staff/session', [SessionController::class, 'destroy'])->can('viewAny', Sheet::class);

    Route::get('/staff', [SheetController::class, 'index'])->can('viewAny', Sheet::class);
    Route::get('/staff/sheets/new', [SheetController::class, 'create'])->can('create', Sheet::class);
    Route::get('/staff/sheets/{sheet}', [SheetController::class, 'page'])->can('view', 'sheet');
    Route::get('/staff/sheets/{sheet}/edit', [SheetController::class, 'edit'])->can('update', 'sheet');
    Route::get('/staff/sheets/{sheet}/files/{what}', [FormatsController::class, 'file'])->can('view', 'sheet');
    Route::get('/staff/settings', [SettingsController::class, 'page'])->can('viewAny', Sheet::class);

    Route::post('/api/staff/worksheet', [WorksheetController::class, 'draw'])->can('create', Sheet::class);
    Route::post('/api/staff/worksheet/occurrence', [WorksheetController::class, 'occurrence'])->can('create', Sheet::class);
    Route::post('/api/staff/sheets', [SheetController::class, 'store'])->can('create', Sheet::class);
    Route::post('/api/staff/sheets/import', [FormatsController::class, 'import'])->can('create', Sheet::class);
    Route::get('/api/staff/sheets/{sheet}', [SheetController::class, 'show'])->can('view', 'sheet');
    Route::put('/api/staff/sheets/{sheet}', [SheetController::class, 'update'])->can('update', 'sheet');
    Route::post('/api/staff/sheets/{sheet}/publish', [SheetLifeController::class, 'publish'])->can('update', 'sheet');
    Route::post('/api/staff/sheets/{sheet}/state', [SheetLifeController::class, 'state'])->can('update', 'sheet');
    Route::post('/api/staff/sheets/{sheet}/put-away', [SheetLifeController::class, 'putAway'])->can('update', 'sheet');
    Route::post('/api/staff/sheets/{sheet}/copy', [SheetLifeController::class, 'copy'])->can('copy', 'sheet');
    Route::post('/api/staff/sheets/{sheet}/address', [SheetLifeController::class, 'rename'])->can('update', 'sheet');
    Route::post('/api/staff/sheets/{sheet}/slot', [SheetLifeController::class, 'slot'])->can('update', 'sheet');
    Route::post('/api/staff/sheets/{sheet}/link', [BookingController::class, 'link'])->can('update', 'sheet');
    Route::get('/api/staff/sheets/{sheet}/handout', [FormatsController::class, 'handout'])->can('view', 'sheet');
    Route::post('/api/staff/sheets/{sheet}/bookings', [OfficeController::class, 'book'])->can('bookFor', 'sheet');

    Route::post('/api/staff/bookings/{booking}/cancel', [BookingController::class, 'cancel'])->can('cancel', 'booking');
    Route::post('/api/staff/bookings/{booking}/move', [BookingController::class, 'move'])->can('cancel', 'booking');
    Route::post('/api/staff/bookings/{booking}/answer', [BookingController::class, 'answer'])->can('answer', 'booking');
    Route::get('/staff/bookings/{booking}/slip.pdf', [OfficeController::class, 'slip'])->can('cancel', 'booking');

    Route::post('/api/staff/notices/{notice}/seen', [NoticeController::class, 'seen'])->can('change', 'notice');
    Route::put('/api/staff/me', [SettingsController::class, 'me'])->can('viewAny', Sheet::class);
    Route::post('/api/staff/me/picture', [SettingsController::class, 'picture'])->can('viewAny', Sheet::class);
    Route::post('/api/staff/me/feed', [SettingsController::class, 'renewFeed'])->can('viewAny', Sheet::class);
    Route::put('/api/staff/school', [SettingsController::class, 'school'])->can('set-up-school');
    Route::post('/api/staff/school/closed-days', [SettingsController::class, 'closedDays'])->can('set-up-school');
    Route::post('/api/staff/places', [SettingsController::class, 'addPlace'])->can('viewAny', Sheet::class);
    Route::delete('/api/staff/places/{place}', [SettingsController::class, 'removePlace'])->can('change', 'place');
    Route::post('/api/staff/calendars', [CalendarController::class, 'store'])->can('viewAny', Sheet::class);
    Route::post('/api/staff/calendars/{calendar}/refresh', [CalendarController::class, 'refresh'])->can('change', 'calendar');
    Route::delete('/api/staff/calendars/{calendar}', [CalendarController::class, 'destroy'])->can('change', 'calendar');
});
