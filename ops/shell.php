<?php

declare(strict_types=1);

// What the doors from the shell share: they need no database, read one thing, print one thing, and say how they end.

use App\Framework\Reading;
use Illuminate\Container\Container;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Translation\FileLoader;
use Illuminate\Translation\Translator;
use Recess\Time\Zone;

error_reporting(E_ALL & ~E_DEPRECATED);
require __DIR__ . '/../vendor/autoload.php';

// The catalogues, for whoever sits at a shell; of the application nothing else is there.
Container::setInstance(new Container());
Container::getInstance()->instance(Reading::class, Reading::in('en', 24));
Container::getInstance()->instance(
    'translator',
    new Translator(new FileLoader(new Filesystem(), __DIR__ . '/../lang'), 'en'),
);

function failed(int $code, string $why): never
{
    fwrite(STDERR, "✗ $why\n");
    exit($code);
}

/**
 * Of a file, or of standard input where it is called -.
 *
 * @param  int|null  $most  bytes; of more than that comes one more
 */
function contents(string $file, ?int $most = null): string
{
    if ($file !== '-' && !is_file($file)) {
        failed(1, "$file: there is no such file.");
    }
    $text = @file_get_contents($file === '-' ? 'php://stdin' : $file, length: $most === null ? null : $most + 1);

    return $text === false ? failed(1, "$file: it cannot be opened.") : $text;
}

/** As RFC 3339 writes it, in the zone; with an offset always. */
function instant(int $at, Zone $zone): string
{
    return preg_replace('/Z$/', '+00:00', $zone->rfc3339($at)) ?? '';
}
