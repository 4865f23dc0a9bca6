<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Schedule;

// A demo that runs for weeks keeps having a conference evening next week.
Schedule::command('recess:demo')->dailyAt('03:10')->when(static fn (): bool => config('recess.demo') === true);
Schedule::command('recess:calendars')->everyFiveMinutes()->withoutOverlapping(10);
Schedule::command('recess:remind')->everyMinute();
Schedule::command('recess:tidy')->everyMinute();
Schedule::command('recess:digest')->everyFifteenMinutes();
