<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Schedule;

// A demo that runs for weeks keeps having a conference evening next week.
Schedule::command('recess:demo')->dailyAt('03:10')->when(static fn (): bool => config('recess.demo') === true);
