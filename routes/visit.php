<?php

declare(strict_types=1);

use App\Http\Controllers\Visit\BoardController;
use App\Http\Controllers\Visit\HealthController;
use App\Http\Controllers\Visit\MailroomController;
use App\Http\Controllers\Visit\PassController;
use App\Http\Controllers\Visit\SheetController;
use Illuminate\Support\Facades\Route;

// For visitors: no session, no cookie. Every route names its policy.

Route::get('/up', HealthController::class)->can('see-board');
Route::get('/', BoardController::class)->can('see-board');

Route::get('/s/{sheet:slug}', [SheetController::class, 'page'])->can('visit', 'sheet');
Route::get('/api/s/{sheet:slug}', [SheetController::class, 'show'])->can('visit', 'sheet');
Route::post('/api/s/{sheet:slug}/bookings', [SheetController::class, 'book'])->can('book', 'sheet')->middleware('throttle:visitor-writes');

Route::middleware('throttle:pass-reads')->group(static function (): void {
    Route::get('/p/{pass}', [PassController::class, 'page'])->can('hold', 'pass');
    Route::get('/api/p/{pass}', [PassController::class, 'show'])->can('hold', 'pass');
    Route::get('/p/{pass}/bookings/{booking}.ics', [PassController::class, 'entry'])->can('hold', ['booking', 'pass']);
    Route::post('/api/p/{pass}/bookings/{booking}/give-back', [PassController::class, 'giveBack'])
        ->can('hold', ['booking', 'pass'])->middleware('throttle:visitor-writes');
});

Route::get('/mailroom', [MailroomController::class, 'page'])->can('read-mailroom');
Route::get('/mailroom/{message}', [MailroomController::class, 'page'])->can('read-mailroom');
Route::get('/mailroom/{message}/html', [MailroomController::class, 'html'])->can('read-mailroom');
