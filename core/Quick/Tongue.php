<?php

declare(strict_types=1);

namespace Recess\Quick;

/**
 * A language in which quick lines are typed. Its words become those of English, which the grammar reads; what it does not
 * know stays as it was typed, so that English can be typed by everybody.
 *
 * A word that may mean two things gives two readings of the line; so does one that English reads otherwise. What only one
 * reading makes sense of is taken, and what two do is asked (QuickLine).
 *
 * Weekdays, months and numbers in words are CLDR's, by ICU; each of its beginnings with three letters or more that nothing
 * else begins with is one, too. The rest stands in Tongues/.
 */
final class Tongue
{
    private const DAYS = ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'];

    private const MONTHS = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec'];

    /** Words that are said with digits as often. */
    private const NUMBERS = [1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 15, 20, 30, 40, 45];

    /** Readings of one line by its words; a line with more that are open is no line. */
    private const MOST = 8;

    /**
     * What stands for what, by the first word: each a row of words, and what they may mean. “#” is a number, “@” a clock
     * time, “%” a weekday; a word that ends with * stands for all that begin so.
     *
     * @var array<string, list<array{list<string>, non-empty-list<string>}>>
     */
    private array $entries = [];

    /** @var array<string, string> English weekdays by their names in one word */
    private array $days = [];

    /** @var array<string, string> digits by a number's name in one word */
    private array $numbers = [];

    /** @var array<string, \IntlDateFormatter> */
    private array $formats = [];

    private function __construct(private readonly string $language, private readonly ?Spoken $spoken)
    {
        if ($spoken === null) {
            return;
        }
        // What is said first of a row of words holds.
        foreach ($spoken->words as $words => $meaning) {
            $this->add((string) $words, (array) $meaning);
        }
        foreach ($this->names() as $name => $meanings) {
            $this->add((string) $name, $meanings);
            if ($spoken->and !== '') {
                $this->add($spoken->and . $name, array_map(static fn(string $one): string => "and $one", $meanings));
            }
        }
        // The longest first, and of two as long the one that names more.
        foreach (array_keys($this->entries) as $word) {
            usort(
                $this->entries[$word],
                static fn(array $a, array $b): int => self::weight($b[0]) <=> self::weight($a[0]),
            );
        }
    }

    /** English where the language is none of those. */
    public static function of(string $language): self
    {
        /** @var array<string, self> $known */
        static $known = [];

        return $known[$language] ??= new self(
            $language,
            match ($language) {
                'ar' => Tongues\Arabic::spoken(),
                'de' => Tongues\German::spoken(),
                'es' => Tongues\Spanish::spoken(),
                'fr' => Tongues\French::spoken(),
                'it' => Tongues\Italian::spoken(),
                'pl' => Tongues\Polish::spoken(),
                'pt' => Tongues\Portuguese::spoken(),
                'uk' => Tongues\Ukrainian::spoken(),
                'zh' => Tongues\Chinese::spoken(),
                default => null,
            },
        );
    }

    /**
     * The ways in which the words of a line can be understood, the likeliest first; in English last.
     *
     * @param  list<string>  $terms  names that stand for themselves, in small letters
     * @return non-empty-list<non-empty-list<Token>>
     */
    public function readings(string $line, array $terms = []): array
    {
        $english = Lexer::tokens($line);
        if ($this->spoken === null) {
            return [$english];
        }
        $tokens = Lexer::tokens($line, $this->spoken->timesOfDay, $this->spoken->months);
        $named = [];
        foreach ($terms as $term) {
            $named[$term] = array_slice(self::texts(Lexer::tokens($term)), 0, -1);
        }
        $ways = [[]];
        for ($at = 0; $tokens[$at]->text !== ''; $at += $length) {
            [$length, $meanings] = self::term($tokens, $at, $named) ?? $this->at($tokens, $at);
            $next = [];
            foreach ($meanings as $meaning) {
                foreach ($ways as $way) {
                    $next[] = [...$way, ...$meaning];
                }
            }
            $ways = array_slice($next, 0, self::MOST);
        }
        $end = $tokens[count($tokens) - 1];
        $readings = [];
        foreach ([...array_map(static fn(array $way): array => [...$way, $end], $ways), $english] as $reading) {
            $readings[implode(' ', self::texts($reading))] ??= $reading;
        }

        return array_values($readings);
    }

