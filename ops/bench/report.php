<?php

declare(strict_types=1);

// php ops/bench/report.php FIGURES FOLDER: writes docs/performance.md anew of what the benches said (FOLDER/NAME.md) and of
// their figures (lines of JSON), each beside the one of the time before (docs/performance.json), and by how much it moved.

require __DIR__ . '/figures.php';

[, $file, $folder] = $argv;
$docs = __DIR__ . '/../../docs';
$lines = array_map(
    static fn(string $line): array => json_decode($line, true, flags: JSON_THROW_ON_ERROR),
    array_filter(explode("\n", (string) file_get_contents($file))),
);
$now = [];
foreach ($lines as $line) {
    // Of several runs the one in the middle.
    $now["{$line['bench']}: {$line['name']}"][] = $line;
}
$now = array_map(
    static fn(array $runs): array => [
        'value' => middle(array_map(floatval(...), array_column($runs, 'value'))),
        'runs' => count($runs),
    ] + $runs[0],
    $now,
);
$known = is_file("$docs/performance.json")
    ? json_decode((string) file_get_contents("$docs/performance.json"), true, flags: JSON_THROW_ON_ERROR)
    : ['figures' => [], 'of' => 'nothing'];

$processors = (int) trim((string) shell_exec('nproc'));
preg_match('/^model name\s*:\s*(.+)$/m', (string) file_get_contents('/proc/cpuinfo'), $model);
preg_match('/^MemTotal:\s*(\d+)/m', (string) file_get_contents('/proc/meminfo'), $memory);
$of = sprintf(
    '%s, commit %s, %d × %s, %.0f GB',
    gmdate('Y-m-d H:i') . ' UTC',
    trim((string) shell_exec('git rev-parse --short HEAD')),
    $processors,
    $model[1] ?? 'a processor that does not say its name',
    (int) ($memory[1] ?? 0) / 1_000_000,
);

$said = static function (float $value): string {
    $written = number_format($value, abs($value) < 10 ? 2 : (abs($value) < 100 ? 1 : 0));

    return str_contains($written, '.') ? rtrim(rtrim($written, '0'), '.') : $written;
};
$rows = $worse = [];
foreach ($now as $name => $one) {
    $before = $known['figures'][$name] ?? null;
    $moved = $before === null || (float) $before === 0.0 ? null : $one['value'] / $before - 1;
    $isWorse = $moved !== null && ($one['better'] === 'more' ? $moved < -0.1 : $moved > 0.1);
    $rows[] = sprintf(
        '| %s%s | %s | %s | %s |',
        $name,
        $one['runs'] > 1 ? " ({$one['runs']} runs)" : '',
        $before === null ? '' : $said((float) $before),
        trim($said($one['value']) . ' ' . $one['unit']),
        $moved === null ? '' : sprintf('%+.0f %%%s', 100 * $moved, $isWorse ? ' **worse**' : ''),
    );
    $isWorse && ($worse[] = $name);
}
$known['figures'] = [...$known['figures'], ...array_map(static fn(array $one): float => $one['value'], $now)];

$text =
    "# Performance\n\nWritten by `bin/recess bench all`; what it means, and why: [performance-why.md](performance-why.md).\n";
$text .= "\n## All figures\n\nMeasured $of; before: {$known['of']}.\n\n";
$text .= "| | before | now | moved |\n| --- | ---: | ---: | ---: |\n" . implode("\n", $rows) . "\n";
foreach (glob("$folder/*.md") ?: [] as $one) {
    $text .=
        "\n## `bench " .
        basename($one, '.md') .
        "`\n\n" .
        preg_replace('/\n{3,}/', "\n\n", trim((string) file_get_contents($one))) .
        "\n";
}
file_put_contents("$docs/performance.md", $text);
$known['of'] = $of;
file_put_contents(
    "$docs/performance.json",
    json_encode($known, JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR) .
        "\n",
);
echo $worse === []
    ? "No figure fell by more than a tenth.\n"
    : 'Worse by more than a tenth; mend it, or say why in the commit: ' . implode('; ', $worse) . "\n";
