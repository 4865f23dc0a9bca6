<?php

declare(strict_types=1);

// bin/recess allot: a round's hosts and wishes in, who gets which time out. Needs no database.

use Recess\Allotting\Allotter;
use Recess\Allotting\Evenings;
use Recess\Allotting\Why;
use Recess\Records\Fields;
use Recess\Records\FittingReader;
use Recess\Records\RoundReader;
use Recess\Time\Span;

require __DIR__ . '/fitting.php';

const USAGE = <<<'TEXT'
bin/recess allot FILE.json

Reads the hosts of a round, and what families wish, and prints who gets which time: as many asked ones as possible, then
for as many families as possible at least one, then wishes of rank 1, then 2, and so on, then with little waiting. docs/formats/allot.schema.json says what goes in, and what
comes out. The same file gives the same answer, unless its seconds end it. - reads standard input.

TEXT;

/** Slower machines than this one are ended by the clock; on others, work ends the same everywhere. */
const STEPS_A_SECOND = 500_000;

answered($argv, USAGE, static function (Fields $all): array {
    $zone = FittingReader::zone($all);
    $hosts = RoundReader::hosts($all);
    $families = RoundReader::families($all, $hosts);
    $seconds = $all->has('seconds') ? $all->number('seconds', 1, 3_600) : 60;
    $seed = $all->has('seed') ? $all->number('seed', 0, 0xffff_ffff) : 0;
    $isOver = passed($seconds);
    $allotment = Allotter::allot(
        new Evenings($hosts, $families, FittingReader::between($all), $zone),
        $seed,
        $seconds * STEPS_A_SECOND,
        static fn(): bool => $isOver(),
    );

    return [
        'given' => named('wish', array_map(static fn(Span $span): array => said($span, $zone), $allotment->given)),
        'not' => named('wish', array_map(static fn(Why $why): array => ['why' => $why->value], $allotment->not)),
        'granted' => count($allotment->given),
        'bound' => $allotment->bound,
        'families_with_none' => $allotment->withNone,
    ];
});