    /** A canonical line (QuickPrint) in this language. */
    public function says(string $line): string
    {
        if ($this->spoken === null) {
            return $line;
        }
        $said = $this->spoken->said;
        $counted = [
            'every_weeks' => '/\bevery (\d+) weeks/',
            'every_months' => '/\bevery (\d+) months/',
            'times' => '/\b(\d+) times\b/',
            'nth_day' => '/\b(\d+)(?:st|nd|rd|th) day\b/',
            'nth' => '/\b(\d+)(?:st|nd|rd|th)\b/',
        ];
        foreach ($counted as $what => $pattern) {
            // What is said already stands in quotes, and is no word of English any more.
            $line = (string) preg_replace_callback(
                $pattern,
                static fn(array $found): string => '«' . sprintf($said[$what], $found[1]) . '»',
                $line,
            );
        }

        return (string) preg_replace_callback(
            '/«([^»]*)»|[a-z]+/u',
            fn(array $found): string => $found[1] ?? $this->word($found[0]),
            $line,
        );
    }

    /** The word of this language that is closest to one that is not understood, if any is. */
    public function nearest(string $typed): ?string
    {
        $word = self::folded($typed);
        $best = null;
        $least = min(3, intdiv(mb_strlen($word) + 2, 3) + 1);
        foreach (array_keys($this->entries) as $known) {
            $known = rtrim((string) $known, '*');
            $distance = mb_strlen($known) < 3 ? 9 : self::distance($word, $known);
            if ($distance < $least && $distance > 0) {
                [$best, $least] = [$known, $distance];
            }
        }

        return $best;
    }

    private function word(string $english): string
    {
        $day = array_search($english, self::DAYS, true);

        return $day === false ? $this->spoken->said[$english] ?? $english : $this->day($day);
    }

    /** As CLDR shortens it, without the point. */
    private function day(int $day): string
    {
        return rtrim(mb_strtolower($this->cldr('ccc', self::instant($day))), '.');
    }

    /**
     * A term of the school, whatever its words mean otherwise.
     *
     * @param  non-empty-list<Token>  $tokens
     * @param  array<string, list<string>>  $terms  the words of each
     * @return array{positive-int, non-empty-list<list<Token>>}|null
     */
    private static function term(array $tokens, int $at, array $terms): ?array
    {
        $found = null;
        foreach ($terms as $term => $words) {
            $length = count($words);
            if ($length > ($found[0] ?? 0) && self::texts(array_slice($tokens, $at, $length)) === $words) {
                $name = (string) $term;
                $found = [$length, [[self::span($tokens[$at], $tokens[$at + $length - 1], $name, $name)]]];
            }
        }

        return $found;
    }

    /** A word in place of those that were typed, from one to another. */
    private static function span(Token $first, Token $last, string $text, string $typed): Token
    {
        return new Token($text, $first->position, $typed, $last->end() - $first->position);
    }

    /**
     * @param  list<Token>  $tokens
     * @return list<string>
     */
    private static function texts(array $tokens): array
    {
        return array_map(static fn(Token $one): string => $one->text, $tokens);
    }

