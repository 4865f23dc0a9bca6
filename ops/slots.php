<?php

declare(strict_types=1);

// bin/recess slots: availability and busy calendars in, slots out. Needs no database.

use App\Framework\Words;
use Recess\Calendars\AvailabilityReader;
use Recess\Calendars\BusyReader;
use Recess\Calendars\FreeBusy;
use Recess\RecessException;
use Recess\Slots\Cut;
use Recess\Time\LocalDate;
use Recess\Time\Span;
use Recess\Time\Spans;
use Recess\Time\Zone;

require __DIR__ . '/shell.php';

const USAGE = <<<'TEXT'
bin/recess slots AVAILABILITY.ics --minutes N --from YYYY-MM-DD --to YYYY-MM-DD
                 [--gap N] [--busy CAL.ics]… [--zone IANA] [--format json|ics|text]

AVAILABILITY.ics has VAVAILABILITY (RFC 7953); - reads standard input. --from is included, --to is not.

TEXT;

function wrongUse(string $why): never
{
    failed(2, "$why\n\n" . rtrim(USAGE));
}

if (array_intersect(['--help', '-h'], $argv) !== []) {
    echo USAGE;
    exit(0);
}
$given = ['busy' => []];
$files = [];
for ($arguments = array_slice($argv, 1); $arguments !== []; ) {
    $argument = array_shift($arguments);
    if (!str_starts_with($argument, '--')) {
        $files[] = $argument;

        continue;
    }
    [$name, $value] = explode('=', substr($argument, 2), 2) + [1 => null];
    if (!in_array($name, ['minutes', 'gap', 'busy', 'from', 'to', 'zone', 'format'], true)) {
        wrongUse("slots does not know --$name.");
    }
    $value ??= array_shift($arguments) ?? wrongUse("--$name needs a value.");
    if ($name === 'busy') {
        $given['busy'][] = $value;
    } else {
        $given[$name] = $value;
    }
}
count($files) === 1 ||
    wrongUse(
        $files === []
            ? 'An availability file is needed, or - for standard input.'
            : 'One availability file is read at a time.',
    );

$number = static function (string $name, ?string $default) use ($given): int {
    $value = $given[$name] ?? ($default ?? wrongUse("--$name is needed."));

    return preg_match('/^\d{1,6}$/D', $value) === 1
        ? (int) $value
        : wrongUse("--$name needs a whole number of minutes.");
};
$format = $given['format'] ?? 'json';
in_array($format, ['json', 'ics', 'text'], true) || wrongUse('--format is json, ics or text.');

try {
    $cut = Cut::of($number('minutes', null), $number('gap', '0'));
    $from = LocalDate::parse($given['from'] ?? wrongUse('--from is needed.'));
    $to = LocalDate::parse($given['to'] ?? wrongUse('--to is needed.'));
    $asked = isset($given['zone']) ? Zone::of($given['zone']) : null;
} catch (RecessException $failure) {
    wrongUse(Words::why($failure));
}
$to->isAfter($from) || wrongUse('--to has to be later than --from; it is the first day no longer included.');

$file = $files[0];
try {
    $availability = AvailabilityReader::read(contents($file), $asked ?? Zone::of('UTC'));
    $zone = $asked ?? $availability->zone;
    $range = Span::of($zone->instant($from, 0), $zone->instant($to, 0));
    // A stretch of the night before may reach into the range.
    $stretches = $availability->stretches($range->widened(86_400, 86_400));
    $busy = Spans::none();
    foreach ($given['busy'] as $file) {
        $read = BusyReader::read(contents($file), $range->widened(86_400, 86_400), $zone);
        $busy = $busy->union($read->busy);
        foreach ($read->skipped as $skipped) {
            [$what, $why] = [Words::message($skipped->what), Words::message($skipped->why)];
            fwrite(STDERR, "! $file, line $skipped->line: $what was skipped: $why\n");
        }
    }
} catch (RecessException $failure) {
    failed(1, "$file: " . Words::why($failure));
}

$slots = [];
foreach ($stretches as $stretch) {
    foreach ($cut->pieces($stretch)->slots as $slot) {
        if ($range->holds($slot->start)) {
            $slots[] = [$slot, !$busy->touches($slot)];
        }
    }
}

echo match ($format) {
    'json' => json_encode(
        array_map(
            static fn(array $one): array => [
                'start' => instant($one[0]->start, $zone),
                'end' => instant($one[0]->end, $zone),
                'state' => $one[1] ? 'free' : 'busy',
            ],
            $slots,
        ),
        JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR,
    ) . "\n",
    'ics' => FreeBusy::write($range, $slots, 'slots-' . hash('sha256', serialize($argv)) . '@recess', time()),
    'text' => implode(
        '',
        array_map(
            static fn(array $one): string => sprintf(
                "%s  %s-%s  %s\n",
                gmdate('D Y-m-d', $zone->dateAt($one[0]->start)->day * 86_400),
                $zone->timeAt($one[0]->start),
                $zone->timeAt($one[0]->end),
                $one[1] ? 'free' : 'busy',
            ),
            $slots,
        ),
    ),
};
