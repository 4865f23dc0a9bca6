<?php

declare(strict_types=1);

use Demo\BenchController;
use Demo\MailroomController;
use Demo\StandInController;
use Demo\StandInProvider;
use Demo\VideoRoomController;
use Illuminate\Support\Facades\Route;

// The demo's stand-ins: for mail, for a calendar program, and for a video service.
Route::middleware(['api', 'budget:300', 'logged:nothing,visitor'])->group(static function (): void {
    Route::get('/mailroom', [MailroomController::class, 'page'])->can('read-mailroom');
    Route::get('/mailroom/{message}', [MailroomController::class, 'page'])->can('read-mailroom');
    Route::get('/mailroom/{message}/html', [MailroomController::class, 'html'])->can('read-mailroom');
    Route::post('/mailroom/{message}/answer', [MailroomController::class, 'answer'])
        ->can('read-mailroom')
        ->middleware('limited:visitor-writes');
    Route::get('/stand-in/calendar.ics', [StandInController::class, 'calendar'])->can('use-stand-ins');
    Route::get('/stand-in/people/.well-known/openid-configuration', [StandInProvider::class, 'configuration'])->can(
        'use-stand-ins',
    );
    Route::get('/stand-in/people/choose', [StandInProvider::class, 'choose'])->can('use-stand-ins');
    Route::post('/stand-in/people/choose', [StandInProvider::class, 'chosen'])->can('use-stand-ins');
    Route::post('/stand-in/people/token', [StandInProvider::class, 'token'])->can('use-stand-ins');
    Route::get('/stand-in/people/keys', [StandInProvider::class, 'keys'])->can('use-stand-ins');
    Route::get('/video-room/{key}', [VideoRoomController::class, 'page'])
        ->can('use-stand-ins')
        ->middleware('limited:pass-reads');
    Route::get('/api/video-room/{key}', [VideoRoomController::class, 'show'])
        ->can('use-stand-ins')
        ->middleware('limited:pass-reads');
    Route::post('/api/video-room/{key}', [VideoRoomController::class, 'knock'])
        ->can('use-stand-ins')
        ->middleware('limited:visitor-writes');

    // Baselines, on the instance of bin/recess bench alone.
    if (config('recess.bench') === true) {
        Route::get('/bench/bare', [BenchController::class, 'bare'])->can('see-board');
        Route::post('/bench/two-statements', [BenchController::class, 'write'])->can('see-board');
    }
});

Route::middleware(['web', 'auth', 'budget:1500'])->group(static function (): void {
    Route::get('/staff/video-room/{key}', [VideoRoomController::class, 'hostPage'])
        ->can('host-rooms')
        ->middleware('logged:nothing,own');
    Route::get('/api/staff/video-room/{key}', [VideoRoomController::class, 'hostShow'])
        ->can('host-rooms')
        ->middleware('logged:nothing,own');
    Route::post('/api/staff/video-room/{key}', [VideoRoomController::class, 'answer'])
        ->can('host-rooms')
        ->middleware('logged:nothing,own');
});
