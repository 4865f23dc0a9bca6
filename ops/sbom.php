<?php

declare(strict_types=1);

/*
 * The bill of materials of this version, as CycloneDX 1.5 writes it in JSON: itself, its PHP packages (php-packages.lock),
 * the JavaScript packages of its build (package-lock.json), and the Debian packages that it runs on, as they are here.
 *
 *   php ops/sbom.php DEBIAN-PACKAGES…
 */

chdir(dirname(__DIR__));

/**
 * @param  array<string, mixed>  $more
 * @return array<string, mixed>
 */
function component(string $name, string $version, string $purl, array $more = []): array
{
    return ['type' => 'library', 'bom-ref' => $purl, 'name' => $name, 'version' => $version, 'purl' => $purl] + $more;
}

$version = trim((string) file_get_contents('VERSION'));
$components = [];
$licences = [];
foreach (
    json_decode((string) @file_get_contents('vendor/composer/installed.json'), true)['packages'] ?? []
    as $package
) {
    $licences[$package['name']] = array_map(
        static fn(string $id): array => [
            'license' => preg_match('/^[\w.+-]+$/D', $id) === 1 ? ['id' => $id] : ['name' => $id],
        ],
        $package['license'] ?? [],
    );
}
foreach (file('php-packages.lock', FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES) ?: [] as $line) {
    if ($line[0] === '#') {
        continue;
    }
    [$name, $is, $for, $sum] = explode(' ', $line);
    $components[] = component(
        $name,
        ltrim($is, 'v'),
        "pkg:composer/$name@" . ltrim($is, 'v'),
        [
            'scope' => $for === 'run' ? 'required' : 'excluded',
            // Over its files, as ops/php-lock.php reckons it: no archive has this sum.
            'properties' => [['name' => 'recess:files:sha256', 'value' => $sum]],
        ] + (($licences[$name] ?? []) === [] ? [] : ['licenses' => $licences[$name]]),
    );
}
foreach (
    json_decode((string) file_get_contents('package-lock.json'), true, flags: JSON_THROW_ON_ERROR)['packages']
    as $path => $package
) {
    if ($path === '' || ($package['link'] ?? false) || !isset($package['version'])) {
        continue;
    }
    $name = substr($path, (int) strrpos($path, 'node_modules/') + strlen('node_modules/'));
    [$algorithm, $digest] = explode('-', $package['integrity'] ?? '-', 2);
    $purl = 'pkg:npm/' . str_replace('@', '%40', $name) . "@{$package['version']}";
    $components[$purl] = component(
        $name,
        $package['version'],
        $purl,
        [
            // Pages are built from them; nothing of them but what they became is served.
            'scope' => $package['dev'] ?? false ? 'excluded' : 'required',
        ] +
            ($algorithm === 'sha512'
                ? ['hashes' => [['alg' => 'SHA-512', 'content' => bin2hex((string) base64_decode($digest, true))]]]
                : []) +
            (is_string($package['license'] ?? null)
                ? [
                    'licenses' => [
                        [
                            'license' =>
                                preg_match('/^[\w.+-]+$/D', $package['license']) === 1
                                    ? ['id' => $package['license']]
                                    : ['name' => $package['license']],
                        ],
                    ],
                ]
                : []),
    );
}
foreach (array_slice($argv, 1) as $name) {
    $is = trim((string) shell_exec('dpkg-query -W -f=\'${Version}\' ' . escapeshellarg($name) . ' 2>/dev/null'));
    $is === '' ||
        ($components[] = component($name, $is, 'pkg:deb/debian/' . rawurlencode($name) . '@' . rawurlencode($is), [
            'scope' => 'required',
        ]));
}
// The same version on the same machine has the same number.
$seed = hash('sha256', $version . json_encode($components));
echo json_encode(
    [
        'bomFormat' => 'CycloneDX',
        'specVersion' => '1.5',
        'serialNumber' => vsprintf('urn:uuid:%s-%s-5%s-8%s-%s', [
            substr($seed, 0, 8),
            substr($seed, 8, 4),
            substr($seed, 13, 3),
            substr($seed, 17, 3),
            substr($seed, 20, 12),
        ]),
        'version' => 1,
        'metadata' => [
            'timestamp' => gmdate('Y-m-d\TH:i:s\Z'),
            'component' => [
                'type' => 'application',
                'bom-ref' => "recess@$version",
                'name' => 'recess',
                'version' => $version,
                'licenses' => [['license' => ['id' => 'MIT']]],
            ],
        ],
        'components' => array_values($components),
    ],
    JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR,
) . "\n";
