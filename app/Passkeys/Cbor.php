<?php

declare(strict_types=1);

namespace App\Passkeys;

/**
 * Reads CBOR (RFC 8949) as far as machines with passkeys write it: the canonical form of CTAP2, which has no tags, no floating
 * numbers, nothing of unknown length, and no more than four levels (FIDO CTAP 2.1, section 8).
 */
final class Cbor
{
    private const DEEP = 4;

    private int $at = 0;

    private function __construct(private readonly string $bytes) {}

    /**
     * The first item, and what stands after it.
     *
     * @return array{mixed, string}
     *
     * @throws PasskeyRefused where it is not one
     */
    public static function first(string $bytes): array
    {
        $reader = new self($bytes);
        $item = $reader->item(self::DEEP);

        return [$item, substr($bytes, $reader->at)];
    }

    /**
     * The one item that it consists of.
     *
     * @throws PasskeyRefused where it is not one
     */
    public static function only(string $bytes): mixed
    {
        [$item, $rest] = self::first($bytes);

        return $rest === '' ? $item : throw PasskeyRefused::because('something stands after the item');
    }

    private function item(int $deep): mixed
    {
        $first = ord($this->take(1));
        $kind = $first >> 5;
        if ($kind === 7) {
            return match ($first & 31) {
                20 => false,
                21 => true,
                22 => null,
                default => throw PasskeyRefused::because('a value that CTAP2 has not'),
            };
        }
        $number = $this->number($first & 31);

        return match ($kind) {
            0 => $number,
            1 => -1 - $number,
            2, 3 => $this->take($number),
            4 => $this->list($number, $deep),
            5 => $this->map($number, $deep),
            default => throw PasskeyRefused::because('a tag'),
        };
    }

    private function number(int $said): int
    {
        if ($said < 24) {
            return $said;
        }
        $format =
            [
                24 => 'C',
                25 => 'n',
                26 => 'N',
                27 => 'J',
            ][$said] ?? throw PasskeyRefused::because('a length that is not said');
        $number = (array) unpack($format, $this->take(1 << ($said - 24)));

        return is_int($number[1]) && $number[1] >= 0
            ? $number[1]
            : throw PasskeyRefused::because('a number beyond 63 bits');
    }

    /** @return list<mixed> */
    private function list(int $many, int $deep): array
    {
        $this->holds($many, $deep);
        $items = [];
        for ($i = 0; $i < $many; $i++) {
            $items[] = $this->item($deep - 1);
        }

        return $items;
    }

    /** @return array<int|string, mixed> */
    private function map(int $many, int $deep): array
    {
        $this->holds(2 * $many, $deep);
        $items = [];
        for ($i = 0; $i < $many; $i++) {
            $key = $this->item(0);
            // PHP takes "-2" for -2: such a key would be another one.
            if (!(is_int($key) || is_string($key)) || (string) (int) $key === $key || array_key_exists($key, $items)) {
                throw PasskeyRefused::because('a key that is none, or stands there twice');
            }
            $items[$key] = $this->item($deep - 1);
        }

        return $items;
    }

    /** Each item is a byte at least: what cannot be there is not begun. */
    private function holds(int $many, int $deep): void
    {
        if ($deep < 1 || $many > strlen($this->bytes) - $this->at) {
            throw PasskeyRefused::because('too deep, or cut off');
        }
    }

    private function take(int $many): string
    {
        if ($many > strlen($this->bytes) - $this->at) {
            throw PasskeyRefused::because('cut off');
        }
        $this->at += $many;

        return substr($this->bytes, $this->at - $many, $many);
    }
}
