<?php

declare(strict_types=1);

use App\Framework\Clock;
use App\Framework\Vitals;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schedule;

// Each of these runs on one server at a time, however many there are. What waits for nobody else runs in the scheduler's
// own process: a program for each, started anew every minute, took a twelfth of a processor while nothing was to do.

Schedule::call(static fn() => Vitals::beat(Clock::now()))->everyMinute()->name('beat')->onOneServer();
foreach (['remind', 'late', 'knocks', 'renew-shown', 'tidy'] as $name) {
    Schedule::call(static function () use ($name): bool {
        // What the one before looked up counts for itself alone.
        app()->forgetScopedInstances();

        return Artisan::call("recess:$name") === Command::SUCCESS;
    })
        ->everyMinute()
        ->name("recess:$name")
        ->onOneServer();
}
// A demo that runs for weeks keeps having a conference evening next week.
Schedule::command('recess:demo', ['--by-day'])
    ->dailyAt('03:10')
    ->when(static fn(): bool => config('recess.demo') === true)
    ->onOneServer();
// Where nothing happens in one of several schools, only minutes that five divides are looked at (App\Registry\Minutes).
// What is a program of its own begins only where it has something to look at.
$has = static fn(string $table): \Closure => static fn(): bool => DB::table($table)->exists();
Schedule::command('recess:calendars')
    ->everyFiveMinutes()
    ->when($has('calendars'))
    ->withoutOverlapping(10)
    ->onOneServer();
Schedule::command('recess:in-step')
    ->everyFiveMinutes()
    ->when($has('calendar_servers'))
    ->withoutOverlapping(10)
    ->onOneServer();
Schedule::command('recess:answers')
    ->everyMinute()
    ->when(static fn(): bool => (string) config('recess.answers.address') !== '')
    ->withoutOverlapping(10)
    ->onOneServer();
Schedule::command('recess:expire')->dailyAt('03:30')->onOneServer();
Schedule::command('recess:forget')->dailyAt('03:40')->onOneServer();
// What could not be sent is looked at within a month, or not at all.
Schedule::command('queue:prune-failed', ['--hours' => 720])
    ->dailyAt('03:50')
    ->onOneServer();
Schedule::command('recess:digest')->everyFifteenMinutes()->onOneServer();
