<?php

declare(strict_types=1);

namespace Tests\App;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\Route;
use PHPUnit\Framework\Attributes\DataProvider;

/**
 * The rooms of the application stand in an order: each may use those before it, and none after it. What a room uses shows in
 * the classes, tables, gates, addresses and commands that it names, in PHP and in Blade.
 */
final class RoomsTest extends TestCase
{
    private const APP = __DIR__ . '/../../app';

    /** Of other rooms, Models and Framework not counted, a room knows so many: one that knows more is two. */
    private const KNOWS = 12;

    /** What forgets people and what has aged goes through all tables, as WhatIsKept says. */
    private const NAMES_ALL = 'Keeping';

    /** @return iterable<string, array{string, list<string>}> */
    public static function rooms(): iterable
    {
        $before = [];
        foreach (self::all() as $room) {
            $before[] = $room;
            yield $room => [$room, $before];
        }
    }

    /** @param  list<string>  $may */
    #[DataProvider('rooms')]
    public function test_a_room_uses_only_those_before_it(string $room, array $may): void
    {
        $files = glob(self::APP . "/$room/*.php") ?: [];
        self::assertNotSame([], $files);
        $knows = [];
        foreach ($files as $file) {
            $code = (string) file_get_contents($file);
            foreach (
                [
                    'classes' => self::classes($code),
                    'gates' => self::gates($code),
                    'addresses' => self::addresses($code, basename($file)),
                    'commands' => self::commands($code),
                    'views' => self::views($code),
                ]
                as $how => $used
            ) {
                self::assertSame(
                    [],
                    array_values(array_diff($used, $may)),
                    basename($file) . " uses a room that comes after its own, by its $how.",
                );
            }
            array_push($knows, ...self::classes($code));
        }
        $knows = array_diff(array_unique($knows), ['Models', 'Framework', $room]);
        self::assertLessThanOrEqual(
            self::KNOWS,
            count($knows),
            "$room knows " . implode(', ', $knows) . ': it has become two rooms.',
        );
    }

    #[DataProvider('rooms')]
    public function test_a_table_is_named_where_it_is_kept_and_written_nowhere_else(string $room): void
    {
        self::assertContains($room, self::all());
        $keeper = self::tables();
        $models = self::ofModels();
        foreach ($room === self::NAMES_ALL ? [] : (glob(self::APP . "/$room/*.php") ?: []) as $file) {
            $code = (string) file_get_contents($file);
            preg_match_all(
                '/(?:DB::table|->(?:join|leftJoin|from))\(\s*\'([a-z_]+)\'|\b(?:FROM|JOIN|INTO)\s+([a-z_]+)\b/',
                $code,
                $named,
                PREG_SET_ORDER,
            );
            foreach ($named as $one) {
                $table = $one[1] ?: $one[2];
                $may = !isset($keeper[$table]) || $keeper[$table] === $room || in_array($table, $models, true);
                self::assertTrue(
                    $may,
                    basename($file) . " names $table, which " . ($keeper[$table] ?? 'nobody') . ' keeps.',
                );
            }
            preg_match_all(
                '/DB::table\(\'([a-z_]+)\'\)[^;]*?->(?:insert|insertGetId|insertOrIgnore|update|upsert|updateOrInsert|delete|increment)\(/',
                $code,
                $written,
            );
            foreach ($written[1] as $table) {
                $lent = $room === 'Models' && in_array($table, [...$models, 'former_secrets'], true);
                self::assertTrue(
                    $lent || $keeper[$table] === $room,
                    basename($file) . " writes $table, which {$keeper[$table]} keeps.",
                );
            }
        }
    }

    public function test_every_table_is_kept_by_one_room_and_there_is_nothing_beside_the_rooms(): void
    {
        $there = array_map(
            static fn(\stdClass $row): string => (string) array_values((array) $row)[0],
            DB::select('SHOW TABLES'),
        );
        self::assertEqualsCanonicalizing(
            $there,
            array_merge(...array_values(require __DIR__ . '/../../bootstrap/tables.php')),
        );
        self::assertEqualsCanonicalizing(self::all(), array_map(basename(...), glob(self::APP . '/*') ?: []));
        foreach (glob(self::APP . '/*/*.php') ?: [] as $file) {
            self::assertDoesNotMatchRegularExpression(
                '/\bDemo\\\\/',
                (string) file_get_contents($file),
                basename($file) . ': the demo is no part of what a school runs.',
            );
        }
    }

    /** @return list<string> */
    private static function all(): array
    {
        return ['Models', ...require __DIR__ . '/../../bootstrap/rooms.php'];
    }

