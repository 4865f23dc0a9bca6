<?php

declare(strict_types=1);

namespace App\Framework;

use Recess\Message;
use Recess\RecessException;
use Recess\Time\Hours;
use Recess\Time\LocalDate;
use Recess\Time\LocalTime;
use Recess\Time\Weekday;

/**
 * Sentences out of the catalogues (lang/), in ICU MessageFormat: whole, and never glued from pieces.
 *
 * @phpstan-import-type Value from Message
 */
final class Words
{
    /**
     * @param  array<string, scalar|null>  $values  by their names in the sentence
     */
    public static function say(string $key, array $values = []): string
    {
        $pattern = self::pattern($key) ?? throw new \LogicException("The catalogue has no “{$key}”.");
        foreach ($values as $name => $value) {
            if (is_string($value)) {
                // Bytes that are no text, of a file that somebody handed in, would leave nothing of the sentence.
                $values[$name] = Isolated::in(mb_scrub($value), $name, $pattern);
            }
        }
        $said = \MessageFormatter::formatMessage(Languages::locale(Reading::now()->language), $pattern, $values);

        return $said === false ? throw new \LogicException("The catalogue’s “{$key}” cannot be said.") : $said;
    }

    /** What the core has to say, or somebody in their own words; with its times and dates as whoever reads it reads them. */
    public static function message(Message|string $message): string
    {
        if (is_string($message)) {
            return mb_scrub($message);
        }

        return self::say($message->key, array_map(self::value(...), $message->values));
    }

    /** Why something was refused, said to whoever gave it. */
    public static function why(\Throwable $failure): string
    {
        return $failure instanceof RecessException ? self::message($failure->says()) : $failure->getMessage();
    }

    /** @param  Value  $value */
    private static function value(string|int|LocalTime|LocalDate|Hours|Weekday|Message|array $value): string|int
    {
        return match (true) {
            $value instanceof Message => self::message($value),
            $value instanceof LocalTime => Spell::clock($value),
            $value instanceof LocalDate => Spell::plainDate($value),
            $value instanceof Hours => self::message(
                Message::of('quick.hours', from: $value->from, until: $value->until()),
            ),
            $value instanceof Weekday => Spell::weekday($value),
            is_array($value) => Spell::list(array_map(Spell::plainDate(...), $value)),
            default => $value,
        };
    }

    /** @return list<string> several of one catalogue, as the headings of a table */
    public static function each(string $catalogue, string ...$keys): array
    {
        return array_map(static fn(string $key): string => self::say("$catalogue.$key"), array_values($keys));
    }

    /** The sentence as the catalogue has it; null when it has none. */
    public static function pattern(string $key): ?string
    {
        $pattern = trans($key, locale: Reading::now()->language);

        return is_string($pattern) && $pattern !== $key ? $pattern : null;
    }
}
