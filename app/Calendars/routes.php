<?php

declare(strict_types=1);

use App\Calendars\CalendarController;
use App\Calendars\FeedController;
use Illuminate\Support\Facades\Route;

Route::middleware(['web', 'auth', 'budget:1500'])->group(static function (): void {
    Route::post('/api/staff/calendars', [CalendarController::class, 'store'])
        ->can('have-sheets')
        ->middleware('logged:nothing,own');
    Route::post('/api/staff/calendars/{calendar}/refresh', [CalendarController::class, 'refresh'])
        ->can('change', 'calendar')
        ->middleware('logged:nothing,own');
    Route::delete('/api/staff/calendars/{calendar}', [CalendarController::class, 'destroy'])
        ->can('change', 'calendar')
        ->middleware('logged:nothing,own');
});

Route::middleware(['api', 'budget:300', 'logged:nothing,visitor'])
    ->get('/feeds/{token}.ics', FeedController::class)
    ->can('see-board')
    ->middleware('limited:pass-reads');
