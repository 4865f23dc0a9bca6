<?php

declare(strict_types=1);

use App\Http\Controllers\Visit\BenchController;
use App\Http\Controllers\Visit\BoardController;
use App\Http\Controllers\Visit\FeedController;
use App\Http\Controllers\Visit\HealthController;
use App\Http\Controllers\Visit\MailroomController;
use App\Http\Controllers\Visit\PassController;
use App\Http\Controllers\Visit\SheetController;
use App\Http\Controllers\Visit\StandInController;
use App\Http\Middleware\TooLate;
use Illuminate\Support\Facades\Route;

// For visitors: no session, no cookie. Every route names its policy.

Route::get('/up', HealthController::class)->can('see-board');
Route::get('/', [BoardController::class, 'board'])->can('see-board');
Route::get('/find', [BoardController::class, 'find'])->can('see-board');
Route::get('/d/{staff:slug}', [BoardController::class, 'door'])->can('see-board');
Route::get('/d/{staff:slug}/picture', [BoardController::class, 'picture'])->can('see-board');

Route::get('/s/{sheet:slug}', [SheetController::class, 'page'])->can('visit', 'sheet');
Route::get('/s/{sheet:slug}/frame', [SheetController::class, 'frame'])->can('visit', 'sheet');
Route::get('/s/{sheet:slug}/book', [SheetController::class, 'plainForm'])->can('visit', 'sheet');
Route::get('/api/s/{sheet:slug}', [SheetController::class, 'show'])->can('visit', 'sheet');
Route::middleware('throttle:visitor-writes')->group(static function (): void {
    Route::post('/s/{sheet:slug}/book', [SheetController::class, 'plainBook'])->can('book', 'sheet');
    Route::post('/api/s/{sheet:slug}/keep', [SheetController::class, 'keep'])->can('book', 'sheet')->middleware(TooLate::class);
    Route::post('/api/s/{sheet:slug}/let-go', [SheetController::class, 'letGo'])->can('book', 'sheet');
    Route::post('/api/s/{sheet:slug}/bookings', [SheetController::class, 'book'])->can('book', 'sheet')->middleware(TooLate::class);
    Route::post('/api/s/{sheet:slug}/waiting', [SheetController::class, 'wait'])->can('book', 'sheet');
    Route::post('/api/pass-again', [PassController::class, 'again'])->can('see-board')->middleware('throttle:pass-again');
});

Route::middleware('throttle:pass-reads')->group(static function (): void {
    Route::get('/p/{pass}', [PassController::class, 'page'])->can('hold', 'pass');
    Route::get('/api/p/{pass}', [PassController::class, 'show'])->can('hold', 'pass');
    Route::get('/p/{pass}/qr.svg', [PassController::class, 'qr'])->can('hold', 'pass');
    Route::get('/p/{pass}/bookings.ics', [PassController::class, 'entries'])->can('hold', 'pass');
    Route::get('/p/{pass}/bookings/{booking}.ics', [PassController::class, 'entry'])->can('attend', ['booking', 'pass']);
    Route::middleware('throttle:visitor-writes')->group(static function (): void {
        Route::post('/api/p/{pass}/renew', [PassController::class, 'renew'])->can('hold', 'pass');
        Route::post('/api/p/{pass}/bookings/{booking}/give-back', [PassController::class, 'giveBack'])->can('hold', ['booking', 'pass']);
        Route::post('/api/p/{pass}/bookings/{booking}/move', [PassController::class, 'move'])->can('hold', ['booking', 'pass']);
        Route::post('/api/p/{pass}/bookings/{booking}/answers', [PassController::class, 'answers'])->can('hold', ['booking', 'pass']);
        Route::post('/api/p/{pass}/bookings/{booking}/guests', [PassController::class, 'bring'])->can('hold', ['booking', 'pass']);
        Route::post('/api/p/{pass}/bookings/{booking}/leave', [PassController::class, 'leave'])->can('attend', ['booking', 'pass']);
    });
});
Route::get('/feeds/{token}.ics', FeedController::class)->can('see-board')->middleware('throttle:pass-reads');

// The demo's stand-ins: for mail, for a calendar program, and for a video service.
Route::get('/mailroom', [MailroomController::class, 'page'])->can('read-mailroom');
Route::get('/mailroom/{message}', [MailroomController::class, 'page'])->can('read-mailroom');
Route::get('/mailroom/{message}/html', [MailroomController::class, 'html'])->can('read-mailroom');
Route::get('/stand-in/calendar.ics', [StandInController::class, 'calendar'])->can('use-stand-ins');
Route::get('/video-room/{key}', [StandInController::class, 'room'])->can('see-board')->middleware('throttle:pass-reads');

// Baselines, on the instance of bin/recess bench alone.
if (config('recess.bench') === true) {
    Route::get('/bench/bare', [BenchController::class, 'bare'])->can('see-board');
    Route::post('/bench/two-statements', [BenchController::class, 'write'])->can('see-board');
}
