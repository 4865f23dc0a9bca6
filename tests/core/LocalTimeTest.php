<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Recess\Time\LocalTime;
use Recess\Time\TimeNotValid;

final class LocalTimeTest extends TestCase
{
    /** @return iterable<string, array{string}> the forms that look.md asks for, and those next to them */
    public static function typed(): iterable
    {
        foreach (
            [
                '09:00' => ['9', '09', '9h', '9:00', '9am', '9 a.m.', '9:00:00'],
                '09:30' => ['930', '0930', '9.30', '9:30', '9,30', '9h30', '9H30', ' 9:30 ', '9.30am'],
                '21:30' => ['2130', '9:30pm', '9.30 PM', '9:30 p.m.', '9,30p'],
                '00:00' => ['0', '00:00', '12am', '24-hour zero' => '000'],
                '12:00' => ['12', '12pm', '1200'],
                '24:00' => ['24', '24:00', '2400'],
            ]
            as $time => $forms
        ) {
            foreach ($forms as $form) {
                yield "$form is $time" => [$form, $time];
            }
        }
    }

    #[DataProvider('typed')]
    public function test_it_reads_what_people_type(string $typed, string $time): void
    {
        self::assertSame($time, (string) LocalTime::parse($typed));
    }

    /** @return iterable<string, array{string}> */
    public static function nonsense(): iterable
    {
        foreach (
            [
                '',
                ' ',
                '25',
                '24:01',
                '9:60',
                '9:5',
                '13pm',
                '0am',
                'noon',
                '9-30',
                '12:30:15',
                '-1',
                '٩:٣٠',
                str_repeat('9', 10_000),
                "9\n\n;",
                '9:30 m',
            ]
            as $text
        ) {
            yield mb_substr($text, 0, 12) => [$text];
        }
    }

    #[DataProvider('nonsense')]
    public function test_it_refuses_what_it_would_have_to_guess(string $text): void
    {
        $this->expectException(TimeNotValid::class);
        LocalTime::parse($text);
    }
}
