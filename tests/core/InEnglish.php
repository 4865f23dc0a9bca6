<?php

declare(strict_types=1);

namespace Tests\Core;

use Recess\Message;
use Recess\RecessException;
use Recess\Time\Hours;
use Recess\Time\LocalDate;
use Recess\Time\Weekday;

/** What the core has to say as the English catalogues word it: their tests hold the sentences that people get. */
final class InEnglish
{
    public static function why(RecessException $failure): string
    {
        return self::say($failure->says());
    }

    public static function say(Message $message): string
    {
        [$catalogue, $key] = explode('.', $message->key);
        $patterns = require __DIR__ . "/../../lang/en/$catalogue.php";

        return (string) \MessageFormatter::formatMessage(
            'en',
            $patterns[$key] ?? "? $message->key",
            array_map(self::value(...), $message->values),
        );
    }

    private static function value(mixed $value): string|int
    {
        return match (true) {
            is_string($value), is_int($value) => $value,
            $value instanceof Message => self::say($value),
            $value instanceof LocalDate => gmdate('j F Y', $value->day * 86_400),
            $value instanceof Weekday => $value->name,
            $value instanceof Hours => "$value->from to {$value->until()}",
            is_array($value) => implode(' and ', array_map(self::value(...), $value)),
            default => (string) $value,
        };
    }
}
