<?php

declare(strict_types=1);

// Runs the rush on a running instance, then again with faults in its middle, and holds what was told against the tables.
// php ops/bench/rush-report.php [calm] [flood] [faults] [rates] [--short]: these parts, or all; short is a tenth as large.

use Symfony\Component\Process\Process;

require __DIR__ . '/../../vendor/autoload.php';
require __DIR__ . '/figures.php';

$short = in_array('--short', $argv, true);
$parts =
    array_values(array_diff(array_slice($argv, 1), ['--short'])) ?:
    ($short
        ? ['faults', 'rates']
        : ['calm', 'flood', 'faults', 'rates']);

$address = (string) getenv('RECESS_ADDRESS');
$supervisor = (string) getenv('RECESS_SUPERVISOR');

function artisan(string ...$arguments): mixed
{
    $as = posix_getuid() === 0 ? ['runuser', '-u', (string) getenv('RECESS_USER'), '--', 'env', 'HOME=/tmp'] : [];
    $run = new Process([...$as, PHP_BINARY, __DIR__ . '/../../artisan', ...$arguments], timeout: 120);

    return json_decode(trim($run->mustRun()->getOutput()), true, flags: JSON_THROW_ON_ERROR);
}

function supervise(string ...$what): void
{
    (new Process(['supervisorctl', '-c', $GLOBALS['supervisor'], ...$what], timeout: 120))->run();
}

/** @return array{int, int} time of the processors that other machines on the same host took, and all of it */
function processors(): array
{
    $times = array_map(
        intval(...),
        array_slice((array) preg_split('/\s+/', (string) strtok((string) file_get_contents('/proc/stat'), "\n")), 1, 8),
    );

    return [$times[7] ?? 0, array_sum($times)];
}

/** @param  array{int, int}  $since */
function stolen(array $since): string
{
    [$stolen, $all] = processors();

    return sprintf('%.0f %%', (100 * ($stolen - $since[0])) / max(1, $all - $since[1]));
}

/** @param  Closure(): void|null  $faults */
function rush(string $name, int $visitors, float $seconds, ?Closure $faults = null): array
{
    global $short;
    // A name of its own each time: what an earlier run has booked is not counted again.
    $name .= '-' . time();
    $sheets = json_encode(
        artisan('recess:rush', 'write', "--run=$name", '--hosts=' . ($short ? 2 : 20)),
        JSON_THROW_ON_ERROR,
    );
    $run = new Process(
        [PHP_BINARY, __DIR__ . '/rush.php', $GLOBALS['address'], (string) $visitors, (string) $seconds, $name],
        input: $sheets,
        timeout: 240,
    );
    $since = processors();
    $run->start();
    if ($faults !== null) {
        $faults();
    }
    $run->wait();
    $stolen = stolen($since);
    $answer = json_decode($run->getOutput(), true, flags: JSON_THROW_ON_ERROR);
    // In short not for a letter that the worker had in hand when the database was killed: a minute and a half.
    for ($wait = 0; $wait < ($short ? 3 : 600); $wait++) {
        $counted = artisan('recess:rush', 'count', "--run=$name");
        if ($counted['jobs'] === 0) {
            break;
        }
        sleep(1);
    }
    $yours = array_unique(
        array_column(
            array_filter($answer['told'], static fn(array $one): bool => in_array($one['status'], [200, 201], true)),
            'key',
        ),
    );
    $times = array_column($answer['told'], 'seconds');
    sort($times);
    $statuses = array_count_values(array_column($answer['told'], 'status'));
    ksort($statuses);

    return [
        'visitors' => $visitors,
        'answers' => count($times),
        'statuses' => $statuses,
        'asked to come again meanwhile' => $answer['asked to come again'],
        'unanswered' => $answer['unanswered'],
        'median' => $times[intdiv(count($times), 2)] ?? 0,
        'p99' => $times[(int) (count($times) * 0.99)] ?? 0,
        'most' => end($times) ?: 0,
        'booked' => $counted['booked'],
        'slots' => $counted['slots'],
        'overlaps' => $counted['overlaps'],
        'told without having' => count(array_diff($yours, $counted['keys'])),
        'having untold' => count(array_diff($counted['keys'], $yours)),
        'jobs left' => $counted['jobs'],
        'jobs failed' => $counted['failed'],
        'mails twice' => $counted['mails_twice'],
        'mails' => $counted['mails'],
        'processor time that other machines took' => $stolen,
    ];
}

