<?php

declare(strict_types=1);

namespace Recess\Rules;

use Recess\Time\Zone;

/** A sheet's rules as its host has stated them: every field of the rulebook, within its bounds. */
final readonly class Stated
{
    /** @param  array<string, int|bool|string|list<int>|null>  $values  by field */
    private function __construct(private array $values) {}

    /** @param  array<mixed>  $stated  by field; what is missing, or cannot be read, has its default */
    public static function of(array $stated = []): self
    {
        $values = [];
        foreach (Rulebook::terms() as $term) {
            $values[$term->name] = array_key_exists($term->name, $stated)
                ? $term->read($stated[$term->name])
                : $term->default;
        }
        foreach (Rulebook::terms() as $term) {
            if ($term->unless !== null && $values[$term->unless] !== null) {
                $values[$term->name] = null;
            }
        }

        return new self($values);
    }

    /** @param  array<string, mixed>  $changes */
    public function with(array $changes): self
    {
        return self::of($changes + $this->values);
    }

    public function whole(string $field): int
    {
        return $this->wholeOrNone($field) ?? throw self::otherwise($field, 'a whole number');
    }

    public function wholeOrNone(string $field): ?int
    {
        $value = $this->value($field);

        return $value === null || is_int($value) ? $value : throw self::otherwise($field, 'a whole number');
    }

    public function yes(string $field): bool
    {
        $value = $this->value($field);

        return is_bool($value) ? $value : throw self::otherwise($field, 'yes or no');
    }

    public function text(string $field): string
    {
        $value = $this->value($field);

        return is_string($value) ? $value : throw self::otherwise($field, 'a text');
    }

    /** @return list<int> */
    public function wholes(string $field): array
    {
        $value = $this->value($field);

        return is_array($value) ? $value : throw self::otherwise($field, 'a list of whole numbers');
    }

    /** A moment on the clock of the zone, in seconds since the epoch. */
    public function instantOrNone(string $field, Zone $zone): ?int
    {
        return $this->value($field) === null ? null : $zone->moment($this->text($field));
    }

    /** @return array<string, int|bool|string|list<int>|null> by field, as the published schema says */
    public function toArray(): array
    {
        return $this->values;
    }

    /** @return int|bool|string|list<int>|null */
    private function value(string $field): int|bool|string|array|null
    {
        return array_key_exists($field, $this->values)
            ? $this->values[$field]
            : throw self::otherwise($field, 'in the rulebook');
    }

    private static function otherwise(string $field, string $expected): \LogicException
    {
        return new \LogicException("The rule “{$field}” is not $expected.");
    }
}
