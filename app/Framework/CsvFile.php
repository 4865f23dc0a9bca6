<?php

declare(strict_types=1);

namespace App\Framework;

/**
 * A table that somebody's program wrote (RFC 4180, and what programs make of it): commas, semicolons or tabs; UTF-8 with
 * or without a mark, UTF-16, or the Windows code page; the first line names the columns.
 */
final readonly class CsvFile
{
    /** Lines, and characters of one: a large school has some thousand lines. What is larger is no table of people. */
    private const LINES = 60_000;

    private const LONG = 60_000;

    /** Lines in one field: an address has some. With more a quote was left open, and what follows is no field. */
    private const DEEP = 12;

    /**
     * @param  list<string>  $columns  as the first line names them, in small letters
     * @param  array<int, list<string>>  $rows  by the line at which each begins; empty lines are left out
     * @param  bool  $guessed  whether its letters had to be guessed
     */
    private function __construct(public array $columns, public array $rows, public bool $guessed) {}

    /** @throws FileNotRead before anything of it is taken apart */
    public static function read(string $bytes): self
    {
        $text = self::text($bytes);
        $guessed = $text === null;
        $text ??= (string) mb_convert_encoding($bytes, 'UTF-8', 'Windows-1252');
        $text = strtr(str_replace(["\r\n", "\0"], ["\n", ''], $text), "\r", "\n");
        // As what is typed (CleanInput).
        $text = \Normalizer::normalize($text, \Normalizer::FORM_C) ?: $text;
        if (substr_count($text, "\n") > self::LINES || preg_match('/[^\n]{' . self::LONG . '}/', $text) !== 0) {
            throw new FileNotRead(Words::say('running.file_too_large', ['lines' => self::LINES]));
        }
        $stream = fopen('php://temp', 'w+b');
        assert($stream !== false);
        fwrite($stream, $text);
        rewind($stream);
        $head = (string) fgets($stream);
        $counts = array_combine(
            [',', ';', "\t"],
            array_map(static fn(string $sign): int => substr_count($head, $sign), [',', ';', "\t"]),
        );
        arsort($counts);
        $separator = (string) array_key_first($counts);
        rewind($stream);
        $rows = [];
        $columns = self::row($stream, $separator) ?? [];
        $line = 1 + substr_count(implode('', $columns), "\n");
        while (($row = self::row($stream, $separator)) !== null) {
            $line++;
            if (max([0, ...array_map(static fn(string $one): int => substr_count($one, "\n"), $row)]) > self::DEEP) {
                throw new FileNotRead(Words::say('running.file_quote_open', ['line' => $line]));
            }
            if (implode('', $row) !== '') {
                $rows[$line] = $row;
            }
            $line += substr_count(implode('', $row), "\n");
        }
        fclose($stream);

        return new self(array_map(static fn(string $name): string => mb_strtolower($name), $columns), $rows, $guessed);
    }

    /** The column that is called by one of these names; null when there is none. */
    public function column(string ...$names): ?int
    {
        foreach ($names as $name) {
            $at = array_search($name, $this->columns, true);
            if ($at !== false) {
                return $at;
            }
        }

        return null;
    }

    /** In UTF-8; null where only a guess is left. */
    private static function text(string $bytes): ?string
    {
        return match (true) {
            str_starts_with($bytes, "\xEF\xBB\xBF") => mb_scrub(substr($bytes, 3)),
            str_starts_with($bytes, "\xFF\xFE") => (string) mb_convert_encoding(substr($bytes, 2), 'UTF-8', 'UTF-16LE'),
            str_starts_with($bytes, "\xFE\xFF") => (string) mb_convert_encoding(substr($bytes, 2), 'UTF-8', 'UTF-16BE'),
            mb_check_encoding($bytes, 'UTF-8') => $bytes,
            default => null,
        };
    }

    /**
     * @param  resource  $stream
     * @return list<string>|null
     */
    private static function row($stream, string $separator): ?array
    {
        $row = fgetcsv($stream, null, $separator, '"', '');

        return $row === false ? null : array_map(static fn(?string $cell): string => trim((string) $cell), $row);
    }
}
