<?php

declare(strict_types=1);

// bin/recess bench core: how fast the core is, each figure beside its baseline of the same run. Prints Markdown tables.

use Recess\Asker;
use Recess\Calendars\BusyReader;
use Recess\Held;
use Recess\Hosts;
use Recess\Repeat\Weekly;
use Recess\Rules\Stated;
use Recess\Sheet;
use Recess\Slots\Block;
use Recess\Slots\Cut;
use Recess\Time\DateRange;
use Recess\Time\Hours;
use Recess\Time\LocalDate;
use Recess\Time\LocalTime;
use Recess\Time\Span;
use Recess\Time\Spans;
use Recess\Time\Weekday;
use Recess\Time\Zone;
use Recess\Timetable;
use Recess\World;
use Symfony\Component\Process\Process;

error_reporting(E_ALL & ~E_DEPRECATED);
require __DIR__ . '/../../vendor/autoload.php';

require __DIR__ . '/figures.php';

$short = ($argv[1] ?? '') === '--short';
if (($argv[1] ?? '') === 'calendar') {
    readLargeCalendar();
    exit(0);
}

/**
 * The median of several runs, in seconds.
 *
 * @param  Closure(): mixed  $work
 */
function median(Closure $work, int $runs = 7): float
{
    $work();
    $times = [];
    for ($i = 0; $i < $runs; $i++) {
        $start = hrtime(true);
        $work();
        $times[] = (hrtime(true) - $start) / 1e9;
    }
    sort($times);

    return $times[intdiv($runs, 2)];
}

function reference(string ...$command): float
{
    return (float) trim((new Process($command, timeout: 300))->mustRun()->getOutput());
}

$zone = Zone::of('America/Halifax');
$from = LocalDate::parse('2026-09-01');
$tenYears = LocalDate::parse('2036-09-01');
$block = Block::of(
    Weekly::on([Weekday::Tuesday, Weekday::Thursday], $from),
    Hours::between(LocalTime::of(16), LocalTime::of(16, 15)),
    Cut::of(15),
);
$occurrences = count($block->pieces($from, $tenYears, $zone));
$ours = $occurrences / median(static fn() => $block->pieces($from, $tenYears, $zone));
$dateutil = reference('/usr/bin/python3', __DIR__ . '/weekly.py');
$rrule = reference('node', __DIR__ . '/weekly.mjs');

printf(
    "### Weekly blocks over ten years, in a zone with clock changes\n\nTuesdays and Thursdays 16:00 to 16:15 in Halifax, %d occurrences, each cut into its slot (ours) or made an instant (the others).\n\n",
    $occurrences,
);
echo "| | occurrences a second | ours is |\n| --- | ---: | ---: |\n";
printf(
    "| the core | %s | |\n| python-dateutil | %s | %.1f times as fast |\n| rrule | %s | %.1f times as fast |\n\n",
    number_format($ours),
    number_format($dateutil),
    $ours / $dateutil,
    number_format($rrule),
    $ours / $rrule,
);
figure('core', 'weekly blocks, in python-dateutil', $ours / $dateutil, '×', 'more');

echo "### What a worksheet counts\n\nFull school days in ten-minute meetings, counted as a worksheet does while it is typed. The baseline lists the slots, as it did before.\n\n";
echo "| years | slots | counted | listed | listing takes |\n| --- | ---: | ---: | ---: | ---: |\n";
foreach ($short ? [1] : [1, 3] as $years) {
    $first = LocalDate::parse('2026-09-07');
    $before = $first->plusDays(365 * $years);
    $sheet = new Sheet(
        $zone,
        [
            Block::of(
                Weekly::on(Weekday::cases(), $first),
                Hours::between(LocalTime::of(8), LocalTime::of(16)),
                Cut::of(10),
            ),
        ],
        Hosts::of(1),
        Stated::of(),
    );
    $counted = median(static fn(): int => $sheet->tally($first, $before)->all());
    $listed = median(
        static fn(): int => array_sum(
            array_map(static fn($pieces): int => count($pieces->slots), $sheet->pieces($first, $before)),
        ),
    );
    printf(
        "| %d | %s | %.1f ms | %.1f ms | %.1f times as long |\n",
        $years,
        number_format($sheet->count($first, $before)),
        $counted * 1000,
        $listed * 1000,
        $listed / $counted,
    );
}
echo "\n";

