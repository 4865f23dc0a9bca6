<?php

declare(strict_types=1);

namespace Tests\Core;

use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Recess\Quick\Context;
use Recess\Quick\Feasts;
use Recess\Quick\QuickAsks;
use Recess\Quick\QuickLine;
use Recess\Quick\QuickNotReadable;
use Recess\Quick\QuickPrint;
use Recess\Quick\Said;
use Recess\Quick\Tongue;
use Recess\Time\DateRange;
use Recess\Time\Dates;
use Recess\Time\LocalDate;
use Symfony\Component\Process\Process;

final class QuickLineTest extends TestCase
{
    use TestTrait;

    private static function context(string $country = 'GB', string $language = 'en'): Context
    {
        $range = static fn(string $first, string $last): DateRange => DateRange::of(
            LocalDate::parse($first),
            LocalDate::parse($last),
        );

        return new Context(
            LocalDate::parse('2026-11-25'),
            ['autumn term' => $range('2026-09-07', '2026-12-18'), 'spring term' => $range('2027-01-05', '2027-03-26')],
            Dates::of($range('2026-12-21', '2027-01-03')),
            $country,
            $language,
        );
    }

    /** Against python-dateutil's easter(), for two hundred years. */
    public function test_easter_is_where_another_library_has_it(): void
    {
        $process = new Process([
            '/usr/bin/python3',
            '-c',
            'from dateutil.easter import easter; print("\n".join(str(easter(y)) for y in range(1950, 2150)))',
        ]);
        $process->mustRun();
        $mine = array_map(
            static fn(int $year): string => (string) Feasts::next('easter', LocalDate::of($year, 1, 1)),
            range(1950, 2149),
        );
        self::assertSame(explode("\n", trim($process->getOutput())), $mine);
    }

    /** @return iterable<string, array{string, list<string>}> a line and what it has to say, as quick-lines.txt words it */
    public static function lines(): iterable
    {
        foreach (
            array_slice(explode("\n\n", trim((string) file_get_contents(__DIR__ . '/quick-lines.txt'))), 2)
            as $case
        ) {
            $said = explode("\n", $case);
            $line = array_shift($said);
            yield $line => [$line, $said];
        }
    }

    /** @param  list<string>  $expected */
    #[DataProvider('lines')]
    public function test_it_says_back_what_it_understood(string $line, array $expected): void
    {
        $said = [];
        try {
            $read = QuickLine::parse($line, self::context());
            $said[] = '= ' . $read->line();
            foreach ($read->notes as $note) {
                array_push(
                    $said,
                    '* ' . InEnglish::say($note->message),
                    ...$note->otherLine === null
                        ? []
                        : ['> ' . ($note->other === null ? '' : InEnglish::say($note->other)) . ": $note->otherLine"],
                );
                self::assertTrue(
                    $note->otherLine === null || self::isUnderstood($note->otherLine),
                    "The other reading of “{$line}” can be read.",
                );
            }
            self::assertEquals(
                $read->blocks,
                QuickLine::parse($read->line(), self::context())->blocks,
                'What is said back means the same.',
            );
        } catch (QuickAsks $asks) {
            array_push(
                $said,
                '? ' . InEnglish::why($asks),
                ...array_map(
                    static fn(Said $one): string => '? ' . mb_strimwidth($one->line(), 0, 150, '…'),
                    $asks->readings,
                ),
            );
        } catch (QuickNotReadable $failure) {
            $said[] = rtrim("! $failure->position " . InEnglish::why($failure) . " // $failure->understood");
        }
        self::assertSame($expected, $said);
    }

    /** @return iterable<string, array{string, list<string>}> a language with a line, and what it has to say */
    public static function inOtherLanguages(): iterable
    {
        foreach (
            array_slice(explode("\n\n", trim((string) file_get_contents(__DIR__ . '/quick-tongues.txt'))), 1)
            as $case
        ) {
            $said = explode("\n", $case);
            $line = array_shift($said);
            yield $line => [$line, $said];
        }
    }

