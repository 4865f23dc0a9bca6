<?php

declare(strict_types=1);

use App\Booking\TooLate;
use App\Visiting\BoardController;
use App\Visiting\LineController;
use App\Visiting\PassController;
use App\Visiting\VisitController;
use Illuminate\Support\Facades\Route;

// For visitors: no session, no cookie. Every route names its policy.

Route::middleware('api')->group(static function (): void {
    Route::get('/', [BoardController::class, 'board'])->can('see-board');
    Route::get('/find', [BoardController::class, 'find'])->can('see-board');
    Route::get('/d/{staff:slug}', [BoardController::class, 'door'])->can('see-board');
    Route::get('/d/{staff:slug}/picture', [BoardController::class, 'picture'])->can('see-board');

    Route::get('/s/{sheet:slug}', [VisitController::class, 'page'])->can('visit', 'sheet');
    Route::get('/s/{sheet:slug}/frame', [VisitController::class, 'frame'])->can('visit', 'sheet');
    Route::get('/s/{sheet:slug}/book', [VisitController::class, 'plainForm'])->can('visit', 'sheet');
    Route::get('/api/s/{sheet:slug}', [VisitController::class, 'show'])->can('visit', 'sheet');
    Route::middleware('limited:visitor-writes')->group(static function (): void {
        Route::post('/s/{sheet:slug}/book', [VisitController::class, 'plainBook'])->can('book', 'sheet');
        Route::post('/api/s/{sheet:slug}/keep', [VisitController::class, 'keep'])->can('book', 'sheet')->middleware(TooLate::class);
        Route::post('/api/s/{sheet:slug}/let-go', [VisitController::class, 'letGo'])->can('book', 'sheet');
        Route::post('/api/s/{sheet:slug}/bookings', [VisitController::class, 'book'])->can('book', 'sheet')->middleware(TooLate::class);
        Route::post('/api/s/{sheet:slug}/waiting', [VisitController::class, 'wait'])->can('book', 'sheet')->middleware(['limited:waiting', 'limited:waiting-address']);
        Route::post('/api/pass-again', [PassController::class, 'again'])->can('see-board')->middleware('limited:pass-again');
    });

    Route::middleware('limited:pass-reads')->group(static function (): void {
        Route::get('/w/{waiting}', [LineController::class, 'page'])->can('see-board');
        Route::post('/w/{waiting}/confirm', [LineController::class, 'confirm'])->can('see-board');
        Route::post('/w/{waiting}/decline', [LineController::class, 'decline'])->can('see-board');
        Route::post('/w/{waiting}/leave', [LineController::class, 'leave'])->can('see-board');
        Route::get('/p/{pass}', [PassController::class, 'page'])->can('hold', 'pass');
        Route::get('/api/p/{pass}', [PassController::class, 'show'])->can('hold', 'pass');
        Route::get('/p/{pass}/qr.svg', [PassController::class, 'qr'])->can('hold', 'pass');
        Route::get('/p/{pass}/bookings.ics', [PassController::class, 'entries'])->can('hold', 'pass');
        Route::get('/p/{pass}/bookings/{booking}.ics', [PassController::class, 'entry'])->can('attend', ['booking', 'pass']);
        Route::middleware('limited:visitor-writes')->group(static function (): void {
            Route::post('/api/p/{pass}/renew', [PassController::class, 'renew'])->can('hold', 'pass');
            Route::post('/api/p/{pass}/bookings/{booking}/give-back', [PassController::class, 'giveBack'])->can('hold', ['booking', 'pass']);
            Route::post('/api/p/{pass}/bookings/{booking}/move', [PassController::class, 'move'])->can('hold', ['booking', 'pass']);
            Route::post('/api/p/{pass}/bookings/{booking}/answers', [PassController::class, 'answers'])->can('hold', ['booking', 'pass']);
            Route::post('/api/p/{pass}/bookings/{booking}/guests', [PassController::class, 'bring'])->can('hold', ['booking', 'pass']);
            Route::post('/api/p/{pass}/bookings/{booking}/leave', [PassController::class, 'leave'])->can('attend', ['booking', 'pass']);
        });
    });
});
