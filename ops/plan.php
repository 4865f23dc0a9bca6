<?php

declare(strict_types=1);

// bin/recess plan: the meetings that a family wants in, their plan out. Needs no database.

use Recess\Fitting\Coming;
use Recess\Fitting\Cost;
use Recess\Fitting\Left;
use Recess\Fitting\Planner;
use Recess\Records\Fields;
use Recess\Records\FittingReader;
use Recess\Time\Span;

require __DIR__ . '/fitting.php';

const USAGE = <<<'TEXT'
bin/recess plan FILE.json

Reads the meetings that a family wants and prints their plan: as many as possible, none overlapping, with time for the
ways between, and of these what costs least. docs/formats/plan.schema.json says what goes in, and what comes out.
- reads standard input.

TEXT;

/** As long as somebody who looks at a page may be made to wait. */
const SECONDS = 0.2;

answered($argv, USAGE, static function (Fields $all): array {
    $zone = FittingReader::zone($all);
    $windows = $all->spans('windows', FittingReader::MOST_WINDOWS);
    $plan = Planner::plan(
        new Coming(FittingReader::wanted($all), $windows, FittingReader::between($all), $zone),
        FittingReader::prefer($all),
        passed(SECONDS),
    );
    $cost = static fn(Cost $cost): array => [
        'evenings' => $cost->evenings,
        'home' => minutes($cost->home),
        'waiting' => minutes($cost->waiting),
    ];

    return [
        'plan' => named('id', array_map(static fn(Span $span): array => said($span, $zone), $plan->meetings)),
        'left' => array_map(
            static fn(Left $left): array => array_filter([
                'id' => $left->id,
                'why' => $left->why->value,
                'with' => $left->with,
                'otherwise' => $left->otherwise === null ? null : said($left->otherwise, $zone),
            ]),
            $plan->left,
        ),
        'cost' => $cost($plan->cost),
        'best' => $plan->best,
        'bound' => ['meetings' => $plan->mostMeetings, ...$cost($plan->bound)],
    ];
});
