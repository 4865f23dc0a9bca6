<?php

declare(strict_types=1);

namespace Tests\App;

use App\Framework\Pattern;
use App\Framework\Said;
use App\Framework\Sought;
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

    /** By the same rules that another wording of a school's has to keep. */
    #[DataProvider('languages')]
    public function test_each_can_be_said_with_what_the_english_one_is_given(string $language): void
    {
        $english = self::all('en');
        $wrong = [];
        foreach (self::all($language) as $key => $text) {
            if (!str_starts_with($key, 'said.pattern_')) {
                $isIcu = !str_starts_with($key, 'validation.');
                $faults = (new Pattern($text))->faults(new Pattern($english[$key]), $language, $isIcu);
                $wrong = [...$wrong, ...array_map(fn(Said $one): array => [$key, $one->key, $one->values], $faults)];
            }
            if (!str_starts_with($key, 'said.pattern_') && Pattern::typed($text)->text !== $text) {
                $wrong[] = "$key has a straight apostrophe, which quotes in ICU, or spaces at its ends, as only a part of one has";
            }
        }
        self::assertSame([], $wrong);
    }

    /** The same cases as tests/web/sought.test.ts, and what the server finds in Latin letters besides. */
    public function test_people_are_found_however_their_names_are_typed(): void
    {
        $cases = json_decode((string) file_get_contents(__DIR__ . '/../web/sought.json'), true);
        foreach ([...$cases, ['Олена Коваль', 'olena', true], ['李娜', 'li', false]] as [$text, $typed, $found]) {
            self::assertSame($found, Sought::in($text, $typed), "“$text” for whoever types “{$typed}”");
        }
    }

    /**
     * What a wording may not do.
     *
     * Source: ICU MessageFormat (unicode-org.github.io/icu, “Formatting Messages”: its example of guests, and its plural
     * of English and Polish); UAX 9 for marks of direction.
     *
     * @return iterable<string, array{string, string, string, list<string>}> ours, another, its language, what is wrong
     */
    public static function wordings(): iterable
    {
        $party = '{host} invites {guest} and {count, plural, one {# other person} other {# other people}}.';
        yield 'in another order' => [$party, '{guest} + {count, plural, one {#} other {#}}: {host}', 'en', []];
        yield 'without a plural' => [$party, '{host}, {guest}, {count}', 'en', []];
        yield 'one of them is missing' => [$party, '{host} invites {guest}.', 'en', ['lacking']];
        yield 'one nobody fills in' => ['By {host}', '{host} {price}', 'en', ['strange']];
        yield 'a bracket too few' => ['By {host}', 'By {host', 'en', ['brackets']];
        yield 'a bracket too many' => ['By {host}', 'By {host}}', 'en', ['brackets']];
        yield 'no case for the rest' => [$party, '{host} {guest} {count, plural, one {#}}', 'en', ['brackets']];
        yield 'a format that pages do not read' => ['{n} free', '{n, number, percent} free', 'en', ['strange']];
        yield 'a number as a date' => ['{n, plural, other {#}}', '{n, date}', 'en', ['strange']];
        yield 'polish lacks two ways' => [
            $party,
            '{host} {guest} {count, plural, one {#} other {#}}',
            'pl',
            ['plural', 'plural'],
        ];
        yield 'polish one by one' => [
            '{n, plural, other {some}}',
            '{n, plural, one {#} few {#} many {#} other {#}}',
            'pl',
            [],
        ];
        yield 'a case is gone' => ['{how, select, a {x} other {y}}', '{how, select, other {y}}', 'en', ['lacking']];
        yield 'its tag stays' => ['Ask <link>the office</link>', '<link>The office</link> knows', 'en', []];
        yield 'its tag is gone' => ['Ask <link>the office</link>', 'Ask the office', 'en', ['lacking']];
        yield 'its tag does not end' => ['Ask <link>the office</link>', 'Ask <link>the office', 'en', ['tags']];
        yield 'a tag of its own' => ['Free', '<b>Free</b>', 'en', ['tags']];
        yield 'a script' => ['Free', '<script>alert(1)</script>', 'en', ['tags']];
        yield 'turned round' => ['By {host}', "By \u{202E}{host}", 'en', ['unseen']];
        yield 'a joiner is spelling' => ['Free', "می\u{200C}خواهم", 'ar', []];
        yield 'on two lines' => ['Free', "Free\nBcc: all", 'en', ['lines']];
        yield 'nothing' => ['Free', '  ', 'en', ['empty']];
        yield 'a book' => ['Free', str_repeat('free ', 200), 'en', ['long']];
        yield 'no letters' => ['Free', "\xC3\x28", 'en', ['letters']];
    }

    /** @param  list<string>  $wrong */
    #[DataProvider('wordings')]
    public function test_another_wording_keeps_what_is_filled_in(
        string $ours,
        string $other,
        string $language,
        array $wrong,
    ): void {
        $faults = Pattern::typed($other)->faults(new Pattern($ours), $language);

        self::assertSame($wrong, array_map(static fn(Said $one): string => substr($one->key, 15), $faults));
    }

    /** CLDR’s plural rules of Polish (1; 2–4 but 12–14; the rest), by ICU. */
    public function test_it_is_shown_how_a_wording_reads(): void
    {
        $reads = new Pattern('{n, plural, one {# miejsce} few {# miejsca} many {# miejsc} other {# miejsca}} u {host}');

        self::assertSame(
            ['1 miejsce u [host]', '2 miejsca u [host]', '5 miejsc u [host]'],
            array_slice($reads->examples('pl'), 0, 3),
        );
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
}
