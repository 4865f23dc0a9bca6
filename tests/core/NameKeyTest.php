<?php

declare(strict_types=1);

namespace Tests\Core;

use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Recess\Names\NameKey;

final class NameKeyTest extends TestCase
{
    use TestTrait;

    /** @return iterable<string, list<string>> the same name, however it is typed */
    public static function same(): iterable
    {
        yield 'apostrophes' => [
            "O'Sullivan",
            'O’Sullivan',
            'O‘Sullivan',
            'Oʼsullivan',
            'O´Sullivan',
            'O`SULLIVAN',
            'O＇Sullivan',
            'O′Sullivan',
            "O' Sullivan",
        ];
        yield 'hyphens and dashes' => [
            'Anne-Marie',
            "Anne\u{2010}Marie",
            "Anne\u{2011}Marie",
            'Anne–Marie',
            'Anne—Marie',
            "Anne\u{2212}Marie",
            'Anne - Marie',
            'Anne－Marie',
        ];
        yield 'spaces' => ['Bao  Lin', ' Bao Lin ', "Bao\u{A0}Lin", "Bao\u{2009}Lin", "Bao\tLin", "Bao\u{200B} Lin"];
        // Unicode Standard Annex #15, figure 3 and table 4: composed, taken apart, compatibility forms.
        yield 'forms' => ['José', "Jose\u{301}", 'JOSÉ', 'Ｊｏｓé'];
        yield 'ligatures' => ['Griffin', 'Griﬃn'];
        // SpecialCasing.txt and CaseFolding.txt of the Unicode character database.
        yield 'case that is more than one letter' => ['Weiß', 'WEISS', 'weiss'];
        yield 'final sigma' => ['Νίκος', 'ΝΊΚΟΣ', 'νίκοσ'];
    }

    #[DataProvider('same')]
    public function test_one_name_is_one(string ...$names): void
    {
        self::assertCount(1, array_unique(array_map(NameKey::of(...), $names)));
    }

    public function test_other_names_stay_others(): void
    {
        $names = [
            'Jose',
            'José',
            'Anne Marie',
            'Anne-Marie',
            'Annemarie',
            'OSullivan',
            "O'Sullivan",
            'Søren',
            'Soren',
            'عمر',
            '',
        ];
        self::assertSame(count($names), count(array_unique(array_map(NameKey::of(...), $names))));
        self::assertSame('', NameKey::of(" \u{200B}\t"));
        self::assertSame(120, mb_strlen(NameKey::of(str_repeat('ﬃ', 5_000))));
    }

    public function test_folding_once_is_enough(): void
    {
        $this->minimumEvaluationRatio(0.1);
        $this->forAll(
            Generators::seq(
                Generators::elements(
                    'a',
                    'É',
                    "e\u{301}",
                    ' ',
                    "\u{A0}",
                    "'",
                    '’',
                    '´',
                    '-',
                    '–',
                    'ﬃ',
                    'ß',
                    'İ',
                    'ŉ',
                    "\u{200F}",
                    '中',
                    "\xFF",
                ),
            ),
        )->then(static function (array $letters): void {
            $once = NameKey::of(implode('', $letters));
            self::assertSame($once, NameKey::of($once));
        });
    }
}