echo "### A term's sheet to verdicts\n\n5 weekdays, 40 slots a day, 200 days at 1×; 2 000 busy spans and 2 000 bookings at 1×; seven rules, one of which is that nothing can be had more than 1 000 days ahead: at 8× more than half of the slots have that against them, and say from when they can. The baseline is a loop that only makes as many spans.\n\n";
echo "| size | slots | time | a slot | to the loop |\n| --- | ---: | ---: | ---: | ---: |\n";
foreach ($short ? [1] : [1, 2, 4, 8] as $size) {
    $first = LocalDate::parse('2026-09-07');
    $before = $first->plusDays(280 * $size);
    $block = Block::of(
        Weekly::on(array_slice(Weekday::cases(), 0, 5), $first),
        Hours::between(LocalTime::of(8), LocalTime::of(18)),
        Cut::of(15),
    );
    $chance = new Random\Randomizer(new Random\Engine\Mt19937(8));
    $start = $zone->instant($first, 0);
    $busy = $held = [];
    foreach ($block->pieces($first, $before, $zone) as $pieces) {
        foreach ($pieces->slots as $slot) {
            if ($chance->getInt(0, 3) === 0) {
                $held[] = new Held(1, $slot);
            }
        }
    }
    for ($i = 0; $i < 2_000 * $size; $i++) {
        $at = $start + $chance->getInt(0, 280 * $size * 1440) * 60;
        $busy[] = Span::of($at, $at + 1800);
    }
    $sheet = new Sheet(
        $zone,
        [$block],
        Hosts::of(1),
        Stated::of(['per_day' => 30, 'lead_minutes' => 1440, 'furthest_days' => 1000, 'per_visitor' => 3]),
    );
    $dates = DateRange::of($first, $before->plusDays(-1));
    $slots = 0;
    // All of it: the world of holds and busy times, the cut, and each slot's verdict.
    $time = median(static function () use ($sheet, $dates, $start, $held, $busy, &$slots): void {
        $slots = count(
            Timetable::of(
                $sheet,
                World::of($start, $held, [1 => Spans::of($busy)], Asker::anybody(), $dates),
            )->offers(),
        );
    });
    $loop = median(static function () use ($slots, $start): array {
        $all = [];
        for ($i = 0; $i < $slots; $i++) {
            $all[] = Span::of($start + $i * 900, $start + $i * 900 + 900);
        }

        return $all;
    });
    printf(
        "| %d× | %s | %.1f ms | %.2f µs | %.1f |\n",
        $size,
        number_format($slots),
        $time * 1000,
        ($time / $slots) * 1e6,
        $time / $loop,
    );
    figure('core', "a term’s sheet, {$size}×, in loops", $time / $loop, '×', 'less');
    figure('core', "a term’s sheet, {$size}×", $time * 1000, 'ms', 'less');
}

echo "\n### A large calendar to busy spans\n\nIn a process of its own. The baseline is the same reader on a twentieth of it.\n\n| entries | bytes | time | peak memory |\n| ---: | ---: | ---: | ---: |\n";
foreach ($short ? [1_000] : [1_000, 20_000] as $entries) {
    echo (new Process([PHP_BINARY, '-d', 'memory_limit=128M', __FILE__, 'calendar', (string) $entries], timeout: 300))
        ->mustRun()
        ->getOutput();
}

function readLargeCalendar(): void
{
    global $argv;
    $entries = (int) $argv[2];
    $text = "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//bench//EN\r\n";
    for ($i = 0; $i < $entries; $i++) {
        $at = 1_790_000_000 + $i * 1800;
        $text .= sprintf(
            "BEGIN:VEVENT\r\nUID:entry-%d@bench.example\r\nDTSTAMP:20261101T000000Z\r\nDTSTART:%s\r\nDTEND:%s\r\nSUMMARY:Meeting number %d with a title of a usual length\r\nLOCATION:Room %d\r\nDESCRIPTION:%s\r\n%sEND:VEVENT\r\n",
            $i,
            gmdate('Ymd\THis\Z', $at),
            gmdate('Ymd\THis\Z', $at + 1200),
            $i,
            $i % 40,
            'Some words about it. ',
            $i % 20 === 0 ? "RRULE:FREQ=WEEKLY;COUNT=10\r\n" : '',
        );
    }
    $text .= "END:VCALENDAR\r\n";
    $start = hrtime(true);
    $times = BusyReader::read(
        $text,
        Span::of(1_790_000_000, 1_790_000_000 + 2 * 31_557_600),
        Zone::of('America/Halifax'),
    );
    printf(
        "| %s | %.1f MB | %.2f s | %.0f MB |\n",
        number_format($entries),
        strlen($text) / 1e6,
        (hrtime(true) - $start) / 1e9,
        memory_get_peak_usage(true) / 1_048_576,
    );
    assert($times->skipped === []);
}
