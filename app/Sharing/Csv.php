<?php

declare(strict_types=1);

namespace App\Sharing;

/** Comma-separated values (RFC 4180), safe to open in a spreadsheet. */
final class Csv
{
    /**
     * @param  iterable<list<string|\Stringable>>  $rows
     */
    public static function write(iterable $rows): string
    {
        // The mark tells spreadsheets that this is UTF-8.
        $text = "\u{FEFF}";
        foreach ($rows as $row) {
            $text .=
                implode(
                    ',',
                    array_map(static fn(string|\Stringable $value): string => self::cell((string) $value), $row),
                ) . "\r\n";
        }

        return $text;
    }

    private static function cell(string $value): string
    {
        return '"' . str_replace('"', '""', self::defused($value)) . '"';
    }

    /** What begins like a formula would be run by a spreadsheet; an apostrophe makes it text again. Phone numbers are none. */
    public static function defused(string $value): string
    {
        return preg_match('/^[=+\-@\t\r]/', $value) === 1 && preg_match('/^\+[\d\s().\/-]+$/D', $value) !== 1
            ? "'$value"
            : $value;
    }
}
