<?php

declare(strict_types=1);

namespace Recess;

use Recess\Time\Hours;
use Recess\Time\LocalDate;
use Recess\Time\LocalTime;
use Recess\Time\Weekday;

/**
 * Something that the core says: which sentence it is, and what stands in it. Whoever hands it on words it out of a
 * catalogue (lang/), in the language and on the clock of whoever reads it.
 *
 * @phpstan-type Value string|int|LocalTime|LocalDate|Hours|Weekday|Message|list<LocalDate>
 */
final readonly class Message implements \Stringable
{
    /** @param  array<string, Value>  $values  by their names in the sentence */
    private function __construct(public string $key, public array $values) {}

    /**
     * @param  string  $key  of the catalogue and in it: “given.no_dates”
     * @param  Value  ...$values  by their names in the sentence
     */
    public static function of(string $key, string|int|LocalTime|LocalDate|Hours|Weekday|self|array ...$values): self
    {
        /** @var array<string, Value> $values */
        return new self($key, $values);
    }

    /** For whoever reads a log; people are told otherwise. */
    public function __toString(): string
    {
        $values = array_map(
            static fn(mixed $value): string => match (true) {
                $value instanceof Weekday => $value->name,
                is_array($value) => implode(', ', $value),
                default => (string) $value,
            },
            $this->values,
        );

        return $values === [] ? $this->key : "$this->key(" . implode('; ', $values) . ')';
    }
}
