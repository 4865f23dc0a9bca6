<?php

declare(strict_types=1);

namespace Tests\App;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The rooms of the application stand in an order: each may use those before it, and none after it. */
final class RoomsTest extends TestCase
{
    private const APP = __DIR__.'/../../app';

    /** @return iterable<string, array{string, list<string>}> */
    public static function rooms(): iterable
    {
        $before = ['Models'];
        yield 'Models' => ['Models', $before];
        foreach (require __DIR__.'/../../bootstrap/rooms.php' as $room) {
            $before[] = $room;
            yield $room => [$room, $before];
        }
    }

    /** @param  list<string>  $may */
    #[DataProvider('rooms')]
    public function test_a_room_uses_only_those_before_it(string $room, array $may): void
    {
        $files = glob(self::APP."/$room/*.php") ?: [];
        self::assertNotSame([], $files);
        self::assertLessThanOrEqual(40, count($files), "$room has become two rooms.");
        foreach ($files as $file) {
            self::assertSame([], array_diff(self::used((string) file_get_contents($file)), $may), basename($file).' uses a room that comes after its own.');
        }
    }

    public function test_there_is_nothing_beside_the_rooms(): void
    {
        $folders = array_map(basename(...), glob(self::APP.'/*') ?: []);
        self::assertEqualsCanonicalizing(['Models', ...require __DIR__.'/../../bootstrap/rooms.php'], $folders);
    }

    /** @return list<string> the rooms whose classes a file names, imported or in full */
    private static function used(string $code): array
    {
        $rooms = [];
        foreach (\PhpToken::tokenize($code) as $token) {
            if ($token->is([T_NAME_QUALIFIED, T_NAME_FULLY_QUALIFIED]) && preg_match('/^\\\\?App\\\\(\w+)\\\\/', $token->text.'\\', $name) === 1) {
                $rooms[] = $name[1];
            }
        }

        return array_values(array_unique($rooms));
    }
}
