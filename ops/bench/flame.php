<?php

declare(strict_types=1);

// php ops/bench/flame.php FOLDER PICTURE.svg: presses 400 bookings, one after the other, and draws where their processor
// time went (what ops/bench/profile.php wrote into FOLDER) as a flame graph; prints the parts as a table.

use Symfony\Component\Process\Process;

error_reporting(E_ALL & ~E_DEPRECATED);
require __DIR__ . '/../../vendor/autoload.php';

[, $folder, $picture] = $argv;
$address = (string) getenv('RECESS_ADDRESS');

const PRESSES = 400;

/** The parts of a booking, by the call that begins each; the first that is found in a stack counts. */
const PARTS = [
    'start: the framework and its rooms' => ['Illuminate\Foundation\Http\Kernel::bootstrap', 'ComposerAutoloader'],
    'finding the route' => ['Illuminate\Routing\Router::findRoute'],
    'reading the sheet' => ['App\Timetables\SheetAtHand::now', 'App\Timetables\SheetAtHand::held'],
    'checking the form' => [
        'Illuminate\Foundation\Http\FormRequest::validateResolved',
        'App\Visiting\BookingRequest::wish',
    ],
    'locks' => ['App\Timetables\Guards::'],
    'judging' => ['App\Booking\Permit::of', 'App\Booking\Unanswered::'],
    'the seat' => ['App\Booking\TakeSeat::'],
    'its pass' => ['App\Models\Pass::ofVisitor'],
    'what is to be told, and waiting' => ['App\Telling\\', 'App\Waiting\\'],
    'stamps' => ['App\Live\Announce::'],
    'its row' => ['App\Booking\BookSlot::onSlot'],
    'begin and end of the transaction' => ['Illuminate\Database\Connection::transaction'],
    'the answer' => ['App\Visiting\PassData::of', 'Symfony\Component\HttpFoundation\Response::send'],
];

/** @return array<mixed> */
function artisan(string ...$arguments): array
{
    $as = posix_getuid() === 0 ? ['runuser', '-u', (string) getenv('RECESS_USER'), '--', 'env', 'HOME=/tmp'] : [];
    $run = new Process([...$as, PHP_BINARY, __DIR__ . '/../../artisan', ...$arguments], timeout: 120);

    return (array) json_decode(trim($run->mustRun()->getOutput()), true, flags: JSON_THROW_ON_ERROR);
}

$wishes = [];
foreach (artisan('recess:rush', 'write', '--run=flame' . time()) as $sheet) {
    foreach ($sheet['slots'] as $slot) {
        $wishes[] = [$sheet['slug'], $sheet['place'], $slot];
    }
}
shuffle($wishes);
$curl = curl_init();
foreach (array_slice($wishes, 0, PRESSES) as $n => [$slug, $place, $slot]) {
    // The first ones find nothing at hand yet.
    if ($n === 60) {
        array_map(unlink(...), glob("$folder/*") ?: []);
    }
    curl_setopt_array($curl, [
        CURLOPT_URL => "$address/api/s/$slug/bookings",
        CURLOPT_RETURNTRANSFER => true,
        CURLOPT_HTTPHEADER => ['Content-Type: application/json', 'Accept: application/json'],
        CURLOPT_POSTFIELDS => json_encode([
            'slot' => $slot,
            'place' => $place,
            'name' => "Reader $n",
            'email' => "flame$n@rush.example",
            'answers' => ['student' => "Pupil of the flame $n", 'phone' => '902 555 0100'],
            'request_key' => sprintf('%08x-0000-4000-9000-%012x', $n, random_int(0, 0xffffffffffff)),
        ]),
    ]);
    curl_exec($curl);
    curl_getinfo($curl, CURLINFO_RESPONSE_CODE) === 201 || throw new RuntimeException('A booking was refused.');
}