    /**
     * What stands at a place of a line: how many of its words, and what they may mean.
     *
     * @param  non-empty-list<Token>  $tokens
     * @return array{positive-int, non-empty-list<list<Token>>}
     */
    private function at(array $tokens, int $at): array
    {
        $token = $tokens[$at];
        $word = self::folded($token->text);
        $keys = [$word];
        for ($length = mb_strlen($word); $length >= 2; $length--) {
            $keys[] = mb_substr($word, 0, $length) . '*';
        }
        array_push($keys, '#', '@', '%');
        $best = null;
        foreach ($keys as $key) {
            foreach ($this->entries[$key] ?? [] as $entry) {
                if ($best !== null && count($entry[0]) <= count($best[0][0])) {
                    break;
                }
                $found = $this->matches($entry[0], $tokens, $at);
                if ($found !== null) {
                    $best = [$entry, $found];
                    break;
                }
            }
        }
        if ($best === null) {
            return [1, [[$token]]];
        }
        [[$words, $meanings], $found] = $best;
        $last = $tokens[$at + count($words) - 1];
        $typed = implode(' ', self::texts(array_slice($tokens, $at, count($words))));
        $read = static fn(string $meaning): array => array_map(
            static fn(string $text): Token => self::span($token, $last, $text, $typed),
            array_slice(self::texts(Lexer::tokens(strtr($meaning, $found))), 0, -1),
        );

        return [max(1, count($words)), array_map($read, $meanings)];
    }

    /**
     * @param  list<string>  $words
     * @param  non-empty-list<Token>  $tokens
     * @return array<string, string>|null what stands for $1, $2; null where they are not there
     */
    private function matches(array $words, array $tokens, int $at): ?array
    {
        $found = [];
        foreach ($words as $ahead => $word) {
            $text = isset($tokens[$at + $ahead]) ? $tokens[$at + $ahead]->text : '';
            $folded = self::folded($text);
            $is = match (true) {
                $text === '' => null,
                $word === '#' => preg_match('/^\d{1,4}$/D', $text) === 1 ? $text : $this->numbers[$folded] ?? null,
                $word === '@' => preg_match('/^\d{1,2}[:.,h]\d{2}$/D', $text) === 1 ? $text : null,
                $word === '%' => $this->days[$folded] ?? null,
                str_ends_with($word, '*') && $word !== '*' => str_starts_with($folded, rtrim($word, '*')) ? '' : null,
                default => $folded === $word ? '' : null,
            };
            if ($is === null) {
                return null;
            }
            if (in_array($word, ['#', '@', '%'], true)) {
                $which = intdiv(count($found), 3) + 1;
                $found += [
                    "\$$which" => $is,
                    // The month of that number, and the hour before it: “halb fünf” is half past four.
                    "\${$which}_" => self::MONTHS[(int) $is - 1] ?? $is,
                    "\$H$which" => (string) ((int) $is === 1 ? 12 : (int) $is - 1),
                ];
            }
        }

        return $found;
    }

    /** @param  non-empty-list<string>  $meanings */
    private function add(string $words, array $meanings): void
    {
        $parts = array_values(array_filter(explode(' ', self::folded($words)), static fn($one): bool => $one !== ''));
        $this->entries[$parts[0] ?? ''][] = [$parts, $meanings];
        if (count($parts) === 1 && in_array($meanings[0], self::DAYS, true)) {
            $this->days[$parts[0]] ??= $meanings[0];
        }
    }

