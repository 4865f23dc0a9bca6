<?php

declare(strict_types=1);

namespace App\Framework;

use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;

/** What is to be done by the workers, and whether there are any. */
final class Queued implements Watched
{
    /** What waited in a backup that was restored: nobody works on it until somebody has said so (recess:held). */
    public const HELD = 'held';

    /** Seconds for which a worker of each queue may be silent: whoever finds times for a whole school says nothing meanwhile. */
    private const SILENT = ['default' => 180, 'rounds' => 2_100];

    /** Seconds after which a worker that took something and says nothing is gone (config/queue.php). */
    private const GONE = 90;

    /** Whether something of a queue is due, or was taken by a worker that is gone, as an expression of SQL. */
    public static function due(string $queue, int $now, string $database = ''): string
    {
        return "EXISTS(SELECT queue FROM {$database}jobs WHERE queue = '$queue' AND (reserved_at IS NULL AND available_at <= $now" .
            ' OR reserved_at <= ' .
            ($now - self::GONE) .
            '))';
    }

    /** A worker says that it is there, about once a minute. */
    public static function beat(string $queue, int $now): void
    {
        static $said = [];
        if ($now - ($said[$queue] ?? 0) >= 60) {
            $said[$queue] = $now;
            Cache::forever("worker-beat-$queue", $now);
        }
    }

    /** Seconds for which what works for one of several schools may look away, where nothing happens (App\Registry\Minutes). */
    public static function sleeps(): int
    {
        return config('recess.school') === '' ? 0 : 300;
    }

    public function part(): string
    {
        return 'workers';
    }

    public function complaints(int $now): array
    {
        $wrong = [];
        foreach (self::SILENT as $queue => $most) {
            $most += self::sleeps();
            $silent = self::silent($queue, $now);
            if ($silent > $most) {
                $wrong[] = Words::say('running.worker_silent', ['queue' => $queue, 'minutes' => intdiv($silent, 60)]);
            }
        }
        $held = self::held();

        return $held === 0 ? $wrong : [...$wrong, Words::say('running.held', ['held' => $held])];
    }

    public function well(): string
    {
        return Words::say('running.workers_well');
    }

    public function figures(int $now): array
    {
        return [
            'recess_queue_held' => ['Letters and other work of a restored backup that are held', self::held()],
            'recess_worker_silent_seconds' => [
                'Since the last word of the queue’s worker',
                self::silent('default', $now),
            ],
            'recess_rounds_worker_silent_seconds' => [
                'Since the last word of the worker of rounds',
                self::silent('rounds', $now),
            ],
        ];
    }

    public static function held(): int
    {
        return DB::table('jobs')->where('queue', self::HELD)->count();
    }

    /** Seconds; of one that has never been heard of, none, so that nothing is said in its first minute. */
    private static function silent(string $queue, int $now): int
    {
        $beat = Cache::get("worker-beat-$queue");

        return is_int($beat) ? max(0, $now - $beat) : 0;
    }
}
