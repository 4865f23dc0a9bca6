<?php

declare(strict_types=1);

// bin/recess schema: what pages are told, from the published schemas to the array shapes that PHPStan holds the code to.
// `Desk` in recess.openapi.yaml is `DeskShape` in a docblock. With --check it only looks.

use Symfony\Component\Yaml\Yaml;

require __DIR__ . '/../vendor/autoload.php';

/** @param array<mixed> $schema */
function shape(array $schema): string
{
    if (isset($schema['$ref'])) {
        return basename($schema['$ref']) . 'Shape';
    }
    if (isset($schema['oneOf'])) {
        return implode('|', array_map('shape', $schema['oneOf']));
    }
    if (isset($schema['allOf'])) {
        return fields(merged($schema['allOf']));
    }
    if (isset($schema['enum'])) {
        return implode('|', array_unique(array_map(get_debug_type(...), $schema['enum'])));
    }
    $types = array_map(
        static fn(string $type): string => match ($type) {
            'string', 'null' => $type,
            'integer' => 'int',
            'number' => 'int|float',
            'boolean' => 'bool',
            'array' => 'list<' . (isset($schema['items']) ? shape($schema['items']) : 'mixed') . '>',
            'object' => fields($schema),
        },
        (array) ($schema['type'] ?? []),
    );

    return $types === [] ? 'mixed' : implode('|', $types);
}

/** @param array<mixed> $schema */
function fields(array $schema): string
{
    if (!isset($schema['properties'])) {
        // An empty map is an object on its way out, or JSON would call it a list.
        $value = is_array($schema['additionalProperties'] ?? null) ? shape($schema['additionalProperties']) : 'mixed';

        return "array<string, $value>|object";
    }
    $fields = [];
    foreach ($schema['properties'] as $name => $field) {
        $may = in_array($name, $schema['required'] ?? [], true) ? '' : '?';
        $fields[] = "'$name'$may: " . shape($field);
    }

    return 'array{' . implode(', ', $fields) . '}';
}

/**
 * @param  list<array<mixed>>  $parts  all of which the object fulfils
 * @return array<mixed>
 */
function merged(array $parts): array
{
    global $schemas;
    $whole = ['properties' => [], 'required' => []];
    foreach ($parts as $part) {
        $part = isset($part['$ref']) ? $schemas[basename($part['$ref'])] : $part;
        $part = isset($part['allOf']) ? merged($part['allOf']) : $part;
        $whole['properties'] = [...$whole['properties'], ...$part['properties'] ?? []];
        $whole['required'] = [...$whole['required'], ...$part['required'] ?? []];
    }

    return $whole;
}

$file = __DIR__ . '/../support/phpstan/shapes.neon';
$schemas = Yaml::parseFile(__DIR__ . '/../docs/formats/recess.openapi.yaml')['components']['schemas'];
$lines = ['# Made from docs/formats/recess.openapi.yaml by bin/recess schema.', 'parameters:', '    typeAliases:'];
foreach ($schemas as $name => $schema) {
    $lines[] = "        {$name}Shape: \"" . shape($schema) . '"';
}
$text = implode("\n", $lines) . "\n";

if ($text === @file_get_contents($file)) {
    exit(0);
}
if (($argv[1] ?? '') === '--check') {
    fwrite(STDERR, "✗ shapes.neon does not say what recess.openapi.yaml says.\n  Write it anew: bin/recess schema\n");
    exit(1);
}
file_put_contents($file, $text);