    /** @return array<string, non-empty-list<string>> English by a name of a weekday, a month or a number */
    private function names(): array
    {
        $names = [];
        $add = static function (string $name, string $english) use (&$names): void {
            $name = self::folded($name);
            $names[$name] = array_values(array_unique([...$names[$name] ?? [], $english]));
        };
        $begins = [];
        foreach (self::DAYS as $day => $english) {
            foreach (['cccc', 'ccc', 'EEEE', 'EEE'] as $form) {
                $name = rtrim($this->cldr($form, self::instant($day)), '.');
                $add($this->parted($name), $english);
                $begins[$english][] = $name;
            }
        }
        foreach (self::MONTHS as $month => $english) {
            foreach (['LLLL', 'LLL', 'MMMM', 'MMM'] as $form) {
                $name = rtrim($this->cldr($form, (int) gmmktime(0, 0, 0, $month + 1, 10, 2026)), '.');
                // “3月” is a number and a sign.
                preg_match('/\d/', $name) === 1 || $add($this->parted($name), $english);
                $begins[$english][] = $name;
            }
        }
        foreach (self::beginnings($begins) as $beginning => $meanings) {
            foreach ($meanings as $english) {
                $add((string) $beginning, $english);
            }
        }
        $spelled = new \NumberFormatter($this->language, \NumberFormatter::SPELLOUT);
        foreach (self::NUMBERS as $number) {
            $name = $this->parted((string) $spelled->format($number));
            $add($name, (string) $number);
            $this->numbers[self::folded($name)] = (string) $number;
        }

        return $names;
    }

    /**
     * Beginnings of three letters or more: of one name, or of a weekday and a month. “jui” could be June or July, and is none.
     *
     * @param  array<string, list<string>>  $names  by what they are in English
     * @return array<string, non-empty-list<string>>
     */
    private static function beginnings(array $names): array
    {
        $all = [];
        foreach ($names as $english => $some) {
            foreach ($some as $name) {
                $name = self::folded($name);
                for ($length = 3; $length < mb_strlen($name) && preg_match('/^\p{L}+$/u', $name) === 1; $length++) {
                    $all[mb_substr($name, 0, $length)][$english] = $english;
                }
            }
        }
        foreach ($all as $beginning => $meanings) {
            foreach ([self::DAYS, self::MONTHS] as $kind) {
                if (count(array_intersect($meanings, $kind)) > 1) {
                    unset($all[$beginning]);
                }
            }
        }

        return array_map(array_values(...), $all);
    }

    /** In the words that the lexer makes of it. */
    private function parted(string $name): string
    {
        return trim(implode(' ', self::texts(Lexer::tokens($name))));
    }

    private function cldr(string $pattern, int $instant): string
    {
        $format = $this->formats[$pattern] ??= new \IntlDateFormatter(
            $this->language,
            \IntlDateFormatter::NONE,
            \IntlDateFormatter::NONE,
            'UTC',
            null,
            $pattern,
        );
        $said = $format->format($instant);

        return is_string($said) ? $said : '';
    }

    /** A moment on a weekday, from Monday (0) on: the fifth of January 1970 was one. */
    private static function instant(int $day): int
    {
        return 86_400 * (4 + $day) + 43_200;
    }

    /**
     * @param  list<string>  $words
     * @return array{int, int} how many they are, and how many of them name something
     */
    private static function weight(array $words): array
    {
        return [count($words), count(array_diff($words, ['#', '@', '%']))];
    }

    /** Without accents, in small letters, and with one kind of apostrophe: as one types in a hurry. */
    private static function folded(string $text): string
    {
        if (preg_match('/^[\x20-\x7E]*$/D', $text) === 1) {
            return strtolower($text);
        }
        $apart = \Normalizer::normalize(mb_strtolower($text), \Normalizer::FORM_D);

        return strtr(
            (string) preg_replace('/[\p{M}\x{AD}\x{200E}\x{200F}]/u', '', is_string($apart) ? $apart : $text),
            [
                'ß' => 'ss',
                'ł' => 'l',
                'ʼ' => "'",
                '’' => "'",
            ],
        );
    }

    /** By letters, not by bytes. */
    private static function distance(string $a, string $b): int
    {
        $letters = array_values(array_unique([...mb_str_split($a), ...mb_str_split($b)]));
        $code = static fn(string $word): string => implode(
            array_map(
                static fn(string $one): string => chr(33 + ((int) array_search($one, $letters, true) % 200)),
                mb_str_split(mb_substr($word, 0, 40)),
            ),
        );

        return levenshtein($code($a), $code($b));
    }
}
