<?php

declare(strict_types=1);

namespace App\Registry;

use App\Framework\Clock;
use App\Framework\Queued;
use App\Live\Stamps;
use Illuminate\Console\Command;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Foundation\Application;
use Symfony\Component\Console\Input\StringInput;
use Symfony\Component\Console\Output\ConsoleOutput;

/**
 * What has to be done for the schools beside that of the settings, all day: letters, rounds, what is scheduled, and telling
 * pages. A hundred schools that do nothing would take a hundred times what one takes if each had workers of its own.
 *
 * This process has no connection to any database: it forks one that looks (Looker), and one for each piece of work.
 */
final class RunCommand extends Command
{
    protected $signature = 'recess:schools-run {--max-time=3600 : seconds after which it ends, to be started anew}';

    protected $description = 'Do what is to be done for all schools beside that of the settings';

    /** Pieces at a time: for letters two, so that one school's two thousand leave room for another's. */
    private const MOST = ['default' => 2, 'rounds' => 1, 'minute' => 2];

    /** Seconds for which one school's letters go out before it is another's turn. */
    private const TURN = 5;

    private bool $ends = false;

    public function handle(Stamps $stamps): int
    {
        $registry = Registry::of(config());
        if ($registry === null) {
            return self::SUCCESS;
        }
        pcntl_async_signals(true);
        pcntl_signal(SIGTERM, fn() => ($this->ends = true));
        pcntl_signal(SIGINT, fn() => ($this->ends = true));
        $until = time() + (int) $this->option('max-time');
        [$looker, $said] = $this->looker($registry, $stamps);
        $forks = new Forks(self::MOST, $this->work(...));
        $minutes = new Minutes();
        $rest = '';
        while (!$this->ends && time() < $until && posix_kill($looker, 0)) {
            $read = [$said];
            $write = $except = null;
            if (@stream_select($read, $write, $except, 0, 200_000) > 0) {
                $rest .= (string) fread($said, 65_536);
                if (feof($said)) {
                    break;
                }
                $lines = explode("\n", $rest);
                $rest = array_pop($lines);
                foreach ($lines as $line) {
                    [$kind, $school] = [...explode(' ', $line), ''];
                    match ($kind) {
                        'there', 'awake' => $minutes->isThere($school, time(), $kind === 'awake'),
                        default => $forks->want($kind, $school),
                    };
                }
            }
            foreach ($minutes->due(time()) as $school) {
                $forks->want('minute', $school);
            }
            $forks->turn();
        }
        posix_kill($looker, SIGKILL);
        $forks->end();
        while ($forks->areUnderWay()) {
            usleep(100_000);
            $forks->turn();
        }

        return self::SUCCESS;
    }

    /** @return array{int, resource} the process that looks, and what it says: a kind of work and a school, a line each */
    private function looker(Registry $registry, Stamps $stamps): array
    {
        $pair = stream_socket_pair(STREAM_PF_UNIX, STREAM_SOCK_STREAM, STREAM_IPPROTO_IP);
        assert($pair !== false);
        $process = pcntl_fork();
        if ($process < 0) {
            throw new \RuntimeException('There is no room for another process.');
        }
        if ($process === 0) {
            pcntl_signal(SIGTERM, SIG_DFL);
            pcntl_signal(SIGINT, SIG_DFL);
            fclose($pair[0]);
            $says = static function (string $line) use ($pair): void {
                // Whoever listens is gone: so is this.
                @fwrite($pair[1], "$line\n") === false && exit(0);
            };
            $looker = new Looker($registry, $stamps, $says);
            for (; posix_getppid() > 1; usleep(50_000)) {
                $looker->look();
            }
            exit(0);
        }
        fclose($pair[1]);

        return [$process, $pair[0]];
    }

    /** In a process of its own: the program begins anew, as that school's. */
    private function work(string $kind, string $school): void
    {
        putenv("RECESS_SCHOOL=$school");
        $app = require base_path('bootstrap/app.php');
        assert($app instanceof Application);
        $kernel = $app->make(Kernel::class);
        if ($kind !== 'minute') {
            $turn = self::TURN;
            $command =
                "queue:work --queue=$kind --stop-when-empty --sleep=0 --max-time=$turn " .
                ($kind === 'rounds' ? '--timeout=1800' : '--tries=6');
        } else {
            $command = 'schedule:run';
            $kernel->bootstrap();
            // Whoever looks after these queues is there.
            array_map(static fn(string $queue) => Queued::beat($queue, Clock::now()), ['default', 'rounds']);
        }

        $kernel->handle(new StringInput($command), new ConsoleOutput());
    }
}
