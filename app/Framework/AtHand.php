<?php

declare(strict_types=1);

namespace App\Framework;

/**
 * What the web server's processes of one machine keep in memory together (APCu), each school for itself: what one of
 * them has put there, no other finds, whatever it is called. It may be gone at any time, and where there is no such memory
 * nothing is ever found.
 */
final class AtHand
{
    /** Null where it is not there. */
    public static function get(string $name): mixed
    {
        $kept = self::isThere() ? apcu_fetch(self::named($name), $found) : null;

        return $kept === false && !$found ? null : $kept;
    }

    /**
     * @param  list<string>  $names
     * @return array<string, mixed> of those that are there, by name
     */
    public static function all(array $names): array
    {
        if ($names === [] || !self::isThere()) {
            return [];
        }
        $before = strlen(self::named(''));
        $kept = [];
        foreach ((array) apcu_fetch(array_map(self::named(...), $names)) as $name => $value) {
            $kept[substr((string) $name, $before)] = $value;
        }

        return $kept;
    }

    /** @param  int  $seconds  for which it is kept; 0: as long as there is room */
    public static function put(string $name, mixed $value, int $seconds = 0): void
    {
        self::isThere() && apcu_store(self::named($name), $value, $seconds);
    }

    /** Whether nobody has said this within so many seconds; where nothing is kept, nobody has. */
    public static function isFirst(string $name, int $seconds): bool
    {
        return !self::isThere() || apcu_add(self::named($name), true, $seconds);
    }

    public static function forget(string ...$names): void
    {
        self::isThere() && apcu_delete(array_map(self::named(...), $names));
    }

    public static function isThere(): bool
    {
        return apcu_enabled();
    }

    /** As it is called among what all schools of the machine keep. */
    public static function named(string $name): string
    {
        return config('recess.school') . "|$name";
    }
}
