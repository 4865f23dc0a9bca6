<?php

declare(strict_types=1);

// bin/recess bench rounds: how well and how fast a round is allotted, beside "first come, first served" on the same wishes.

use Recess\Allotting\Allotter;
use Recess\Allotting\Evenings;
use Recess\Allotting\Family;
use Recess\Allotting\Host;
use Recess\Fitting\Between;
use Recess\Fitting\Cost;
use Recess\Records\Fields;
use Recess\Records\FittingReader;
use Recess\Records\RoundReader;
use Recess\Time\Span;
use Recess\Time\Zone;
use Tests\Core\MadeUpRound;

error_reporting(E_ALL & ~E_DEPRECATED);
ini_set('memory_limit', '512M');
require __DIR__ . '/../../vendor/autoload.php';
require __DIR__ . '/rounds-picture.php';
require __DIR__ . '/figures.php';

$short = ($argv[1] ?? '') === '--short';

/**
 * Families come in any order; each takes for each wish, its first one first, the earliest time that is free and that it can be at.
 *
 * @param  list<Host>  $hosts
 * @param  list<Family>  $families
 * @return array<string, Span> by wish
 */
function firstCome(array $hosts, array $families, Between $between): array
{
    $hosts = array_column($hosts, null, 'id');
    $given = $taken = [];
    foreach ((new Random\Randomizer(new Random\Engine\Mt19937(1)))->shuffleArray($families) as $family) {
        $mine = [];
        foreach ($family->wishes as $wish) {
            $host = $hosts[$wish->host];
            foreach ($host->slots as $i => $slot) {
                $clashes = array_filter($mine, static function (array $one) use ($between, $host, $slot): bool {
                    $way = $between->seconds($one[1], $host->place);

                    return $one[0]->widened($way, $way)->overlaps($slot);
                });
                if (!isset($taken[$host->id][$i]) && $clashes === [] && $slot->liesInOneOf($family->windows)) {
                    $taken[$host->id][$i] = true;
                    $mine[] = [$slot, $host->place];
                    $given[$wish->id] = $slot;
                    break;
                }
            }
        }
    }

    return $given;
}

/**
 * @param  list<Family>  $families
 * @param  array<string, Span>  $given
 * @return array<string, int|float>
 */
function figures(array $families, array $given, Zone $zone): array
{
    $firsts = $none = $waiting = $atSchool = $evenings = 0;
    foreach ($families as $family) {
        $mine = [];
        foreach ($family->wishes as $wish) {
            if (isset($given[$wish->id])) {
                $mine[] = $given[$wish->id];
                $firsts += $wish->rank === 1 ? 1 : 0;
            }
        }
        $cost = Cost::of($mine, $zone);
        $none += $mine === [] ? 1 : 0;
        $waiting += $cost->waiting;
        $evenings += $cost->evenings;
        $atSchool += $cost->waiting + array_sum(array_map(static fn(Span $span): int => $span->seconds(), $mine));
    }
    $all = count($families);

    return [
        'granted' => count($given),
        'first wishes' => $firsts,
        'families with none' => $none,
        'waiting' => $waiting / 60 / $all,
        'at school' => $atSchool / 60 / $all,
        'evenings' => $evenings / $all,
    ];
}

$rows = [];
foreach ($short ? [1] : [1, 2, 4] as $times) {
    [$hosts, $families] = $short ? [6, 60] : [60 * $times, 600 * $times];
    $task = (new MadeUpRound(1))->round($hosts, 36, $families, 4);
    $all = Fields::of($task);
    $hosts = RoundReader::hosts($all);
    $families = RoundReader::families($all, $hosts);
    $between = FittingReader::between($all);
    $zone = FittingReader::zone($all);
    $wishes = array_sum(array_map(static fn(Family $family): int => count($family->wishes), $families));
    $start = hrtime(true);
    $end = $start + 60 * $times * 1_000_000_000;
    memory_reset_peak_usage();
    $allotment = Allotter::allot(
        new Evenings($hosts, $families, $between, $zone),
        1,
        30_000_000 * $times,
        static fn(): bool => hrtime(true) > $end,
    );
    $seconds = (hrtime(true) - $start) / 1e9;
    $start = hrtime(true);
    $first = firstCome($hosts, $families, $between);
    $firstSeconds = (hrtime(true) - $start) / 1e9;
    $rows[] = $row = [
        'times' => $times,
        'hosts' => count($hosts),
        'families' => count($families),
        'wishes' => $wishes,
        'bound' => $allotment->bound,
        'allotted' => figures($families, $allotment->given, $zone),
        'first come' => figures($families, $first, $zone),
    ];
    printf('%d×: %d teachers × 36 times, %d families, %d wishes; ', $times, count($hosts), count($families), $wishes);
    printf("no allotment grants more than %d\n", $allotment->bound);
    foreach (['allotted' => $seconds, 'first come' => $firstSeconds] as $name => $took) {
        $of = $row[$name];
        printf(
            '    %-11s %5d granted (%.2f %% of the bound), ',
            $name,
            $of['granted'],
            (100 * $of['granted']) / $allotment->bound,
        );
        printf('%4d first wishes, %3d families with none, ', $of['first wishes'], $of['families with none']);
        printf(
            '%.0f min waiting, %.0f min at school and %.2f evenings a family; ',
            $of['waiting'],
            $of['at school'],
            $of['evenings'],
        );
        printf("%.1f s%s\n", $took, $name === 'allotted' ? sprintf(', %d MB', memory_get_peak_usage() >> 20) : '');
    }
}
$row = $rows[0];
figure('rounds', 'granted, of the bound', (100 * $row['allotted']['granted']) / $row['bound'], '%', 'more');
figure('rounds', 'families with none', $row['allotted']['families with none'], '', 'less');
if (isset($argv[1]) && !$short) {
    file_put_contents($argv[1], picture($rows[0]));
}
