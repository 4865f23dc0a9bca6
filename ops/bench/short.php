<?php

declare(strict_types=1);

// bin/recess bench short: what a change can make worse without anybody noticing, and what noise does not move: counts and
// sizes, of one booking, one read and a visitor's first page. Fails where one is over its limit (limits.php).

use Symfony\Component\Process\Process;

error_reporting(E_ALL & ~E_DEPRECATED);
require __DIR__ . '/../../vendor/autoload.php';
require __DIR__ . '/figures.php';

$address = (string) getenv('RECESS_ADDRESS');
$limits = require __DIR__ . '/limits.php';

/** @return array<mixed> */
function php(string ...$arguments): array
{
    $as = posix_getuid() === 0 ? ['runuser', '-u', (string) getenv('RECESS_USER'), '--', 'env', 'HOME=/tmp'] : [];
    $run = new Process([...$as, PHP_BINARY, '-d', 'opcache.enable_cli=1', ...$arguments], timeout: 120);

    return (array) json_decode(trim($run->mustRun()->getOutput()), true, flags: JSON_THROW_ON_ERROR);
}

/** @return float kB, compressed as the web server does it */
function compressed(string $text): float
{
    return round(strlen((string) gzencode($text, 6)) / 1000, 1);
}

/**
 * What a part of a page loads with it, as the build wrote it down.
 *
 * @param  array<string, array<string, mixed>>  $parts  of the build's manifest
 * @param  bool  $later  also what it loads once something is pressed
 * @return array<string, true> files
 */
function files(array $parts, string $part, bool $later, array $found = []): array
{
    $one = $parts[$part];
    if (isset($found[$one['file']])) {
        return $found;
    }
    $found[$one['file']] = true;
    foreach ([...$one['imports'] ?? [], ...$later ? $one['dynamicImports'] ?? [] : []] as $next) {
        $found = files($parts, $next, $later, $found);
    }

    return $found;
}

[$sheet] = php(__DIR__ . '/../../artisan', 'recess:rush', 'write', '--run=short' . time(), '--hosts=1');
$booking = php(__DIR__ . '/one.php', 'book', $sheet['slug'], $sheet['slots'][0], (string) $sheet['place']);
$again = php(__DIR__ . '/one.php', 'book', $sheet['slug'], $sheet['slots'][1], (string) $sheet['place']);
$read = php(__DIR__ . '/one.php', 'read', $sheet['slug']);

$page = (string) file_get_contents("$address/s/{$sheet['slug']}");
$inEach = array_map(
    static fn(string $of): string => (string) file_get_contents("$address/" . basename($of) . "/s/{$sheet['slug']}"),
    glob(__DIR__ . '/../../lang/*', GLOB_ONLYDIR) ?: [],
);
preg_match_all('#(?:src|href)="[^"]*(/build/visit/[^"]+)"#', $page, $named);
$build = __DIR__ . '/../../public/build/visit';
$file = static fn(string $name): string => (string) file_get_contents("$build/$name");
$ending = static fn(string $ending): array => array_unique(
    array_map(
        static fn(string $path): string => substr($path, strlen('/build/visit/')),
        array_filter(
            $named[1],
            static fn(string $path): bool => str_ends_with($path, $ending) && !str_contains($path, '/plain-'),
        ),
    ),
);
$size = static fn(array $names): float => array_sum(
    array_map(static fn(string $name): float => compressed($file($name)), $names),
);
$parts = json_decode($file('manifest.json'), true, flags: JSON_THROW_ON_ERROR);
$all = files($parts, 'web/pages/Visit.svelte', true, files($parts, 'web/visit.ts', false));
$fonts = static fn(string $letters): float => array_sum(
    array_map(
        static fn(string $one): float => round(filesize($one) / 1000, 1),
        array_filter(
            glob("$build/assets/*.woff2") ?: [],
            static fn(string $one): bool => preg_match("/-($letters)-[^-]+\.woff2$/", $one) === 1,
        ),
    ),
);

$figures = [
    'a booking: statements' => $booking['statements'],
    'a booking: jobs queued' => $booking['jobs'],
    'a booking: classes loaded' => $booking['classes'],
    'a booking: memory at its height, kB' => $booking['peak'],
    'a read: statements' => $read['statements'],
    'a read: classes loaded' => $read['classes'],
    'a read: memory at its height, kB' => $read['peak'],
    'a sheet’s page: document, kB' => compressed($page),
    'a sheet’s page: document in the heaviest language, kB' => max(array_map(compressed(...), $inEach)),
    'a sheet’s page: script before the pick, kB' => $size($ending('.js')),
    'a sheet’s page: all script that it can come to, kB' => $size(array_keys($all)),
    'a sheet’s page: style, kB' => $size($ending('.css')),
    'a sheet’s page: fonts, kB' => $fonts('latin'),
    'a sheet’s page: fonts where names need more letters, kB' => $fonts('latin|ext'),
];
$over = [];
if ([$booking['status'], $again['status'], $read['status']] !== [201, 201, 200]) {
    $over[] = "A booking answered {$booking['status']} and {$again['status']}, a read {$read['status']}.";
}
echo "| | now | at most |\n| --- | ---: | ---: |\n";
foreach ($figures as $name => $value) {
    printf("| %s | %s | %s |\n", $name, $value, $limits[$name]);
    figure('short', $name, (float) $value, '', 'less');
    if ($value > $limits[$name]) {
        $over[] = "$name is $value; ops/bench/limits.php allows {$limits[$name]}.";
    }
}
if (array_diff_key($limits, $figures) !== []) {
    $over[] = 'limits.php names what is not measured: ' . implode(', ', array_keys(array_diff_key($limits, $figures)));
}
if ($over !== []) {
    fwrite(STDERR, implode("\n", $over) . "\n");
    exit(1);
}