function table(string $title, array $result): void
{
    echo "### $title\n\n| | |\n| --- | ---: |\n";
    foreach ($result as $name => $value) {
        printf(
            "| %s | %s |\n",
            $name,
            is_array($value)
                ? implode(', ', array_map(static fn($k, $v): string => "$k: $v", array_keys($value), $value))
                : (is_float($value)
                    ? sprintf('%.3f s', $value)
                    : $value),
        );
    }
    echo "\n";
}

/** Requests a second with 8 connections at once, for some seconds. */
function rate(string $method, Closure $url, ?Closure $body = null, float $seconds = 6): float
{
    $seconds /= $GLOBALS['short'] ? 10 : 1;
    $multi = curl_multi_init();
    $add = static function () use ($multi, $method, $url, $body): void {
        $curl = curl_init($url());
        curl_setopt_array(
            $curl,
            [
                CURLOPT_RETURNTRANSFER => true,
                CURLOPT_CUSTOMREQUEST => $method,
                CURLOPT_TIMEOUT => 30,
                CURLOPT_HTTPHEADER => ['Content-Type: application/json', 'Accept: application/json'],
            ] + ($body === null ? [] : [CURLOPT_POSTFIELDS => $body()]),
        );
        curl_multi_add_handle($multi, $curl);
    };
    array_map(static fn() => $add(), range(1, 8));
    $start = microtime(true);
    $done = 0;
    while (microtime(true) - $start < $seconds) {
        curl_multi_exec($multi, $active);
        curl_multi_select($multi, 0.01);
        while (($info = curl_multi_info_read($multi)) !== false) {
            $status = curl_getinfo($info['handle'], CURLINFO_RESPONSE_CODE);
            curl_multi_remove_handle($multi, $info['handle']);
            if ($status < 200 || $status > 299) {
                fwrite(
                    STDERR,
                    "A baseline answered $status: " .
                        substr((string) curl_multi_getcontent($info['handle']), 0, 300) .
                        "\n",
                );
                exit(1);
            }
            $done++;
            $add();
        }
    }

    return $done / (microtime(true) - $start);
}

/** What must be so, however fast the machine is: as many bookings as slots, nobody told what is not so, no error seen. */
function hold(array $result): void
{
    global $short;
    $errors = array_sum(
        array_filter($result['statuses'], static fn(int $status): bool => $status >= 500, ARRAY_FILTER_USE_KEY),
    );
    $wrong = array_filter([
        'not all booked' => ($short ? 60 : 600) - $result['booked'],
        'booked twice' => $result['booked'] - $result['slots'],
        'overlaps' => $result['overlaps'],
        'told without having' => $result['told without having'],
        'having untold' => $result['having untold'],
        'errors seen' => $errors,
        'unanswered' => $result['unanswered'],
        'jobs left' => $short ? 0 : $result['jobs left'],
        'jobs failed' => $result['jobs failed'],
        'mails twice' => $result['mails twice'],
    ]);
    if ($wrong !== []) {
        fwrite(STDERR, 'That must not be: ' . json_encode($wrong) . "\n");
        $GLOBALS['failed'] = true;
    }
}

