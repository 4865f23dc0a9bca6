<?php

declare(strict_types=1);

namespace App\Framework;

use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

/** What waited to be sent in a backup that was restored: it may have gone out since, which somebody has to know. */
final class HeldCommand extends Command
{
    protected $signature = 'recess:held {what? : send or drop; without one, how many there are}';

    protected $description = 'Says how many letters of a restored backup are held; sends or drops them';

    public function handle(): int
    {
        $held = DB::table('jobs')->where('queue', Queued::HELD);
        $said = match ($this->argument('what')) {
            null => Words::say('running.held', ['held' => $held->count()]),
            'send' => Words::say('running.held_sent', ['held' => $held->update(['queue' => 'default'])]),
            'drop' => Words::say('running.held_dropped', ['held' => $held->delete()]),
            default => null,
        };
        $this->line($said ?? Words::say('running.held_how'));

        return $said === null ? self::FAILURE : self::SUCCESS;
    }
}
