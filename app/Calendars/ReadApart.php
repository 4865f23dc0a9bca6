<?php

declare(strict_types=1);

namespace App\Calendars;

use Symfony\Component\Process\Exception\ProcessTimedOutException;
use Symfony\Component\Process\Process;

/**
 * Has calendars read by a program of its own, with bounds of time and memory of its own: what one of them uses up ends that
 * program and nothing else, and the others are read by the next.
 */
final readonly class ReadApart
{
    /** Calendars that one program reads: to start it takes as long as to read some. */
    private const AT_ONCE = 25;

    /** Seconds for so many; each alone is fetched within twenty. */
    private const SECONDS = 240;

    private const MEMORY = '192M';

    /** @param  list<string>|null  $program  which reads calendars and says before each "reading N"; ours when null */
    public function __construct(private ?array $program = null) {}

    /**
     * @param  list<int>  $calendars  by their numbers
     * @return list<int> those at which a program was ended
     */
    public function __invoke(array $calendars): array
    {
        $ended = [];
        while ($calendars !== []) {
            $some = array_splice($calendars, 0, self::AT_ONCE);
            $process = new Process(
                [...$this->program ?? self::ours('recess:calendars'), '--these=' . implode(',', $some)],
                timeout: self::SECONDS,
            );
            try {
                $process->run();
            } catch (ProcessTimedOutException) {
                $process->stop(0);
            }
            if ($process->isSuccessful()) {
                continue;
            }
            // Without a word of where it was, it never began with the first.
            $at =
                preg_match_all('/^reading (\d+)$/m', $process->getOutput(), $found) > 0
                    ? (int) end($found[1])
                    : $some[0];
            $ended[] = $at;
            $place = array_search($at, $some, true);
            array_unshift($calendars, ...array_slice($some, $place === false ? 1 : $place + 1));
        }

        return $ended;
    }

    /** By another command of ours than that of feeds, which takes the same options and says the same. */
    public static function by(string $command): self
    {
        return new self(self::ours($command));
    }

    /** @return list<string> */
    private static function ours(string $command): array
    {
        return [PHP_BINARY, '-d', 'memory_limit=' . self::MEMORY, base_path('artisan'), $command, '--here'];
    }
}
