<?php

declare(strict_types=1);

// bin/recess bench school: the pages that show many sheets, in a large school, without the web server's cache. Prints Markdown tables.

use Symfony\Component\Process\Process;

error_reporting(E_ALL & ~E_DEPRECATED);
require __DIR__ . '/../../vendor/autoload.php';
require __DIR__ . '/figures.php';

$short = in_array('--short', $argv, true);
define('LOOKS', $short ? 5 : 60);

$address = (string) getenv('RECESS_ADDRESS');
$jar = (string) tempnam(sys_get_temp_dir(), 'jar');

/** @return array{float, int, int, string} seconds, bytes as they came, status, body */
function look(string $path, ?string $body = null, array $headers = []): array
{
    static $curl = null;
    global $address, $jar;
    $curl ??= curl_init();
    $received = 0;
    curl_setopt_array($curl, [
        CURLOPT_URL => $address . $path,
        CURLOPT_RETURNTRANSFER => true,
        CURLOPT_COOKIEJAR => $jar,
        CURLOPT_COOKIEFILE => $jar,
        CURLOPT_TIMEOUT => 60,
        CURLOPT_HTTPHEADER => $headers,
        CURLOPT_ENCODING => 'gzip',
        CURLOPT_CUSTOMREQUEST => $body === null ? 'GET' : 'POST',
        CURLOPT_POSTFIELDS => $body ?? '',
    ]);
    $answer = (string) curl_exec($curl);
    // Written into the jar at once, and not only at the end.
    curl_setopt($curl, CURLOPT_COOKIELIST, 'FLUSH');

    return [
        curl_getinfo($curl, CURLINFO_TOTAL_TIME),
        (int) curl_getinfo($curl, CURLINFO_SIZE_DOWNLOAD_T),
        curl_getinfo($curl, CURLINFO_RESPONSE_CODE),
        $answer,
    ];
}

/** Each look at an address of its own, or the web server would answer by itself. @return array{float, float, int} median and 95 of 100, in ms; compressed kB */
function looks(string $path): array
{
    static $n = 0;
    $times = [];
    $bytes = 0;
    for ($i = 0; $i < LOOKS + 3; $i++) {
        [$seconds, $bytes, $status] = look($path . (str_contains($path, '?') ? '&' : '?') . 'n=' . ++$n);
        if ($status !== 200) {
            throw new RuntimeException("$path answered $status.");
        }
        // The first ones find nothing at hand yet.
        if ($i >= 3) {
            $times[] = $seconds * 1000;
        }
    }
    sort($times);

    return [$times[intdiv(LOOKS, 2)], $times[(int) max(0, floor(LOOKS * 0.95) - 1)], $bytes];
}

function school(int $times, int $had): array
{
    $as = posix_getuid() === 0 ? ['runuser', '-u', (string) getenv('RECESS_USER'), '--', 'env', 'HOME=/tmp'] : [];
    $run = new Process(
        [
            ...$as,
            PHP_BINARY,
            '-d',
            'memory_limit=1G',
            __DIR__ . '/../../artisan',
            'recess:large-school',
            (string) $times,
            "--had=$had",
            ...$GLOBALS['short'] ? ['--staff=12', '--bookings=200'] : [],
        ],
        timeout: 600,
    );

    return json_decode(trim($run->mustRun()->getOutput()), true, flags: JSON_THROW_ON_ERROR);
}

echo "| | median | 95 of 100 within | compressed |\n| --- | ---: | ---: | ---: |\n";
$had = 0;
foreach (
    array_map(intval(...), array_diff(array_slice($argv, 1), ['--short'])) ?: ($short ? [1] : [1, 2, 4])
    as $times
) {
    $school = school($times, $had);
    $had = $times;
    look('/staff/sign-in');
    // The jar has the token as the framework shows it to pages: in a cookie.
    preg_match('/\tXSRF-TOKEN\t(\S+)/', (string) file_get_contents($jar), $token);
    look('/api/staff/session', json_encode(['email' => $school['email'], 'password' => $school['password']]), [
        'Content-Type: application/json',
        'Accept: application/json',
        'X-XSRF-TOKEN: ' . urldecode($token[1] ?? ''),
    ]);
    $round = http_build_query(['about' => $school['round'], 'from' => $school['date'], 'to' => $school['date']]);
    printf(
        "| **%d×**: %s sheets, %s bookings | | | |\n",
        $times,
        number_format($school['sheets']),
        number_format($school['bookings']),
    );
    foreach (
        [
            'a bare route' => '/bench/bare',
            'the board' => '/',
            'a door' => "/d/{$school['door']}",
            'side by side, all of a round' => "/find?$round",
            'a sheet' => "/s/{$school['sheet']}",
            'a host’s list of sheets' => '/staff',
        ]
        as $what => $path
    ) {
        [$median, $p95, $bytes] = looks($path);
        printf("| %s | %.0f ms | %.0f ms | %.1f kB |\n", $what, $median, $p95, $bytes / 1000);
        figure('school', "{$times}×: $what, 95 of 100", $p95, 'ms', 'less');
    }
}
unlink($jar);
