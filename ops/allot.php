<?php

declare(strict_types=1);

// bin/recess allot: a round's hosts and wishes in, who gets which time out. Needs no database.

use Recess\Allotting\Allotter;
use Recess\Records\Fields;
use Recess\Records\FittingReader;
use Recess\Records\RoundReader;

require __DIR__.'/fitting.php';

const USAGE = <<<'TEXT'
    bin/recess allot FILE.json

    Reads the hosts of a round, and what families wish, and prints who gets which time: as many asked ones as possible, then
    wishes of rank 1, then 2, and so on, then with little waiting. docs/formats/allot.schema.json says what goes in, and what
    comes out. The same file gives the same answer, unless its seconds end it. - reads standard input.

    TEXT;

/** Slower machines than this one are ended by the clock; on others, work ends the same everywhere. */
const STEPS_A_SECOND = 500_000;

answered($argv, USAGE, static function (Fields $all): array {
    $zone = FittingReader::zone($all);
    $hosts = RoundReader::hosts($all);
    $families = RoundReader::families($all, $hosts);
    $seconds = $all->has('seconds') ? $all->number('seconds', 1, 3_600) : 60;
    $isOver = passed($seconds);
    $allotment = Allotter::allot(
        $hosts, $families, FittingReader::between($all), $zone, $all->has('seed') ? $all->number('seed', 0, 0xFFFF_FFFF) : 0, $seconds * STEPS_A_SECOND, static fn (): bool => $isOver(),
    );

    return [
        'given' => array_map(static fn (string|int $wish, $span): array => ['wish' => (string) $wish, ...said($span, $zone)], array_keys($allotment->given), $allotment->given),
        'not' => array_map(static fn (string|int $wish, $why): array => ['wish' => (string) $wish, 'why' => $why->value], array_keys($allotment->not), $allotment->not),
        'granted' => count($allotment->given),
        'bound' => $allotment->bound,
    ];
});
