<?php

declare(strict_types=1);

namespace Tests\App;

use App\Framework\Languages;
use App\Framework\Pseudo;
use App\Models\Booking;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Arr;
use PHPUnit\Framework\Attributes\DataProvider;

/** In the made-up language everything that is said is in brackets: what is not has not come out of the catalogues. */
final class PseudoTest extends TestCase
{
    use RefreshDatabase;

    /** What people of this test wrote themselves, and names that are the same in all languages. */
    private const DATA = [
        'Conferences',
        'Geography',
        'Ama Otoo',
        'Wren Halloran',
        'Room 12',
        'Up the stairs.',
        'Bring a pencil.',
        'Kwame Ferreira',
        'Ama Ferreira',
        'ama@mail.example',
        'Test Point School',
        'Recess',
        'WH',
        // Languages, each called as in itself.
        'English',
        'Français',
        'Español',
        'Português',
        'Italiano',
        'Deutsch',
        'Polski',
        'Українська',
        'العربية',
        '中文',
    ];

    /** Days and months, which ICU has in all languages but this one. */
    private const DATES = '/\b(Mon|Tues|Thu|Thurs|Dec|Novem|Decem)?(day|ber)?\b/';

    protected function setUp(): void
    {
        parent::setUp();
        config(['recess.demo' => true]);
        app()->extend('translation.loader', static fn($loader): Pseudo => new Pseudo($loader));
        app()->forgetInstance('translator');
    }

    /** @return iterable<string, array{string, string}> */
    public static function patterns(): iterable
    {
        yield 'a label' => ['Save', '[Šávé]'];
        yield 'an argument' => ['Times are {zone}.', '[Tíméš áré {zone}.]'];
        yield 'a tag' => ['See <link>your door</link>', '[Šéé <link>ýóúr dóór</link>]'];
        yield 'a choice within a choice' => [
            '{a, select, yes {, {n, plural, =0 {none} other {# people}}} other {}}; done',
            '[{a, select, yes {, {n, plural, =0 {ñóñé} other {# péóplé}}} other {}}; dóñé]',
        ];
        yield 'a name of the framework’s' => ['The :attribute is new.', '[Thé :attribute íš ñéw.]'];
    }

    #[DataProvider('patterns')]
    public function test_a_sentence_is_longer_accented_and_in_brackets(string $pattern, string $said): void
    {
        self::assertSame($said, preg_replace('/~[~ ]*\]$/', ']', Pseudo::of($pattern)));
        self::assertStringEndsWith('~]', Pseudo::of($pattern));
    }

    public function test_each_sentence_of_the_catalogues_still_can_be_said(): void
    {
        $marks = static function (string $pattern): array {
            preg_match_all('/\{\s*\w+\s*, (?=plural|select|number)|<\/?\w+>|\bother\b(?= \{)/', $pattern, $found);

            return $found[0];
        };
        foreach (glob(base_path('lang/en/*.php')) ?: [] as $file) {
            foreach (Arr::dot((array) require $file) as $key => $pattern) {
                $pseudo = Pseudo::of(is_string($pattern) ? $pattern : '');
                self::assertSame($marks((string) $pattern), $marks($pseudo), "$file: $key");
                if (basename($file) !== 'validation.php') {
                    self::assertNotNull(\MessageFormatter::create(Pseudo::LANGUAGE, $pseudo), "$file: $key");
                }
            }
        }
    }

    public function test_no_document_says_anything_that_is_not_out_of_the_catalogues(): void
    {
        $sheet = $this->sheet();
        $this->book($sheet, $this->wish($sheet, '20:15'))->assertCreated();
        $pass = '/p/' . Booking::query()->sole()->pass->token();
        $bare = [];
        foreach (
            [
                '/',
                '/find',
                "/s/$sheet->slug",
                '/s/nothing',
                $pass,
                "$pass/kept",
                '/staff/sign-in',
                '/again',
                '/staff/forgotten',
            ]
            as $path
        ) {
            $answer = $this->withServerVariables(['RECESS_CHOSEN' => Pseudo::LANGUAGE])->get($path);
            foreach (self::said((string) $answer->getContent()) as $text) {
                $bare[] = "$path: $text";
            }
        }
        self::assertSame([], $bare);
    }

    /** @return list<string> what stands in no brackets */
    private static function said(string $html): array
    {
        $document = new \DOMDocument();
        $document->loadHTML('<?xml encoding="utf-8">' . $html, LIBXML_NOERROR);
        $path = new \DOMXPath($document);
        $texts = [];
        foreach (
            $path->query(
                '//title | //body//text()[not(ancestor::script or ancestor::style)] | //body//@*[name() = "title" or name() = "aria-label" or name() = "alt"]',
            ) ?:
            []
            as $node
        ) {
            $texts[] = $node->textContent;
        }
        // A sentence of which a part is shown otherwise stands in several texts.
        $rest = strtr(implode("\n", $texts), array_fill_keys(self::DATA, ''));
        do {
            $rest = (string) preg_replace('/\[[^\[\]]*\]/u', '', $rest, -1, $times);
        } while ($times > 0);
        preg_match_all('/.*\p{L}{2}.*/u', (string) preg_replace(self::DATES, '', $rest), $bare);

        return array_values(array_unique(array_map(trim(...), $bare[0])));
    }
}
