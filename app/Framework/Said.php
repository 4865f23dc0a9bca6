<?php

declare(strict_types=1);

namespace App\Framework;

use Recess\Time\Span;
use Recess\Time\Zone;

/** A sentence that is said later, for whoever reads it then: its place in the catalogue, and its values. */
final readonly class Said
{
    /** @param  array<string, int|string|array{int, int, string}>  $values  by their names; of a time its ends and its zone */
    public function __construct(public string $key, public array $values = []) {}

    /** @return array{int, int, string} a time, as a value */
    public static function slot(Span $slot, Zone $zone): array
    {
        return [$slot->start, $slot->end, $zone->name];
    }

    public function __toString(): string
    {
        return Words::say(
            $this->key,
            array_map(
                static fn(int|string|array $one): int|string => is_array($one)
                    ? Spell::slot(Span::of($one[0], $one[1]), Zone::of($one[2]))
                    : $one,
                $this->values,
            ),
        );
    }
}