$stacks = $parts = [];
$all = 0;
foreach (file("$folder/stacks", FILE_IGNORE_NEW_LINES) ?: [] as $line) {
    $space = (int) strrpos($line, ' ');
    [$stack, $count] = [substr($line, 0, $space), (int) substr($line, $space + 1)];
    $all += $count;
    // Paths say nothing that the class does not, and are this machine's own.
    $stack = preg_replace(
        ['#\{closure:[^}]*?([^/}]+)\.php\((\d+)\)\}#', '#(?:/[\w.-]+)+/(\w+\.php)#'],
        ['$1:$2', '$1'],
        $stack,
    );
    $stacks[(string) $stack] = ($stacks[(string) $stack] ?? 0) + $count;
    $part = 'pipeline and all else';
    foreach (PARTS as $name => $begins) {
        foreach ($begins as $begin) {
            if (str_contains(";$line", ";$begin")) {
                $part = $name;
                break 2;
            }
        }
    }
    $parts[$part] = ($parts[$part] ?? 0) + $count;
}
arsort($parts);
$each = ($all * 0.2) / (PRESSES - 60);
printf(
    "Processor time of PHP for one booking, by sampling each 0.2 ms: %.1f ms.\n\n| part | ms | share |\n| --- | ---: | ---: |\n",
    $each,
);
foreach ($parts as $name => $count) {
    printf("| %s | %.2f | %.0f %% |\n", $name, ($each * $count) / $all, (100 * $count) / $all);
}

// A frame a call, as wide as its share of the time; what it calls stands on it.
$tree = ['count' => 0, 'calls' => []];
foreach ($stacks as $stack => $count) {
    $at = &$tree;
    $at['count'] += $count;
    foreach (array_slice(explode(';', $stack), 0, 60) as $call) {
        if ($call === '' || str_contains($call, 'Pipeline')) {
            continue;
        }
        $at['calls'][$call] ??= ['count' => 0, 'calls' => []];
        $at = &$at['calls'][$call];
        $at['count'] += $count;
    }
    unset($at);
}
const WIDE = 1200;
const HIGH = 16;
$frames = [];
$deepest = 0;
$draw = static function (array $calls, float $x, int $depth) use (&$draw, &$frames, &$deepest, $all): void {
    ksort($calls);
    foreach ($calls as $name => $call) {
        $width = (WIDE * $call['count']) / $all;
        if ($width >= 0.8) {
            $deepest = max($deepest, $depth);
            $frames[] = [$x, $depth, $width, $name, $call['count']];
            $draw($call['calls'], $x, $depth + 1);
        }
        $x += $width;
    }
};
$draw($tree['calls'], 0, 0);
$height = ($deepest + 2) * HIGH;
$svg = sprintf(
    '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 %d %d" font-family="Verdana, sans-serif" font-size="10">' .
        "\n<title>%s</title>\n",
    WIDE,
    $height,
    'Where the processor time of a booking goes',
);
foreach ($frames as [$x, $depth, $width, $name, $count]) {
    $ours = str_starts_with($name, 'App\\') || str_starts_with($name, 'Recess\\');
    $short = preg_replace('/^.*\\\\/', '', $name);
    $text = $width > 30 ? mb_strimwidth((string) $short, 0, (int) ($width / 6), '…') : '';
    $svg .= sprintf(
        '<g><title>%s: %.2f ms</title><rect x="%.1f" y="%d" width="%.1f" height="%d" fill="%s" stroke="#fbf8f1"/>%s</g>' .
            "\n",
        htmlspecialchars($name),
        ($each * $count) / $all,
        $x,
        $height - ($depth + 1) * HIGH,
        $width,
        HIGH,
        $ours ? '#7cc5a8' : '#ddd6c6',
        $text === ''
            ? ''
            : sprintf('<text x="%.1f" y="%d">%s</text>', $x + 2, $height - $depth * HIGH - 4, htmlspecialchars($text)),
    );
}
file_put_contents($picture, $svg . "</svg>\n");
