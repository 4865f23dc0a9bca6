<?php

declare(strict_types=1);

/**
 * Writes down a figure for ops/bench/report.php, one line of JSON each, where RECESS_FIGURES names a file.
 *
 * @param  string  $better  'more' or 'less'
 */
function figure(string $bench, string $name, float $value, string $unit, string $better): void
{
    $file = (string) getenv('RECESS_FIGURES');
    if ($file !== '') {
        $line = json_encode(compact('bench', 'name', 'value', 'unit', 'better'), JSON_THROW_ON_ERROR);
        file_put_contents($file, $line . "\n", FILE_APPEND | LOCK_EX);
    }
}

/** @param  list<float>  $of */
function middle(array $of): float
{
    sort($of);

    return $of[intdiv(count($of), 2)];
}
