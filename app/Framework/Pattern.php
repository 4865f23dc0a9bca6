<?php

declare(strict_types=1);

namespace App\Framework;

/**
 * A sentence of the catalogues, in ICU MessageFormat: what it is given, and what keeps another wording from taking its
 * place. Pages read the same part of that format by themselves (web/lib/say.ts), so nothing else may stand in one.
 */
final readonly class Pattern
{
    /** Characters of a wording beyond four times ours: what is longer is no wording of it. */
    private const SPARE = 400;

    /**
     * Signs that turn what follows them (UAX 9, “explicit directional formatting”), and what cannot be seen or said. Joiners are
     * spelling, and marks of a direction (LRM, RLM) turn nothing.
     */
    private const UNSEEN =
        '/[\x{00}-\x{09}\x{0B}-\x{1F}\x{7F}-\x{9F}\x{200B}\x{2028}-\x{202E}' .
        '\x{2060}-\x{206F}\x{FEFF}\x{FFF9}-\x{FFFB}]/u';

    /** What stands in brackets, brackets in it too. */
    private const BRACKETS = '/\{((?:[^{}]++|\{(?1)\})*+)\}/';

    public function __construct(public string $text) {}

    /** As it is kept: a straight apostrophe would quote, and is no apostrophe either. */
    public static function typed(string $text): self
    {
        return new self(str_replace("'", '’', trim(str_replace("\r\n", "\n", $text))));
    }

    /**
     * @return list<Said> why it cannot stand where ours does; none where it can
     */
    public function faults(self $ours, string $language, bool $icu = true): array
    {
        $long = 4 * mb_strlen($ours->text) + self::SPARE;
        // What comes first makes the rest unreadable.
        $wrong = match (true) {
            trim($this->text) === '' => new Said('wordings.fault_empty'),
            !mb_check_encoding($this->text, 'UTF-8') => new Said('wordings.fault_letters'),
            mb_strlen($this->text) > $long => new Said('wordings.fault_long', ['most' => $long]),
            preg_match(self::UNSEEN, $this->text) === 1 => new Said('wordings.fault_unseen'),
            $icu && !self::parses($this->text, $language) => new Said('wordings.fault_brackets'),
            !str_contains($ours->text, "\n") && str_contains($this->text, "\n") => new Said('wordings.fault_lines'),
            default => null,
        };

        return $wrong !== null
            ? [$wrong]
            : [...$this->tagsWrong($ours), ...$this->argumentsWrong($ours), ...$this->pluralsMissing($language)];
    }

    /** @return list<string> its arguments, their cases and its tags, as one would write them, each once */
    public function given(): array
    {
        preg_match_all('/<\w+>|:(?:min|max|size|attribute)\b/', $this->text, $found);
        $given = $found[0];
        foreach ($this->arguments() as [$name, $kind, $cases]) {
            $given[] = '{' . $name . '}';
            foreach ($kind === 'select' ? array_keys($cases) : [] as $case) {
                $given[] = '{' . "$name: $case}";
            }
        }
        $given = array_values(array_unique($given));
        sort($given);

        return $given;
    }

    /**
     * Each argument, however deep: its name, its kind, and what is said in which case.
     *
     * @return list<array{string, string, array<array-key, string>}>
     */
    public function arguments(): array
    {
        $found = [];
        foreach (self::inBrackets($this->text) as $inner) {
            preg_match('/^\s*(\w+)\s*(?:,\s*(\w+)\s*)?(?:,(.*))?$/s', $inner, $parts);
            [$name, $kind, $rest] = [$parts[1] ?? $inner, $parts[2] ?? '', $parts[3] ?? ''];
            $said = in_array($kind, ['plural', 'select', 'selectordinal'], true) ? self::inBrackets($rest) : [];
            preg_match_all('/(=?\w+)\s*\{/', (string) preg_replace(self::BRACKETS, '{', $rest), $names);
            $cases = count($names[1]) === count($said) ? array_combine($names[1], $said) : [];
            $found[] = [$name, $kind, $cases];
            foreach ($said as $one) {
                $found = [...$found, ...(new self($one))->arguments()];
            }
        }

        return $found;
    }

    /**
     * How it reads: with names in brackets, and each number once that its language says otherwise.
     *
     * @return list<string>
     */
    public function examples(string $language, int $most = 6): array
    {
        $ways = [[]];
        foreach ($this->arguments() as [$name, $kind, $cases]) {
            $can = match (true) {
                isset($ways[0][$name]) && $kind !== 'select' => null,
                $kind === 'plural', $kind === 'selectordinal' => self::oneOfEach($language, $kind),
                $kind === 'select' => array_map(
                    static fn($case): string => $case === 'other' ? "[$name]" : (string) $case,
                    array_keys($cases),
                ),
                $kind === 'number' => [5],
                default => ["[$name]"],
            };
            $before = $ways;
            $ways = $can === null ? $ways : [];
            foreach ($before as $way) {
                foreach ($can ?? [] as $value) {
                    // The first way of saying it decides: a number is one number wherever it stands.
                    $ways[] = $way + [$name => $value];
                }
            }
            $ways = array_slice($ways, 0, 24);
        }
        $said = array_map(
            fn(array $way): string => (string) preg_replace(
                '/<\/?\w+>/',
                '',
                (string) \MessageFormatter::formatMessage(Languages::locale($language), $this->text, $way),
            ),
            $ways,
        );

        return array_slice(array_values(array_unique($said)), 0, $most);
    }

    /**
     * The numbers that a language says in one way, by the way’s name: CLDR’s plural rules, by ICU, for whole numbers
     * below a thousand.
     *
     * @return array<string, list<int>>
     */
    public static function numbers(string $language, string $kind): array
    {
        static $known = [];
        if (!isset($known["$language $kind"])) {
            $every = "{n, $kind, zero {zero} one {one} two {two} few {few} many {many} other {other}}";
            foreach (range(0, 999) as $n) {
                $way = (string) \MessageFormatter::formatMessage($language, $every, ['n' => $n]);
                $known["$language $kind"][$way][] = $n;
            }
        }

        return $known["$language $kind"];
    }

    /** @return list<int> of each way a number, the smallest first; 0, often said otherwise, where it has a way of its own */
    private static function oneOfEach(string $language, string $kind): array
    {
        $some = array_map(
            static fn(array $numbers): int => $numbers[0] === 0 ? $numbers[1] ?? 0 : $numbers[0],
            array_values(self::numbers($language, $kind)),
        );
        sort($some);

        return $some;
    }

    private static function parses(string $text, string $language): bool
    {
        if (preg_match('/[{}]/', (string) preg_replace(self::BRACKETS, '', $text)) === 1) {
            return false;
        }
        try {
            new \MessageFormatter($language, $text);
        } catch (\IntlException) {
            return false;
        }

        return true;
    }

    /** @return list<Said> each tag that ours has stands whole; and there is no other sign of one */
    private function tagsWrong(self $ours): array
    {
        preg_match_all('/<(\w+)>/', $ours->text, $tags);
        $rest = $this->text;
        foreach (array_unique($tags[1]) as $tag) {
            $rest = (string) preg_replace("/<$tag>((?:(?!<$tag>).)*?)<\/$tag>/s", '$1', $rest);
        }

        return preg_match('/[<>]/', $rest) === 1 ? [new Said('wordings.fault_tags', ['signs' => '<…>'])] : [];
    }

    /** @return list<Said> what ours is given stands in it, and is said in ways in which it can be */
    private function argumentsWrong(self $ours): array
    {
        $kinds = [];
        foreach ($ours->arguments() as [$name, $kind]) {
            $kinds[$name] = [
                ...$kinds[$name] ?? [''],
                ...in_array($kind, ['plural', 'number'], true) ? ['plural', 'number'] : [$kind],
            ];
        }
        $strange = array_filter(
            array_diff($this->given(), $ours->given()),
            static fn(string $one): bool => $one[0] !== '<',
        );
        foreach ($this->arguments() as [$name, $kind]) {
            if (isset($kinds[$name]) && !in_array($kind, $kinds[$name], true)) {
                $strange[] = '{' . "$name, $kind}";
            }
        }
        $named = static fn(string $key, array $names): array => $names === []
            ? []
            : [new Said($key, ['names' => implode(', ', $names)])];

        return [
            ...$named('wordings.fault_lacking', array_diff($ours->given(), $this->given())),
            ...$named('wordings.fault_strange', $strange),
        ];
    }

    /** @return list<Said> a number that is said needs each way of its language to say numbers, or each one by one (=1) */
    private function pluralsMissing(string $language): array
    {
        $missing = [];
        foreach ($this->arguments() as [, $kind, $cases]) {
            $itself = (string) preg_replace(self::BRACKETS, '', implode(' ', $cases));
            $counts = in_array($kind, ['plural', 'selectordinal'], true) && str_contains($itself, '#');
            foreach ($counts ? self::numbers($language, $kind) : [] as $category => $numbers) {
                $oneByOne = array_map(static fn(int $n): string => "=$n", $numbers);
                if (!isset($cases[$category]) && array_diff($oneByOne, array_keys($cases)) !== []) {
                    $missing[$category] = implode(', ', array_slice($numbers, 0, 4));
                }
            }
        }

        return array_map(
            static fn(string $category, string $numbers): Said => new Said('wordings.fault_plural', [
                'way' => $category,
                'numbers' => $numbers,
            ]),
            array_keys($missing),
            $missing,
        );
    }

    /** @return list<string> what stands in its outermost brackets */
    private static function inBrackets(string $text): array
    {
        preg_match_all(self::BRACKETS, $text, $found);

        return $found[1];
    }
}
