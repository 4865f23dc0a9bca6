<?php

declare(strict_types=1);

/*
 * The lock of the PHP packages: php-packages.lock names each, with its version and the sum of what it consists of. Composer is
 * handed exactly those (composer.pinned.json, made from it), and what it unpacked is held against it.
 *
 *   php ops/php-lock.php write          after composer.json was changed and installed anew without the lock: write it anew
 *   php ops/php-lock.php pin            write composer.pinned.json
 *   php ops/php-lock.php check [--no-dev]
 *
 * The sum is over the files, by name and contents, and not over the archive: two registries pack the same files differently.
 */

const LOCK = 'php-packages.lock';

/** @return array<string, array{version: string, dev: bool, sum: string}> by name */
function locked(): array
{
    $all = [];
    foreach (file(LOCK, FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES) ?: [] as $line) {
        if ($line[0] !== '#') {
            [$name, $version, $for, $sum] = explode(' ', $line);
            $all[$name] = ['version' => $version, 'dev' => $for === 'dev', 'sum' => $sum];
        }
    }

    return $all;
}

/** @return array<string, array{version: string, dev: bool, folder: string}> by name */
function installed(): array
{
    $known = json_decode(
        (string) file_get_contents('vendor/composer/installed.json'),
        true,
        flags: JSON_THROW_ON_ERROR,
    );
    $dev = array_flip($known['dev-package-names'] ?? []);
    $all = [];
    foreach ($known['packages'] as $package) {
        $all[$package['name']] = [
            'version' => $package['version'],
            'dev' => isset($dev[$package['name']]),
            'folder' => realpath('vendor/composer/' . $package['install-path']) ?: '',
        ];
    }
    ksort($all);

    return $all;
}

/** SHA-256 over each file's name and SHA-256, in the order of their names. */
function sumOf(string $folder): string
{
    $sums = [];
    foreach (
        new RecursiveIteratorIterator(new RecursiveDirectoryIterator($folder, FilesystemIterator::SKIP_DOTS))
        as $file
    ) {
        assert($file instanceof SplFileInfo);
        $sums[substr($file->getPathname(), strlen($folder) + 1)] = $file->isLink()
            ? 'link ' . readlink($file->getPathname())
            : (string) hash_file('sha256', $file->getPathname());
    }
    ksort($sums, SORT_STRING);
    $sum = hash_init('sha256');
    foreach ($sums as $name => $one) {
        hash_update($sum, "$name\0$one\n");
    }

    return hash_final($sum);
}

$say = static fn(string $text): int|false => fwrite(STDERR, "$text\n");
chdir(dirname(__DIR__));
$noDev = in_array('--no-dev', $argv, true);

switch ($argv[1] ?? '') {
    case 'write':
        $lines = [
            '# Every PHP package: name, version, what it is for (run, or dev), SHA-256 of its files (ops/php-lock.php).',
        ];
        foreach (installed() as $name => $one) {
            $lines[] = "$name {$one['version']} " . ($one['dev'] ? 'dev' : 'run') . ' ' . sumOf($one['folder']);
        }
        file_put_contents(LOCK, implode("\n", $lines) . "\n");
        break;
    case 'pin':
        $root = json_decode((string) file_get_contents('composer.json'), true, flags: JSON_THROW_ON_ERROR);
        foreach (locked() as $name => $one) {
            $root[$one['dev'] ? 'require-dev' : 'require'][$name] = $one['version'];
        }
        file_put_contents(
            'composer.pinned.json',
            json_encode($root, JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR) . "\n",
        );
        break;
    case 'check':
        $there = installed();
        $wanted = array_filter(locked(), static fn(array $one): bool => !$noDev || !$one['dev']);
        $wrong = [
            ...array_map(
                static fn(string $name): string => "$name is missing",
                array_keys(array_diff_key($wanted, $there)),
            ),
            ...array_map(
                static fn(string $name): string => "$name is not in the lock",
                array_keys(array_diff_key($there, $noDev ? $wanted : locked())),
            ),
        ];
        foreach (array_intersect_key($wanted, $there) as $name => $one) {
            $there[$name]['version'] === $one['version'] ||
                ($wrong[] = "$name is {$there[$name]['version']}, and {$one['version']} in the lock");
            sumOf($there[$name]['folder']) === $one['sum'] ||
                ($wrong[] = "$name {$one['version']} is made of other files than those in the lock");
        }
        if ($wrong !== []) {
            $say('The PHP packages are not those of ' . LOCK . ":\n  " . implode("\n  ", $wrong));
            exit(1);
        }
        break;
    default:
        $say('php ops/php-lock.php write | pin | check [--no-dev]');
        exit(2);
}
