<?php

declare(strict_types=1);

use App\Booking\TooLate;
use App\Visiting\BoardController;
use App\Visiting\ComeInController;
use App\Visiting\HolderController;
use App\Visiting\KnockController;
use App\Visiting\LineController;
use App\Visiting\OnTheDayController;
use App\Visiting\PassBookingController;
use App\Visiting\PassController;
use App\Visiting\PlainController;
use App\Visiting\VisitController;
use Illuminate\Support\Facades\Route;

// For visitors: no session, and no cookie but of the language and the clock on which they read.
// Every route names its policy.

Route::middleware(['api', 'budget:600', 'logged:nothing,visitor'])->group(static function (): void {
    Route::middleware('limited:reads')->group(static function (): void {
        Route::get('/', [BoardController::class, 'board'])->can('see-board');
        Route::get('/api/doors', [BoardController::class, 'doors'])->can('see-board');
        Route::get('/find', [BoardController::class, 'find'])->can('see-board');
        Route::get('/api/find', [BoardController::class, 'showFound'])
            ->can('see-board')
            ->middleware('cache.headers:etag');
        Route::get('/d/{staff:slug}', [BoardController::class, 'door'])->can('visit', 'staff');
        Route::get('/d/{staff:slug}/knock', [KnockController::class, 'page'])->can('visit', 'staff');
        Route::post('/api/d/{staff:slug}/times', [KnockController::class, 'times'])
            ->can('visit', 'staff')
            ->middleware('budget:6500');
        Route::get('/d/{staff:slug}/picture', [BoardController::class, 'picture'])->can('visit', 'staff');
        Route::get('/s/{sheet:slug}', [VisitController::class, 'page'])->can('visit', 'sheet');
        Route::get('/s/{sheet:slug}/frame', [VisitController::class, 'frame'])->can('visit', 'sheet');
        Route::get('/card', [ComeInController::class, 'page'])->can('see-board');
        Route::post('/card', [ComeInController::class, 'open'])->can('see-board');
        Route::get('/s/{sheet:slug}/book', [PlainController::class, 'form'])->can('visit', 'sheet');
        Route::get('/api/s/{sheet:slug}', [VisitController::class, 'show'])->can('visit', 'sheet');
    });

    Route::middleware('limited:visitor-writes')->group(static function (): void {
        Route::post('/s/{sheet:slug}/book', [PlainController::class, 'book'])->can('book', 'sheet');
        Route::post('/api/s/{sheet:slug}/keep', [VisitController::class, 'keep'])
            ->can('book', 'sheet')
            ->middleware(TooLate::class);
        Route::post('/api/s/{sheet:slug}/let-go', [VisitController::class, 'letGo'])->can('visit', 'sheet');
        Route::post('/api/s/{sheet:slug}/bookings', [VisitController::class, 'book'])
            ->can('book', 'sheet')
            ->middleware(TooLate::class);
        Route::post('/api/s/{sheet:slug}/waiting', [VisitController::class, 'wait'])
            ->can('book', 'sheet')
            ->middleware(['limited:waiting', 'limited:waiting-address']);
        Route::post('/api/s/{sheet:slug}/keep-longer', [VisitController::class, 'keepLonger'])->can('book', 'sheet');
        Route::post('/api/s/{sheet:slug}/ask-to-join', [VisitController::class, 'askToJoin'])
            ->can('book', 'sheet')
            ->middleware(['limited:waiting', 'limited:waiting-address']);
        Route::post('/s/{sheet:slug}/waiting', [PlainController::class, 'wait'])
            ->can('book', 'sheet')
            ->middleware(['limited:waiting', 'limited:waiting-address']);
        Route::post('/api/d/{staff:slug}/calendar', [KnockController::class, 'calendar'])
            ->can('knock', 'staff')
            ->middleware('limited:calendar-looks');
        Route::post('/api/d/{staff:slug}/knocks', [KnockController::class, 'ask'])
            ->can('knock', 'staff')
            ->middleware(['limited:knocks', 'limited:knock-address']);
        Route::post('/api/pass-again', [PassController::class, 'again'])
            ->can('see-board')
            ->middleware('limited:pass-again');
        Route::post('/pass-again', [PlainController::class, 'passAgain'])
            ->can('see-board')
            ->middleware('limited:pass-again');
    });

    Route::middleware('limited:pass-reads')->group(static function (): void {
        Route::get('/w/{waiting}', [LineController::class, 'page'])->can('see-board');
        Route::post('/w/{waiting}/confirm', [LineController::class, 'confirm'])->can('see-board');
        Route::post('/w/{waiting}/decline', [LineController::class, 'decline'])->can('see-board');
        Route::post('/w/{waiting}/wants', [LineController::class, 'wants'])->can('see-board');
        Route::post('/w/{waiting}/leave', [LineController::class, 'leave'])->can('see-board');
        Route::get('/p/{pass}', [PassController::class, 'page'])->can('open', 'pass');
        Route::get('/api/p/{pass}', [PassController::class, 'show'])
            ->can('open', 'pass')
            ->middleware('cache.headers:etag');
        Route::get('/p/{pass}/address/{key}', [HolderController::class, 'addressPage'])->can('confirm', 'pass');
        Route::get('/p/{pass}/qr.svg', [PassController::class, 'qr'])->can('open', 'pass');
        Route::get('/p/{pass}/bookings.ics', [PassController::class, 'entries'])->can('follow', 'pass');
        Route::get('/p/{pass}/bookings/{booking}.ics', [PassController::class, 'entry'])->can('attend', [
            'booking',
            'pass',
        ]);
        Route::middleware('limited:visitor-writes')->group(static function (): void {
            Route::post('/api/p/{pass}/bookings/{booking}/here', [OnTheDayController::class, 'here'])->can('attend', [
                'booking',
                'pass',
            ]);
            Route::post('/api/p/{pass}/bookings/{booking}/word', [OnTheDayController::class, 'word'])->can('attend', [
                'booking',
                'pass',
            ]);
            Route::post('/api/p/{pass}/bookings/{booking}/video', [OnTheDayController::class, 'video'])->can('attend', [
                'booking',
                'pass',
            ]);
            Route::post('/api/p/{pass}/bookings/{booking}/offer', [OnTheDayController::class, 'offer'])->can('hold', [
                'booking',
                'pass',
            ]);
            Route::post('/api/p/{pass}/knocks/{knock}/take', [KnockController::class, 'take'])->can('hold', [
                'knock',
                'pass',
            ]);
            Route::post('/api/p/{pass}/knocks/{knock}/take-back', [KnockController::class, 'takeBack'])->can('hold', [
                'knock',
                'pass',
            ]);
            Route::post('/p/{pass}/everything', [PassController::class, 'everything'])
                ->can('open', 'pass')
                ->middleware('limited:everything');
            Route::post('/api/p/{pass}/late', [OnTheDayController::class, 'late'])->can('open', 'pass');
            Route::post('/api/p/{pass}/holder', [HolderController::class, 'mend'])
                ->can('hold', 'pass')
                ->middleware('limited:holder');
            Route::post('/api/p/{pass}/student', [HolderController::class, 'student'])
                ->can('hold', 'pass')
                ->middleware('limited:holder');
            Route::post('/p/{pass}/address/{key}', [HolderController::class, 'confirmAddress'])->can('confirm', 'pass');
            Route::post('/p/{pass}/bookings/{booking}/give-back', [PlainController::class, 'giveBack'])->can('change', [
                'booking',
                'pass',
            ]);
            Route::post('/p/{pass}/bookings/{booking}/move', [PlainController::class, 'move'])->can('change', [
                'booking',
                'pass',
            ]);
            Route::post('/p/{pass}/bookings/{booking}/here', [PlainController::class, 'here'])->can('attend', [
                'booking',
                'pass',
            ]);
            Route::post('/p/{pass}/bookings/{booking}/undo', [PlainController::class, 'undo'])->can('undo', [
                'booking',
                'pass',
            ]);
            Route::post('/api/p/{pass}/renew', [PassController::class, 'renew'])->can('hold', 'pass');
            Route::post('/api/p/{pass}/bookings/{booking}/give-back', [PassBookingController::class, 'giveBack'])->can(
                'change',
                ['booking', 'pass'],
            );
            Route::post('/api/p/{pass}/bookings/{booking}/move', [PassBookingController::class, 'move'])->can(
                'change',
                ['booking', 'pass'],
            );
            Route::post('/api/p/{pass}/bookings/{booking}/undo', [PassBookingController::class, 'undo'])->can('undo', [
                'booking',
                'pass',
            ]);
            Route::post('/api/p/{pass}/bookings/{booking}/joiners', [
                PassBookingController::class,
                'answerJoiner',
            ])->can('hold', ['booking', 'pass']);
            Route::post('/api/p/{pass}/bookings/{booking}/answers', [PassBookingController::class, 'answers'])->can(
                'hold',
                ['booking', 'pass'],
            );
            Route::post('/api/p/{pass}/bookings/{booking}/guests', [PassBookingController::class, 'bring'])->can(
                'hold',
                ['booking', 'pass'],
            );
            Route::post('/api/p/{pass}/bookings/{booking}/leave', [PassBookingController::class, 'leave'])->can(
                'attend',
                ['booking', 'pass'],
            );
        });
    });
});

// Of a sheet that is for those who work here, they see the times on a pass of their own.
Route::middleware(['web', 'auth', 'budget:1500'])
    ->get('/staff/visit/{sheet:slug}', [ComeInController::class, 'staff'])
    ->can('visit', 'sheet')
    ->middleware('logged:nothing,own');
Route::middleware(['web', 'auth', 'budget:1500'])
    ->get('/staff/knock/{staff:slug}', [KnockController::class, 'staff'])
    ->can('knock', 'staff')
    ->middleware('logged:nothing,own');
