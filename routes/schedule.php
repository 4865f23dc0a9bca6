<?php

declare(strict_types=1);

use App\Framework\Clock;
use App\Framework\Vitals;
use Illuminate\Support\Facades\Schedule;

// Each of these runs on one server at a time, however many there are.

Schedule::call(static fn() => Vitals::beat(Clock::now()))->everyMinute()->name('beat')->onOneServer();
// A demo that runs for weeks keeps having a conference evening next week.
Schedule::command('recess:demo', ['--by-day'])
    ->dailyAt('03:10')
    ->when(static fn(): bool => config('recess.demo') === true)
    ->onOneServer();
Schedule::command('recess:calendars')->everyFiveMinutes()->withoutOverlapping(10)->onOneServer();
Schedule::command('recess:remind')->everyMinute()->onOneServer();
Schedule::command('recess:late')->everyMinute()->onOneServer();
Schedule::command('recess:knocks')->everyMinute()->onOneServer();
Schedule::command('recess:answers')->everyMinute()->withoutOverlapping(10)->onOneServer();
Schedule::command('recess:renew-shown')->everyMinute()->onOneServer();
Schedule::command('recess:tidy')->everyMinute()->onOneServer();
Schedule::command('recess:expire')->dailyAt('03:30')->onOneServer();
Schedule::command('recess:forget')->dailyAt('03:40')->onOneServer();
// What could not be sent is looked at within a month, or not at all.
Schedule::command('queue:prune-failed', ['--hours' => 720])
    ->dailyAt('03:50')
    ->onOneServer();
Schedule::command('recess:digest')->everyFifteenMinutes()->onOneServer();
