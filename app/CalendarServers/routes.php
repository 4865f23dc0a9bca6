<?php

declare(strict_types=1);

use App\CalendarServers\CalendarServerController;
use Illuminate\Support\Facades\Route;

Route::middleware(['web', 'auth', 'can:have-sheets'])->group(static function (): void {
    Route::get('/staff/calendar-server', [CalendarServerController::class, 'page'])->middleware([
        'budget:20',
        'logged:nothing,own',
    ]);
    Route::middleware('budget:1500')->group(static function (): void {
        Route::post('/api/staff/calendar-server', [CalendarServerController::class, 'connect'])->middleware([
            'limited:calendar-servers',
            'logged:nothing,own',
        ]);
        Route::put('/api/staff/calendar-server', [CalendarServerController::class, 'tick'])->middleware([
            'limited:calendar-servers',
            'logged:nothing,own',
        ]);
        Route::post('/api/staff/calendar-server/look', [CalendarServerController::class, 'look'])->middleware([
            'limited:calendar-servers',
            'logged:nothing,own',
        ]);
        Route::delete('/api/staff/calendar-server', [CalendarServerController::class, 'disconnect'])->middleware(
            'logged:nothing,own',
        );
    });
});
