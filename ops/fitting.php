<?php

declare(strict_types=1);

// What bin/recess plan and bin/recess allot share: one file of JSON in, JSON out, and how they end.

use App\Framework\Words;
use Recess\Message;
use Recess\Records\Fields;
use Recess\Records\RecordNotValid;
use Recess\Time\Span;
use Recess\Time\Zone;

require __DIR__ . '/shell.php';
ini_set('memory_limit', '512M');

/** More than a large school's round has; what is larger is a slip. */
const MOST_BYTES = 64 << 20;

/**
 * Reads the one file that is named, has it answered, and prints the answer.
 *
 * @param  list<string>  $argv
 * @param  Closure(Fields): array<string, mixed>  $answer
 */
function answered(array $argv, string $usage, Closure $answer): void
{
    $files = array_slice($argv, 1);
    if (array_intersect(['--help', '-h'], $files) !== []) {
        echo $usage;

        return;
    }
    if (count($files) !== 1 || ($files[0] !== '-' && str_starts_with($files[0], '-'))) {
        failed(2, "One file is needed, or - for standard input; there are no options.\n\n" . rtrim($usage));
    }
    $file = $files[0];
    $text = contents($file, MOST_BYTES);
    if (strlen($text) > MOST_BYTES) {
        failed(1, "$file: it is larger than 64 MB.");
    }
    try {
        $json = json_decode($text, true, 64, JSON_THROW_ON_ERROR);
        echo json_encode(
            $answer(Fields::of($json)),
            JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR,
        ) . "\n";
    } catch (JsonException $failure) {
        failed(1, "$file: it is not JSON: {$failure->getMessage()}.");
    } catch (RecordNotValid $failure) {
        $wrong = array_map(
            static fn(string $place, Message $why): string => "$file: $place: " . Words::message($why),
            array_keys($failure->errors),
            $failure->errors,
        );
        failed(1, implode("\n  ", $wrong));
    }
}

/** @return Closure(): bool whether so many seconds have passed since now */
function passed(float $seconds): Closure
{
    $end = hrtime(true) + (int) ($seconds * 1e9);

    return static fn(): bool => hrtime(true) >= $end;
}

/** @return array{start: string, end: string} as RFC 3339, in the zone */
function said(Span $span, Zone $zone): array
{
    return ['start' => instant($span->start, $zone), 'end' => instant($span->end, $zone)];
}

/**
 * @param  array<array<string, mixed>>  $rows  by name
 * @return list<array<string, mixed>> each with its name in front
 */
function named(string $key, array $rows): array
{
    return array_map(
        static fn(string|int $name, array $row): array => [$key => (string) $name] + $row,
        array_keys($rows),
        array_values($rows),
    );
}

/** Seconds as minutes: whole where they are. */
function minutes(int $seconds): int|float
{
    return $seconds % 60 === 0 ? intdiv($seconds, 60) : $seconds / 60;
}
