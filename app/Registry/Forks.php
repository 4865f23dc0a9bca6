<?php

declare(strict_types=1);

namespace App\Registry;

/**
 * Work of many schools, so many pieces at a time: whoever waits longest is next, and a school has one piece of a kind under
 * way. Each is done by a process of its own that is that school's from its beginning to its end.
 */
final class Forks
{
    /** @var array<string, array<string, true>> schools that wait, by kind; the first has waited longest */
    private array $wait = [];

    /** @var array<int, array{string, string}> kind and school, by process */
    private array $under = [];

    private Warm $warm;

    /**
     * @param  array<string, int>  $most  pieces at a time, by kind
     * @param  \Closure(string, string): void  $does  a piece: kind, school; in a process of its own
     */
    public function __construct(private readonly array $most, private readonly \Closure $does)
    {
        $this->warm = new Warm();
    }

    public function want(string $kind, string $school): void
    {
        in_array([$kind, $school], $this->under, true) || ($this->wait[$kind][$school] = true);
    }

    /** Begins what there is room for, and looks which have ended. */
    public function turn(): void
    {
        while (($ended = pcntl_waitpid(-1, $status, WNOHANG)) > 0) {
            $this->warm->ended($this->under[$ended][0] ?? '');
            unset($this->under[$ended]);
        }
        foreach ($this->most as $kind => $most) {
            while (($this->wait[$kind] ?? []) !== [] && $this->count($kind) < $most) {
                $school = (string) array_key_first($this->wait[$kind]);
                unset($this->wait[$kind][$school]);
                $this->begin($kind, $school);
            }
        }
    }

    public function areUnderWay(): bool
    {
        return $this->under !== [];
    }

    /** Whoever is at a letter ends that letter. */
    public function end(): void
    {
        foreach (array_keys($this->under) as $process) {
            posix_kill($process, SIGTERM);
        }
    }

    private function count(string $kind): int
    {
        return count(array_filter($this->under, static fn(array $one): bool => $one[0] === $kind));
    }

    private function begin(string $kind, string $school): void
    {
        $this->warm->begins($kind);
        $process = pcntl_fork();
        if ($process === 0) {
            pcntl_signal(SIGTERM, SIG_DFL);
            ($this->does)($kind, $school);
            $this->warm->says($kind);
            // All that it had to do is done. To tidy a copy of this process's memory away would take a third of its time.
            posix_kill(posix_getpid(), SIGKILL);
        }
        // Without room for another process it is asked for again, by the next look.
        $process < 0 || ($this->under[$process] = [$kind, $school]);
    }
}
