<?php

declare(strict_types=1);

namespace Tests\Core\Outside;

use Symfony\Component\Process\Process;

/** Asks a reference library, as a process of its own. */
final class Reference
{
    /**
     * One answer for each question; JSON lines in and out.
     *
     * @param  list<string>  $command
     * @param  list<array<string, mixed>>  $questions
     * @return list<mixed>
     */
    public static function ask(array $command, array $questions): array
    {
        $process = new Process(
            $command,
            input: implode(
                "\n",
                array_map(
                    static fn(array $question): string => json_encode($question, JSON_THROW_ON_ERROR),
                    $questions,
                ),
            ) . "\n",
            timeout: 120,
        );

        return array_map(
            static fn(string $line): mixed => json_decode($line, true, flags: JSON_THROW_ON_ERROR),
            array_values(array_filter(explode("\n", $process->mustRun()->getOutput()))),
        );
    }

    /**
     * @param  list<array<string, mixed>>  $questions
     * @return list<mixed>
     */
    public static function dateutil(array $questions): array
    {
        return self::ask(['/usr/bin/python3', __DIR__ . '/expand.py'], $questions);
    }

    /**
     * @param  list<array<string, mixed>>  $questions
     * @return list<mixed>
     */
    public static function rrule(array $questions): array
    {
        return self::ask(['node', __DIR__ . '/expand.mjs'], $questions);
    }
}