$failed = false;
$visitors = $short ? 100 : 1000;
if (in_array('calm', $parts, true)) {
    table("The rush: $visitors visitors within ten seconds", $calm = rush('calm', $visitors, $short ? 2 : 10));
    hold($calm);
    figure('rush', 'a round opens, within ten seconds: p99', $calm['p99'], 's', 'less');
}
if (in_array('flood', $parts, true)) {
    table('The same all in one second', $flood = rush('flood', $visitors, 1));
    hold($flood);
    figure('rush', 'a round opens, all in one second: p99', $flood['p99'], 's', 'less');
}
if (in_array('faults', $parts, true)) {
    $faults = rush('faults', $visitors, $short ? 8 : 20, static function () use ($short): void {
        // A letter that a killed worker had in hand is taken up after a minute and a half: too long for the short form.
        sleep($short ? 1 : 4);
        $short || supervise('signal', 'KILL', 'web:queue');
        sleep($short ? 1 : 2);
        supervise('signal', 'KILL', 'mariadb');
        sleep($short ? 2 : 5);
        supervise('signal', 'USR2', 'web:fpm');
        sleep($short ? 1 : 3);
        $short || supervise('signal', 'KILL', 'web:queue');
    });
    table(
        'With faults: the database killed, the queue worker killed while sending, the web server’s PHP reloaded',
        $faults,
    );
    hold($faults);
    figure('rush', 'with faults: times booked', $faults['booked'], '', 'more');
}
if (!in_array('rates', $parts, true)) {
    exit($failed ? 1 : 0);
}

// More slots than can be booked in the time.
$sheets = [
    ...artisan('recess:rush', 'write', '--run=reads' . time()),
    ...artisan('recess:rush', 'write', '--run=more' . time()),
];
$wishes = [];
foreach ($sheets as $one) {
    foreach ($one['slots'] as $slot) {
        $wishes[] = [$one, $slot];
    }
}
shuffle($wishes);
// Of this run alone: whoever pressed in an earlier one is somebody else.
$of = time();
$current = $wishes[0];
$n = 0;
$kinds = [
    'bare' => static fn(): float => rate('GET', static fn(): string => "$address/bench/bare", seconds: 2),
    'sheet' => static fn(): float => rate(
        'GET',
        static fn(): string => "$address/api/s/{$sheets[0]['slug']}",
        seconds: 2,
    ),
    'write' => static fn(): float => rate(
        'POST',
        static fn(): string => "$address/bench/two-statements",
        static fn(): string => '{}',
        2,
    ),
    'book' => static function () use ($wishes, &$current, &$n, $address, $of): float {
        return rate(
            'POST',
            static function () use ($wishes, &$current, &$n, $address): string {
                $current = $wishes[$n++ % count($wishes)];

                return "$address/api/s/{$current[0]['slug']}/bookings";
            },
            static function () use (&$current, &$n, $of): string {
                return json_encode(
                    [
                        'slot' => $current[1],
                        'place' => $current[0]['place'],
                        'name' => "Reader $n",
                        'email' => "reader$n.$of@rush.example",
                        'answers' => ['student' => "Pupil $n of $of", 'phone' => '902 555 0100'],
                        'request_key' => sprintf(
                            '%08x-0000-4000-9000-%012x',
                            $n,
                            random_int(0, PHP_INT_MAX) & 0xffffffffffff,
                        ),
                    ],
                    JSON_THROW_ON_ERROR,
                );
            },
            3,
        );
    },
];
// In turns, so that a machine that is slower for a while is so for all of them; of three turns, the middle one.
$since = processors();
$rates = [];
for ($turn = 0; $turn < 3; $turn++) {
    foreach ($kinds as $kind => $measure) {
        $rates[$kind][] = $measure();
    }
}
['bare' => $bare, 'sheet' => $sheet, 'write' => $write, 'book' => $book] = array_map(middle(...), $rates);
echo "### Beside a bare route of the same run, 8 connections\n\n| | a second | |\n| --- | ---: | --- |\n";
printf(
    "| a bare Laravel JSON route | %.0f | |\n| a public sheet, read | %.0f | %.1f times the bare route |\n",
    $bare,
    $sheet,
    $sheet / $bare,
);
printf(
    "| a bare two-statement Laravel write | %.0f | |\n| a booking | %.0f | %.2f of the bare write |\n",
    $write,
    $book,
    $book / $write,
);
printf("| processor time that other machines took | %s | |\n", stolen($since));
figure('rush', 'a public read, in bare routes', $sheet / $bare, '×', 'more');
figure('rush', 'a booking, in bare writes', $book / $write, '×', 'more');
exit($failed ? 1 : 0);