    /** @return array<string, string> the room that keeps each table */
    private static function tables(): array
    {
        $keeper = [];
        foreach (require __DIR__ . '/../../bootstrap/tables.php' as $room => $tables) {
            $keeper += array_fill_keys($tables, $room);
        }

        return $keeper;
    }

    /** @return list<string> the tables whose rows are models below all rooms, and what hangs on them */
    private static function ofModels(): array
    {
        preg_match_all(
            '/protected \$table = \'([a-z_]+)\'/',
            implode('', array_map(file_get_contents(...), glob(self::APP . '/Models/*.php') ?: [])),
            $tables,
        );

        return $tables[1];
    }

    /** @return list<string> the rooms whose classes a file names, imported or in full */
    private static function classes(string $code): array
    {
        preg_match_all(
            '/\bApp\\\\(\w+)\\\\/',
            implode(
                ' ',
                array_map(
                    static fn(\PhpToken $token): string => $token->text . '\\',
                    array_filter(
                        \PhpToken::tokenize($code),
                        static fn(\PhpToken $token): bool => $token->is([T_NAME_QUALIFIED, T_NAME_FULLY_QUALIFIED]),
                    ),
                ),
            ),
            $rooms,
        );

        return array_values(array_unique($rooms[1]));
    }

    /** @return list<string> the rooms that answer at the addresses that a file leads to; Models/Addresses is where those of others stand */
    private static function addresses(string $code, string $file): array
    {
        $rooms = [];
        preg_match_all('/[\'"](\/(?:[a-z]|\$|\{)[^\'"\s]*)[\'"]/', $code, $paths);
        foreach (in_array($file, ['routes.php', 'Addresses.php'], true) ? [] : $paths[1] as $path) {
            $form = preg_replace(['/\{?\$[\w>\-()\[\]\']+\}?/', '/\?.*/'], ['*', ''], $path);
            foreach (Route::getRoutes()->getRoutes() as $route) {
                $action = $route->getAction('controller');
                if (
                    '/' . preg_replace('/\{[^}]*\}/', '*', $route->uri()) === $form &&
                    is_string($action) &&
                    preg_match('/^App\\\\(\w+)/', $action, $room) === 1
                ) {
                    $rooms[$form] ??= $room[1];
                }
            }
        }

        return array_values(array_unique($rooms));
    }

    /** @return list<string> the rooms whose policies and gates a file's routes ask */
    private static function gates(string $code): array
    {
        $rooms = [];
        preg_match_all('/can\(\'([a-z-]+)\'\)/', $code, $named);
        foreach (glob(self::APP . '/*/*Room.php') ?: [] as $file) {
            preg_match_all('/Gate::define\(\s*\'([a-z-]+)\'/', (string) file_get_contents($file), $defined);
            array_intersect($defined[1], $named[1]) === [] || ($rooms[] = basename(dirname($file)));
        }
        preg_match_all('/can\(\'\w+\', \'(\w+)\'|can\(\'\w+\', (\w+)::class/', $code, $asked, PREG_SET_ORDER);
        foreach ($asked as $one) {
            $model =
                ['part' => 'RoundHost', 'person' => 'StaffMember', 'staff' => 'StaffMember'][$one[1]] ??
                ucfirst($one[2] ?? $one[1]);
            foreach (Gate::policies() as $of => $policy) {
                if (class_basename($of) === $model && preg_match('/^App\\\\(\w+)/', $policy, $room) === 1) {
                    $rooms[] = $room[1];
                }
            }
        }

        return array_values(array_unique($rooms));
    }

    /** @return list<string> the rooms whose commands a file calls */
    private static function commands(string $code): array
    {
        preg_match_all('/(?:Artisan::call|->call|->callSilently)\(\'(recess:[a-z-]+)/', $code, $called);
        $rooms = [];
        foreach ($called[1] as $command) {
            foreach (glob(self::APP . '/*/*Command.php') ?: [] as $file) {
                str_contains((string) file_get_contents($file), "'$command") && ($rooms[] = basename(dirname($file)));
            }
        }

        return $rooms;
    }

    /** @return list<string> the rooms whose classes are named in the views that a file shows */
    private static function views(string $code): array
    {
        preg_match_all('/\b(?:view|loadView|make)\(\'([a-z.-]+)\'/', $code, $shown);
        $rooms = [];
        foreach ($shown[1] as $name) {
            $file = __DIR__ . '/../../web/views/' . str_replace('.', '/', $name) . '.blade.php';
            preg_match_all('/\bApp\\\\(\w+)\\\\/', is_file($file) ? (string) file_get_contents($file) : '', $named);
            array_push($rooms, ...$named[1]);
        }

        return array_values(array_unique($rooms));
    }
}
