<?php

declare(strict_types=1);

use App\Knocks\HostKnocksController;
use App\Knocks\MailAnswerController;
use Illuminate\Support\Facades\Route;

// Buttons in a host's letters: no session, signed, good once.
Route::middleware(['api', 'budget:300', 'logged:nothing,visitor', 'limited:pass-reads'])->group(
    static function (): void {
        Route::get('/knock/{answer}', [MailAnswerController::class, 'page'])->can('see-board');
        Route::post('/knock/{answer}', [MailAnswerController::class, 'press'])
            ->can('see-board')
            ->middleware('limited:visitor-writes');
    },
);

Route::middleware(['web', 'auth', 'budget:1500'])->group(static function (): void {
    Route::get('/staff/knocks', [HostKnocksController::class, 'page'])
        ->can('have-sheets')
        ->middleware('logged:nothing,own');
    Route::get('/api/staff/knocks', [HostKnocksController::class, 'show'])
        ->can('have-sheets')
        ->middleware('cache.headers:etag')
        ->middleware('logged:nothing,own');
    Route::put('/api/staff/me/knocks', [HostKnocksController::class, 'terms'])
        ->can('have-sheets')
        ->middleware('logged:nothing,own');
    Route::post('/api/staff/knocks/{knock}/answer', [HostKnocksController::class, 'answer'])
        ->can('answer', 'knock')
        ->middleware('logged:knock_answered');
    Route::get('/api/staff/knocks/{knock}/free', [HostKnocksController::class, 'free'])
        ->can('answer', 'knock')
        ->middleware('logged:nothing,own');
});
