<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What phpat cannot see: functions. The core is told the time, and reads and writes nothing. */
final class CoreAsksNobodyTest extends TestCase
{
    private const FORBIDDEN = [
        'now',
        'time',
        'date',
        'getdate',
        'localtime',
        'hrtime',
        'microtime',
        'mktime',
        'strtotime',
        'date_create',
        'date_default_timezone_get',
        'date_default_timezone_set',
        'env',
        'getenv',
        'config',
        'app',
        'resolve',
        'rand',
        'mt_rand',
        'random_int',
        'file_get_contents',
        'file_put_contents',
        'fopen',
        'file',
        'echo',
        'print',
        'printf',
        'curl_init',
    ];

    /** @return iterable<string, array{string}> */
    public static function files(): iterable
    {
        $root = dirname(__DIR__, 2) . '/core';
        foreach (
            new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($root, \FilesystemIterator::SKIP_DOTS))
            as $file
        ) {
            assert($file instanceof \SplFileInfo);
            yield substr($file->getPathname(), strlen($root) + 1) => [$file->getPathname()];
        }
    }

    #[DataProvider('files')]
    public function test_a_file_of_the_core_calls_no_clock_no_framework_and_no_disk(string $path): void
    {
        $tokens = array_values(
            array_filter(
                \PhpToken::tokenize((string) file_get_contents($path)),
                static fn(\PhpToken $token): bool => !$token->isIgnorable(),
            ),
        );
        $found = [];
        foreach ($tokens as $i => $token) {
            $called =
                ($tokens[$i + 1] ?? null)?->text === '(' &&
                !in_array(($tokens[$i - 1] ?? null)?->text, ['->', '?->', '::', 'function', 'new'], true);
            if (
                ($called || $token->is([T_ECHO, T_PRINT])) &&
                in_array(ltrim(strtolower($token->text), '\\'), self::FORBIDDEN, true)
            ) {
                $found[] = "$token->text on line $token->line";
            }
            // "new DateTimeImmutable" without a moment asks the system's clock.
            if (
                $token->is(T_NEW) &&
                str_starts_with(ltrim(($tokens[$i + 1] ?? $token)->text, '\\'), 'DateTime') &&
                !str_contains(($tokens[$i + 1] ?? $token)->text, 'Zone') &&
                ($tokens[$i + 3] ?? null)?->text === ')'
            ) {
                $found[] = "the system's clock on line $token->line";
            }
        }
        self::assertSame([], $found);
    }

    /** Or the core's tests pass only where the whole application is there: a seam that nobody sees until it breaks. */
    public function test_the_tests_of_the_core_know_nothing_but_the_core(): void
    {
        foreach (glob(__DIR__ . '/{,*/}*.php', GLOB_BRACE) ?: [] as $path) {
            self::assertDoesNotMatchRegularExpression(
                '/^use (App|Illuminate)\\\\/m',
                (string) file_get_contents($path),
                $path,
            );
        }
    }
}
