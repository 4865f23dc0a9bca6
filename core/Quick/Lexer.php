<?php

declare(strict_types=1);

namespace Recess\Quick;

/** Parts a quick line into words, numbers, clock times, dates in digits and signs. */
final class Lexer
{
    private const HALF = '(?:\s?[ap]\.?\s?m\b\.?|[ap]\b)';

    public const MONTHS = '(?:jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec)';

    /** Tried in order at each place. A comma between digits is a clock's, unless a month says that they are days. */
    private const PATTERNS = [
        'date' => '(?:\d{4}([-\/.])\d{1,2}\1\d{1,2}|\d{1,2}([-\/.])\d{1,2}\2(?:\d{4}|\d{2}))(?![\d:])',
        'dotted' => '\d{1,2}\.\d{1,2}\.(?=\s|,|$)',
        'decimal' => '\d[.,]5(?=\s?(?:h|hours?)\b)',
        'time' => '(?:\d{1,2}[:.h]\d{2}(?!\d)|\d{1,2},\d{2}(?!\d)(?!(?:\s*(?:,|&|and)?\s*\d{1,2})*\s*MONTHS))HALF?',
        'half' => '\d{1,4}HALF',
        'hour' => '\d{1,2}h\b',
        'slashed' => '\d{1,2}\/\d{1,2}(?![\d\/:])',
        'ordinal' => '\d{1,2}(?:st|nd|rd|th)\b',
        'number' => '\d+',
        // Chinese has no spaces: each sign is a word.
        'sign of its own' => '\p{Han}',
        'word' => '(?:(?!\p{Han})[\p{L}\p{M}])+(?:\'\p{L}+)*',
        'range' => '\.\.',
        'sign' => '\S',
    ];

    /** What is typed for a sign of ours, on whatever keyboard. */
    private const SIGNS = [
        '–' => '-',
        '—' => '-',
        '‑' => '-',
        '‐' => '-',
        '−' => '-',
        "\u{00A0}" => ' ',
        "\u{202F}" => ' ',
        '’' => "'",
        '⁄' => '/',
        '：' => ':',
        '，' => ',',
        '；' => ';',
        '、' => ',',
        '،' => ',',
        '؛' => ';',
        '／' => '/',
        '～' => '-',
        '（' => '(',
        '）' => ')',
    ];

    /** Digits of other scripts are digits. */
    private const DIGITS = '٠١٢٣٤٥٦٧٨٩۰۱۲۳۴۵۶۷۸۹０１２３４５６７８９';

    /**
     * @param  bool  $half  whether “10 am” is one word
     * @param  string  $months  how months begin, as a regular expression
     * @return non-empty-list<Token> the last of which is the empty end of the line
     */
    public static function tokens(string $line, bool $half = true, string $months = self::MONTHS): array
    {
        $patterns = self::patterns($half, $months);
        $line = strtr(mb_convert_case(mb_scrub($line), MB_CASE_LOWER_SIMPLE), self::signs());
        $tokens = [];
        $at = 0;
        while (preg_match('/\G\s*/u', $line, $space, 0, $at) === 1 && ($at += strlen($space[0])) < strlen($line)) {
            $text = self::next($line, $at, $tokens, $patterns);
            $tokens[] = new Token($text, mb_strlen(substr($line, 0, $at)));
            $at += strlen($text);
        }
        $tokens[] = new Token('', mb_strlen($line));

        return $tokens;
    }

    /**
     * @param  list<Token>  $before
     * @param  array<string, string>  $patterns
     */
    private static function next(string $line, int $at, array $before, array $patterns): string
    {
        // After "10 -" comes a clock time: "10 - 11/15" are hours and a length, not the 15th of November.
        $last = $before === [] ? null : $before[count($before) - 1];
        $first = $before[count($before) - 2] ?? null;
        $ends = $last?->is('-', 'to') === true && $first !== null && preg_match('#^\d{1,2}/\d#', $first->text) !== 1;
        foreach ($patterns as $kind => $pattern) {
            if ($ends && in_array($kind, ['slashed', 'dotted'], true)) {
                continue;
            }
            if (
                preg_match("/\G$pattern/u", $line, $found, 0, $at) === 1 &&
                !($kind === 'dotted' && !self::isDate($found[0]))
            ) {
                return $found[0];
            }
        }

        return mb_substr(substr($line, $at), 0, 1);
    }

    /** "3.12." is a date, "9.30." a time at the end of a sentence. */
    private static function isDate(string $text): bool
    {
        [$day, $month] = array_map(intval(...), explode('.', $text));

        return $day >= 1 && $day <= 31 && $month >= 1 && $month <= 12;
    }

    /** @return array<string, string> */
    private static function signs(): array
    {
        /** @var array<string, string>|null $signs */
        static $signs = null;

        return $signs ??=
            self::SIGNS + array_combine(mb_str_split(self::DIGITS), str_split(str_repeat('0123456789', 3)));
    }

    /** @return array<string, string> */
    private static function patterns(bool $half, string $months): array
    {
        /** @var array<string, array<string, string>> $known */
        static $known = [];
        // What no line holds.
        $half = $half ? self::HALF : '(?!)';

        return $known[$half . $months] ??= array_map(
            static fn(string $one): string => strtr($one, ['HALF' => $half, 'MONTHS' => $months]),
            self::PATTERNS,
        );
    }
}
