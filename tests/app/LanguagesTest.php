<?php

declare(strict_types=1);

namespace Tests\App;

use Illuminate\Support\Arr;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Each language says what English says: all of it, with the same arguments, in the plurals that it has.
 */
final class LanguagesTest extends TestCase
{
    private const LANG = __DIR__ . '/../../lang/';

    /** @return iterable<string, array{string}> */
    public static function languages(): iterable
    {
        foreach (glob(self::LANG . '*', GLOB_ONLYDIR) ?: [] as $folder) {
            yield basename($folder) => [basename($folder)];
        }
    }

    #[DataProvider('languages')]
    public function test_all_is_there_and_nothing_that_english_does_not_have(string $language): void
    {
        $english = array_keys(self::all('en'));
        $its = array_keys(self::all($language));

        self::assertSame([], array_values(array_diff($english, $its)), 'missing');
        self::assertSame([], array_values(array_diff($its, $english)), 'in no English');
    }

    #[DataProvider('languages')]
    public function test_each_can_be_said_with_what_the_english_one_is_given(string $language): void
    {
        $english = self::all('en');
        $wrong = [];
        foreach (self::all($language) as $key => $pattern) {
            $icu = !str_starts_with($key, 'validation.');
            if ($icu && \MessageFormatter::create($language, $pattern) === null) {
                $wrong[] = "$key is no ICU message: " . intl_get_error_message();
            }
            if (!str_starts_with($key, 'said.pattern_') && str_contains($pattern, "'")) {
                $wrong[] = "$key has a straight apostrophe, which quotes in ICU";
            }
            if (self::given($pattern) !== self::given($english[$key] ?? '')) {
                $wrong[] = "$key has other arguments: " . implode(' ', self::given($pattern));
            }
        }
        self::assertSame([], $wrong);
    }

    /**
     * Where a number is said, it is said in each way in which its language says numbers: by category, or one by one
     * (=1).
     * Source of the categories: CLDR’s plural rules, by ICU, for whole numbers below a thousand.
     */
    #[DataProvider('languages')]
    public function test_each_plural_has_the_categories_of_its_language(string $language): void
    {
        $needed = [
            'plural' => self::numbers($language, 'plural'),
            'selectordinal' => self::numbers($language, 'selectordinal'),
        ];
        $wrong = [];
        foreach (self::all($language) as $key => $pattern) {
            foreach (self::arguments($pattern) as [, $kind, $cases]) {
                $itself = preg_replace('/\{(?:[^{}]++|(?R))*+\}/', '', implode(' ', $cases));
                foreach (str_contains((string) $itself, '#') ? $needed[$kind] ?? [] : [] as $category => $numbers) {
                    $oneByOne = array_map(static fn(int $n): string => "=$n", $numbers);
                    if (!isset($cases[$category]) && array_diff($oneByOne, array_keys($cases)) !== []) {
                        $wrong[] = "$key lacks $category";
                    }
                }
            }
        }
        self::assertSame([], $wrong);
    }

    /** @return array<string, list<int>> the numbers that a language says in one way, by the way’s name */
    private static function numbers(string $language, string $kind): array
    {
        $every = "{n, $kind, zero {zero} one {one} two {two} few {few} many {many} other {other}}";
        $numbers = [];
        foreach (range(0, 999) as $n) {
            $numbers[(string) \MessageFormatter::formatMessage($language, $every, ['n' => $n])][] = $n;
        }

        return $numbers;
    }

    /** @return array<string, string> patterns by “catalogue.key” */
    private static function all(string $language): array
    {
        $all = [];
        foreach (glob(self::LANG . "$language/*.php") ?: [] as $file) {
            $all += Arr::dot([basename($file, '.php') => require $file]);
        }

        return array_filter($all, is_string(...));
    }

    /** @return list<string> names of arguments and tags, and cases by their argument, each once */
    private static function given(string $pattern): array
    {
        preg_match_all('/<(\w+)>|:(min|max|size|attribute)\b/', $pattern, $found);
        $given = array_filter([...$found[1], ...$found[2]]);
        foreach (self::arguments($pattern) as [$name, $kind, $cases]) {
            $given[] = $name;
            $kind === 'select' &&
                array_push($given, ...array_map(static fn(string $case): string => "$name=$case", array_keys($cases)));
        }
        $given = array_values(array_unique($given));
        sort($given);

        return $given;
    }

    /**
     * Each argument, however deep: its name, its kind, and what is said in which case.
     *
     * @return list<array{string, string, array<string, string>}>
     */
    private static function arguments(string $pattern): array
    {
        $found = [];
        foreach (self::inBrackets($pattern) as $inner) {
            preg_match('/^\s*(\w+)\s*(?:,\s*(\w+)\s*)?(?:,(.*))?$/s', $inner, $parts);
            [$name, $kind, $rest] = [$parts[1] ?? $inner, $parts[2] ?? '', $parts[3] ?? ''];
            $said = in_array($kind, ['plural', 'select', 'selectordinal'], true) ? self::inBrackets($rest) : [];
            preg_match_all('/(=?\w+)\s*\{/', (string) preg_replace('/\{(?:[^{}]++|(?R))*+\}/', '{', $rest), $names);
            $found[] = [$name, $kind, $said === [] ? [] : array_combine($names[1], $said)];
            array_push($found, ...array_merge(...array_map(self::arguments(...), $said)));
        }

        return $found;
    }

    /** @return list<string> what stands in its outermost brackets */
    private static function inBrackets(string $text): array
    {
        preg_match_all('/\{((?:[^{}]++|\{(?1)\})*+)\}/', $text, $found);

        return $found[1];
    }
}
