<?php

declare(strict_types=1);

use App\Keeping\KeptController;
use App\Keeping\LogController;
use App\Keeping\TogetherController;
use App\Keeping\VisitorsController;
use Illuminate\Support\Facades\Route;

Route::middleware(['api', 'budget:300', 'logged:nothing,visitor', 'limited:pass-reads'])->group(
    static function (): void {
        Route::get('/p/{pass}/kept', [KeptController::class, 'page'])->can('hold', 'pass');
        Route::get('/p/{pass}/kept.json', [KeptController::class, 'file'])->can('hold', 'pass');
        Route::post('/p/{pass}/forget', [KeptController::class, 'forget'])
            ->can('hold', 'pass')
            ->middleware('limited:visitor-writes');
        Route::post('/together/{mailbox}', TogetherController::class)
            ->can('confirm', 'mailbox')
            ->middleware('limited:visitor-writes');
    },
);

Route::middleware(['web', 'auth', 'budget:1500'])->group(static function (): void {
    Route::get('/staff/visitors', [VisitorsController::class, 'page'])
        ->can('set-up-school')
        ->middleware('logged:visitors');
    Route::get('/api/staff/visitors', [VisitorsController::class, 'find'])
        ->can('set-up-school')
        ->middleware('logged:itself');
    Route::get('/api/staff/visitors/{visitor}', [VisitorsController::class, 'file'])
        ->can('set-up-school')
        ->middleware('proved')
        ->whereNumber('visitor')
        ->middleware('logged:itself');
    Route::delete('/api/staff/visitors/{visitor}', [VisitorsController::class, 'forget'])
        ->can('set-up-school')
        ->middleware('proved')
        ->whereNumber('visitor')
        ->middleware('logged:itself');
    Route::get('/staff/log', [LogController::class, 'page'])
        ->can('set-up-school')
        ->middleware('logged:log');
});
