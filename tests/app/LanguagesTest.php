<?php

declare(strict_types=1);

namespace Tests\App;

use Illuminate\Support\Arr;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Each language says what English says: all that visitors read, with the same arguments, in the plurals that it has.
 */
final class LanguagesTest extends TestCase
{
    private const LANG = __DIR__ . '/../../lang/';

    /**
     * What visitors read and are sent (patterns of keys). What staff read may be missing yet: it is said in English.
     */
    private const VISITORS = [
        'allotting.board_*',
        'allotting.given_*',
        'allotting.gone*',
        'allotting.over',
        'allotting.plain_*',
        'allotting.sent_at',
        'allotting.to_family_*',
        'allotting.too_many',
        'allotting.until*',
        'allotting.windows_needed',
        'allotting.wishes_*',
        'answers.declined_*',
        'away.*',
        'board.*',
        'booking.*',
        'calendars.*',
        'day.after_link',
        'day.ahead_*',
        'day.here_*',
        'day.kiosk_*',
        'day.late_*',
        'day.no_word',
        'day.offer_*',
        'day.plain_*',
        'day.see_the_way',
        'day.the_way',
        'day.wait_*',
        'errors.*',
        'given.range_ends_first',
        'given.range_too_long',
        'given.zone_too_long',
        'given.no_such_*',
        'given.early_hours',
        'given.ends_before_start',
        'given.cannot_repeat_by',
        'given.this_kind',
        'given.as_month_day',
        'given.rule_*',
        'given.not_a_calendar',
        'given.never_ends',
        'given.calendar_too_large',
        'given.no_entry',
        'given.no_availability',
        'given.at_line',
        'given.of_what',
        'given.ends_otherwise',
        'given.an_entry',
        'given.a_busy_period',
        'given.only_*',
        'given.unreadable',
        'fields.*',
        'keeping.*',
        'knocks.*',
        'news.*',
        'office.frame_about',
        'office.free_times',
        'office.see_all_times',
        'pages.*',
        'pass.*',
        'plain.*',
        'planning.*',
        'replanning.moved_*',
        'rounds.back_*',
        'rounds.between_*',
        'rounds.child_has_it',
        'rounds.cohort_opens',
        'rounds.day_said',
        'rounds.elsewhere',
        'rounds.gone',
        'rounds.have_it',
        'rounds.invite_heading',
        'rounds.kept_*',
        'rounds.left_*',
        'rounds.no_interpreter',
        'rounds.no_longer',
        'rounds.no_scripts',
        'rounds.no_such_hours',
        'rounds.not_in_it',
        'rounds.not_moved',
        'rounds.not_open',
        'rounds.not_proven*',
        'rounds.not_theirs',
        'rounds.not_to_move',
        'rounds.nothing_picked',
        'rounds.only_families',
        'rounds.remind_*',
        'rounds.take_otherwise',
        'rounds.twice',
        'rounds.was',
        'rules.tells.*',
        'rules.why.*',
        'ruler.*',
        'sheets.expected_card',
        'sheets.expected_dear',
        'sheets.expected_heading',
        'sheets.expected_invites',
        'sheets.expected_news',
        'sheets.expected_text*',
        'sheets.letter_*',
        'timetables.*',
        'said.*',
        'validation.*',
        'visit.*',
        ...self::ASKING,
    ];

    /** Of asking for a time: the side of whoever asks. */
    private const ASKING = [
        'asking.about',
        'asking.another_*',
        'asking.band*',
        'asking.choice*',
        'asking.details',
        'asking.earlier*',
        'asking.email_help',
        'asking.first_choice',
        'asking.goes_to',
        'asking.heading',
        'asking.hours',
        'asking.how_long',
        'asking.intro',
        'asking.know',
        'asking.later*',
        'asking.more_days',
        'asking.no_other',
        'asking.none_common*',
        'asking.nothing_fits',
        'asking.only_fit',
        'asking.own_*',
        'asking.place',
        'asking.press*',
        'asking.put_on_*',
        'asking.second_choice',
        'asking.sent*',
        'asking.somebody_else',
        'asking.student*',
        'asking.third_choice',
        'asking.when',
        'asking.when_help',
        'asking.where',
        'asking.with*',
        'asking.work',
        'asking.work_help',
        'asking.your_choices',
    ];

    /** Among these, what staff read. */
    private const STAFF = [
        'allotting.wishes_since',
        'timetables.change',
        'timetables.days',
        'timetables.days_endless',
        'timetables.none_comes',
        'timetables.one_day',
        'timetables.tally',
        'booking.busy_over',
        'booking.interpreter_gone',
        'booking.letters_*',
        'booking.mail_failed',
        'booking.no_link_yet',
        'booking.pass_renewed_host',
        'booking.still_needed',
        'day.here_early_*',
        'keeping.goes',
        'keeping.title',
        'knocks.button_*',
        'knocks.host_*',
        'knocks.letter_asked*',
        'knocks.letter_by_*',
        'knocks.letter_one_*',
        'knocks.letter_proposed_instead*',
        'knocks.mail_*',
        'knocks.no_hours',
        'knocks.no_place',
        'knocks.title',
        'knocks.to_page',
        'knocks.too_near_for_maybe',
        'knocks.waiting',
        'knocks.begun',
        'knocks.closed_day',
        'knocks.not_asked',
        'news.*.host',
        'news.digest*',
        'news.link.answer',
        'news.link.everybody',
        'pages.asked_of_you',
        'pages.camera',
        'pages.passkey_*',
        'pages.password',
        'pages.prove*',
        'pages.rounds',
        'pages.settings',
        'pages.sign*',
        'pages.staff',
        'pages.students',
        'pages.today',
        'pages.who_comes',
        'pages.you',
        'pages.your_sheets',
        'said.signed_out',
        'rounds.kept_from_*',
    ];

    /** @return iterable<string, array{string}> */
    public static function languages(): iterable
    {
        foreach (glob(self::LANG . '*', GLOB_ONLYDIR) ?: [] as $folder) {
            yield basename($folder) => [basename($folder)];
        }
    }

    #[DataProvider('languages')]
    public function test_all_that_visitors_read_is_there_and_nothing_that_english_does_not_have(string $language): void
    {
        $english = array_keys(self::all('en'));
        // A language that has begun with what staff read has all of it (Framework/Languages).
        $wanted = is_file(self::LANG . "$language/accounts.php")
            ? $english
            : array_filter(
                $english,
                static fn(string $key): bool => Str::is(self::VISITORS, $key) && !Str::is(self::STAFF, $key),
            );

        self::assertSame([], array_values(array_diff($wanted, array_keys(self::all($language)))), 'missing');
        self::assertSame([], array_values(array_diff(array_keys(self::all($language)), $english)), 'in no English');
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
