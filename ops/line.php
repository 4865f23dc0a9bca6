<?php

declare(strict_types=1);

// bin/recess line: a quick line in, what it was understood to say out. Needs no database.

use App\Framework\Words;
use App\Timetables\Sentence;
use Recess\Hosts;
use Recess\Quick\Context;
use Recess\Quick\Note;
use Recess\Quick\QuickAsks;
use Recess\Quick\QuickLine;
use Recess\Quick\QuickNotReadable;
use Recess\Quick\Said;
use Recess\RecessException;
use Recess\Records\BlockRecord;
use Recess\Rules\Stated;
use Recess\Sheet;
use Recess\Slots\SlotsNotValid;
use Recess\Time\DateRange;
use Recess\Time\Dates;
use Recess\Time\LocalDate;
use Recess\Time\Span;
use Recess\Time\Zone;

require __DIR__ . '/shell.php';

const USAGE = <<<'TEXT'
bin/recess line "TEXT" [--today YYYY-MM-DD] [--zone IANA] [--country CC] [--language LL]
                [--term "NAME=YYYY-MM-DD..YYYY-MM-DD"]… [--closed YYYY-MM-DD..YYYY-MM-DD]…

Prints one JSON object: blocks, said, notes, slots (the first 60). What can be read in more than one way is asked
back as {"asks", "readings"} with exit status 3; what cannot be read ends with 1 and {"error", "at", "understood"}
on standard error.

TEXT;

const MOST_SLOTS = 60;

const JSON =
    JSON_UNESCAPED_SLASHES |
    JSON_UNESCAPED_UNICODE |
    JSON_PRETTY_PRINT |
    JSON_THROW_ON_ERROR |
    JSON_INVALID_UTF8_SUBSTITUTE;

function wrongUse(string $why): never
{
    failed(2, "$why\n\n" . rtrim(USAGE));
}

if (array_intersect(['--help', '-h'], $argv) !== []) {
    echo USAGE;
    exit(0);
}
$given = ['term' => [], 'closed' => [], 'text' => []];
for ($arguments = array_slice($argv, 1); $arguments !== []; ) {
    $argument = array_shift($arguments);
    if (preg_match('/^--(today|zone|country|language|term|closed)(?:=(.*))?$/Ds', $argument, $part) !== 1) {
        str_starts_with($argument, '--') && wrongUse("line does not know $argument.");
        $given['text'][] = $argument;

        continue;
    }
    $value = $part[2] ?? (array_shift($arguments) ?? wrongUse("--$part[1] needs a value."));
    in_array($part[1], ['term', 'closed'], true) ? ($given[$part[1]][] = $value) : ($given[$part[1]] = $value);
}
count($given['text']) === 1 || wrongUse('One line is read at a time; put it in quotes.');

$range = static function (string $text): DateRange {
    [$first, $last] = explode('..', $text, 2) + [1 => $text];

    return DateRange::of(LocalDate::parse($first), LocalDate::parse($last));
};
try {
    $zone = Zone::of($given['zone'] ?? 'UTC');
    $today = isset($given['today']) ? LocalDate::parse($given['today']) : $zone->dateAt(time());
    $closed = Dates::of(...array_map($range, $given['closed']));
    $terms = [];
    foreach ($given['term'] as $term) {
        [$name, $dates] = explode('=', $term, 2) + [1 => ''];
        $terms[mb_strtolower(trim($name))] = $range($dates);
    }
} catch (RecessException $failure) {
    wrongUse(Words::why($failure));
}

$said = static fn(Said $one): string => implode(' ', array_map(Sentence::of(...), $one->blocks));
try {
    $read = QuickLine::parse(
        $given['text'][0],
        new Context($today, $terms, $closed, $given['country'] ?? '', $given['language'] ?? 'en'),
    );
    $sheet = new Sheet($zone, $read->blocks, Hosts::of(0), Stated::of(), closedDays: $closed, joining: true);
    $slots = $sheet->firstSlots(MOST_SLOTS, $today);
} catch (QuickAsks $asks) {
    echo json_encode(
        [
            'asks' => Words::why($asks),
            'readings' => array_map(
                static fn(Said $one): array => ['line' => $one->line(), 'said' => $said($one)],
                $asks->readings,
            ),
        ],
        JSON,
    ) . "\n";
    exit(3);
} catch (QuickNotReadable $failure) {
    fwrite(
        STDERR,
        json_encode(
            ['error' => Words::why($failure), 'at' => $failure->position, 'understood' => $failure->understood],
            JSON,
        ) . "\n",
    );
    exit(1);
} catch (SlotsNotValid $failure) {
    fwrite(
        STDERR,
        json_encode(['error' => Words::why($failure), 'at' => 0, 'understood' => $read->line()], JSON) . "\n",
    );
    exit(1);
}
echo json_encode(
    [
        'blocks' => array_map(BlockRecord::of(...), $read->blocks),
        'said' => $said($read),
        'notes' => array_map(static fn(Note $note): string => Words::message($note->message), $read->notes),
        'slots' => array_map(
            static fn(Span $slot): array => [
                'start' => instant($slot->start, $zone),
                'end' => instant($slot->end, $zone),
            ],
            $slots,
        ),
    ],
    JSON,
) . "\n";