    /** @param  list<string>  $expected */
    #[DataProvider('inOtherLanguages')]
    public function test_it_is_typed_in_each_language(string $typed, array $expected): void
    {
        [$language, $line] = explode(' ', $typed, 2);
        $context = self::context(language: $language);
        try {
            $said = ['= ' . QuickLine::parse($line, $context)->line()];
        } catch (QuickAsks $asks) {
            $said = array_map(static fn(Said $one): string => '? ' . $one->line(), $asks->readings);
        } catch (QuickNotReadable $failure) {
            $said = ["! $failure->position " . ($failure->says()->values['nearest'] ?? InEnglish::why($failure))];
        }
        self::assertSame($expected, $said);
    }

    /** What is printed in a language says the same when it is read in it: nothing is asked, nothing is lost. */
    #[DataProvider('tongues')]
    public function test_every_block_is_printed_and_read_back_in_each_language(string $language): void
    {
        $context = new Context(LocalDate::parse('2026-11-25'), language: $language);
        $chance = new Randomizer(new Mt19937(31));
        for ($round = 0; $round < 120; $round++) {
            $block = MadeUpBlock::by($chance);
            $printed = Tongue::of($language)->says(QuickPrint::line($block));
            try {
                self::assertEquals([$block], QuickLine::parse($printed, $context)->blocks, $printed);
            } catch (QuickAsks | QuickNotReadable $failure) {
                self::fail("$printed: " . InEnglish::why($failure));
            }
        }
    }

    /** What pages give as examples can be typed as it stands there, and says in each language what it says in English. */
    #[DataProvider('tongues')]
    public function test_the_examples_of_the_catalogues_can_be_typed(string $language): void
    {
        $said = static function (string $of): array {
            $in = static fn(string $catalogue): array => require __DIR__ . "/../../lang/$of/$catalogue.php";
            preg_match('/\d.*$/su', $in('arranging')['when_help'], $dates);
            preg_match('/\d[^“”«»„]*(?=[”»“])/u', $in('rounds')['dates_needed'], $round);

            return array_map(
                static fn(string $line): string => QuickLine::parse($line, self::context(language: $of))->line(),
                [$in('writing')['quick_example'], $dates[0] ?? '', $round[0] ?? ''],
            );
        };
        self::assertSame($said('en'), $said($language));
    }

    /** @return iterable<string, array{string}> */
    public static function tongues(): iterable
    {
        foreach (['en', 'it', 'fr', 'es', 'pt', 'de', 'pl', 'uk', 'ar', 'zh'] as $language) {
            yield $language => [$language];
        }
    }

    private static function isUnderstood(string $line): bool
    {
        try {
            return QuickLine::parse($line, self::context())->blocks !== [];
        } catch (QuickNotReadable | QuickAsks) {
            return false;
        }
    }

    public function test_the_country_decides_which_date_stands_first(): void
    {
        foreach (
            ['GB' => '2026-12-03', 'DE' => '2026-12-03', 'US' => '2027-03-12', '' => '2026-12-03']
            as $country => $first
        ) {
            try {
                QuickLine::parse('3/12 9-10 /10', self::context($country));
                self::fail('It was not asked.');
            } catch (QuickAsks $asks) {
                self::assertSame("$first 09:00-10:00 /10", $asks->readings[0]->line());
                self::assertCount(2, $asks->readings);
            }
        }
    }

    public function test_every_block_that_can_be_said_is_printed_and_read_back_the_same(): void
    {
        $openAllYear = new Context(LocalDate::parse('2026-11-25'));
        $chance = new Randomizer(new Mt19937(24));
        for ($round = 0; $round < 500; $round++) {
            $block = MadeUpBlock::by($chance);
            $line = QuickPrint::line($block);
            $read = QuickLine::parse($line, $openAllYear);
            self::assertEquals([$block], $read->blocks, $line);
            self::assertSame($line, QuickPrint::line($read->blocks[0]));
        }
    }

