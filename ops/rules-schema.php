<?php

declare(strict_types=1);

// bin/recess schema: writes what the rulebook says of a sheet's rules into the published schemas. With --check it only looks.

use Recess\Rules\Rulebook;

require __DIR__ . '/../vendor/autoload.php';

$formats = __DIR__ . '/../docs/formats';
$schema = Rulebook::schema();

$sheet = json_decode((string) file_get_contents("$formats/sheet.schema.json"), true, flags: JSON_THROW_ON_ERROR);
$sheet['properties']['rules'] = $schema;
$texts["$formats/sheet.schema.json"] =
    preg_replace_callback(
        '/^ +/m',
        static fn(array $indent): string => str_repeat(' ', intdiv(strlen($indent[0]), 2)),
        json_encode($sheet, JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR),
    ) . "\n";

$lines = [
    '    Rules:',
    '      type: object',
    '      additionalProperties: false',
    '      required: [' . implode(', ', $schema['required']) . ']',
    '      properties:',
];
foreach ($schema['properties'] as $name => $field) {
    // JSON is YAML. While a form is filled in, any number may be missing; a default is the server's business.
    unset($field['default']);
    $lines[] = "        $name: " . json_encode($field, JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR);
}
$api = (string) file_get_contents("$formats/recess.openapi.yaml");
$texts["$formats/recess.openapi.yaml"] = preg_replace(
    '/^    Rules:\n(?:      .*\n)+/m',
    str_replace(['\\', '$'], ['\\\\', '\\$'], implode("\n", $lines) . "\n"),
    $api,
    1,
);

$stale = array_filter(
    $texts,
    static fn(string $text, string $file): bool => $text !== file_get_contents($file),
    ARRAY_FILTER_USE_BOTH,
);
if (($argv[1] ?? '') === '--check') {
    foreach (array_keys($stale) as $file) {
        fwrite(
            STDERR,
            '✗ ' . basename($file) . " does not say what the rulebook says.\n  Write it anew: bin/recess schema\n",
        );
    }
    exit($stale === [] ? 0 : 1);
}
foreach ($stale as $file => $text) {
    file_put_contents($file, $text);
}