    /** 0 for what is understood, 3 for what is asked back, 1 for what is not read, 2 for wrong use. */
    public function test_from_the_shell(): void
    {
        $run = static function (string ...$arguments): Process {
            $process = new Process([PHP_BINARY, __DIR__ . '/../../ops/line.php', ...$arguments]);
            $process->run();

            return $process;
        };
        $said = $run('tue 9-11 /15 until 18 dec', '--today=2026-11-25', '--zone=Europe/Lisbon');
        self::assertSame(0, $said->getExitCode(), $said->getErrorOutput());
        $answer = json_decode($said->getOutput(), true);
        self::assertSame(
            'Every Tuesday from 09:00 to 11:00, from 25 November 2026 until 18 December 2026, in 15-minute meetings.',
            $answer['said'],
        );
        self::assertSame('2026-12-01T09:00:00+00:00', $answer['slots'][0]['start']);
        $asked = $run('3/12 9-10 /10', '--today=2026-11-25');
        self::assertSame(3, $asked->getExitCode());
        self::assertSame('Which date is 3/12?', json_decode($asked->getOutput(), true)['asks']);
        $refused = $run('tue 9-11 /15 every 2 days');
        self::assertSame(1, $refused->getExitCode());
        self::assertStringContainsString('Every 2 days cannot be said.', $refused->getErrorOutput());
        $wrong = $run('tue 9-11 /15', '--today=2026-02-30');
        self::assertSame(2, $wrong->getExitCode());
        self::assertStringContainsString('There is no date “2026-02-30”', $wrong->getErrorOutput());
    }

    public function test_garbage_is_refused_in_words_and_never_crashes(): void
    {
        $words = [
            'tue',
            'thu',
            'every',
            '2',
            'weeks',
            '10:25-11:35',
            '4-6pm',
            '/15',
            'gap',
            'until',
            'except',
            'plus',
            'in',
            'from',
            '28',
            'may',
            '2027-02-30',
            '-',
            '..',
            ',',
            ';',
            'last',
            '3rd',
            '3/12',
            '4 dec',
            'next',
            'to',
            'noon',
            'min',
            'every 2nd',
            'for',
            'autumn',
            'term',
            '9,30',
            '🎒',
            "\u{202E}",
            "\0",
            "\xFF",
            '99999999999999999999',
            'times',
            'ogni',
            '2º',
            'mar',
            'fino al',
            'halb fünf',
            '3.',
            'до',
            'الـ2',
            'من',
            '每周二',
            '12月3日',
        ];
        $this->limitTo(400)
            ->forAll(
                Generators::seq(Generators::elements($words)),
                Generators::string(),
                Generators::elements('en', 'it', 'de', 'uk', 'ar', 'zh'),
            )
            ->then(function (array $some, string $noise, string $language): void {
                $context = self::context(language: $language);
                foreach ([implode(' ', $some), $noise, implode('', $some)] as $line) {
                    try {
                        $read = QuickLine::parse($line, $context);
                        // Whatever is taken for a block can be said back, and means the same.
                        $again = QuickLine::parse(
                            implode('; ', array_map(QuickPrint::line(...), $read->blocks)),
                            self::context(),
                        );
                        self::assertEquals($read->blocks, $again->blocks);
                    } catch (QuickAsks $asks) {
                        self::assertGreaterThan(1, count($asks->readings));
                    } catch (QuickNotReadable $failure) {
                        self::assertLessThanOrEqual(mb_strlen(mb_scrub($line)), $failure->position + $failure->length);
                        self::assertStringEndsWith('.', rtrim(InEnglish::why($failure), '?') . '.');
                    }
                }
            });
        $this->expectException(QuickNotReadable::class);
        QuickLine::parse(str_repeat('tue ', 100_000), self::context());
    }
}
