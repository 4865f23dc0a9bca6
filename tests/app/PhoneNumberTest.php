<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\Pass;
use App\Models\PhoneNumber;
use Illuminate\Foundation\Testing\RefreshDatabase;
use libphonenumber\PhoneNumberFormat;
use libphonenumber\PhoneNumberUtil;

/** Numbers of twenty countries, as libphonenumber has an example of each: the example is its own, and what we read is held against it. */
final class PhoneNumberTest extends TestCase
{
    use RefreshDatabase;

    private const COUNTRIES = [
        'CA',
        'GB',
        'IE',
        'FR',
        'DE',
        'IT',
        'ES',
        'PT',
        'PL',
        'UA',
        'TR',
        'SE',
        'RO',
        'GR',
        'IN',
        'CN',
        'AU',
        'BR',
        'MX',
        'NG',
        'ZA',
        'JP',
    ];

    public function test_each_is_read_in_its_own_country_and_from_abroad(): void
    {
        $util = PhoneNumberUtil::getInstance();
        foreach (self::COUNTRIES as $country) {
            $number = $util->getExampleNumber($country);
            self::assertNotNull($number);
            $whole = $util->format($number, PhoneNumberFormat::INTERNATIONAL);
            $typed = [
                [$util->format($number, PhoneNumberFormat::NATIONAL), $country],
                ...array_map(
                    static fn(string $from): array => [$util->format($number, PhoneNumberFormat::E164), $from],
                    self::COUNTRIES,
                ),
            ];
            foreach (self::COUNTRIES as $from) {
                $typed[] = [$util->formatOutOfCountryCallingNumber($number, $from), $from];
                // Two noughts are dialled nearly everywhere, and typed where they are not.
                $typed[] = ['00' . substr($util->format($number, PhoneNumberFormat::E164), 1), $from];
            }
            foreach ($typed as [$said, $from]) {
                self::assertSame($whole, PhoneNumber::written($said, $from), "$said typed in $from");
            }
        }
    }

    public function test_what_is_read_as_ones_own_is_one_and_anything_else_is_asked_and_never_rewritten(): void
    {
        $util = PhoneNumberUtil::getInstance();
        foreach (self::COUNTRIES as $country) {
            $number = $util->getExampleNumber($country);
            self::assertNotNull($number);
            $said = $util->format($number, PhoneNumberFormat::NATIONAL);
            foreach (self::COUNTRIES as $from) {
                $read = PhoneNumber::written($said, $from);
                self::assertTrue(
                    str_starts_with($said, '0') === false ||
                        ($read === $said && !PhoneNumber::isOne($said, $from)) ||
                        $util->isValidNumberForRegion($util->parse($read, $from), $from),
                    "$said typed in $from became $read",
                );
            }
        }
        foreach (['(02) 9374 4000', '020 7946 0018', '0171 234567'] as $said) {
            self::assertFalse(PhoneNumber::isOne($said, 'CA'), $said);
            self::assertSame($said, PhoneNumber::written($said, 'CA'));
        }
        self::assertSame('+49 30 901820', PhoneNumber::written('0049 30 901820', 'CA'));
        self::assertSame('+44 20 7946 0018', PhoneNumber::written('＋４４ 20 7946 0018', 'CA'));
        self::assertSame('+1 902-555-0150', PhoneNumber::written('902 555 0150', 'CA'));

        $sheet = $this->sheet();
        foreach (
            ['020 7946 0018' => 'which country', 'ring me' => 'does not look like', '12' => 'does not look like']
            as $typed => $said
        ) {
            $answer = $this->book(
                $sheet,
                $this->wish($sheet, '20:00', ['answers' => ['phone' => (string) $typed, 'student' => 'Kit']]),
            );
            $answer->assertUnprocessable()->assertJsonValidationErrors('answers.phone');
            self::assertStringContainsString($said, (string) json_encode($answer->json('errors')));
        }
    }

    public function test_names_and_addresses_as_people_type_them_are_taken_or_told_at_their_field(): void
    {
        $sheet = $this->sheet();
        $times = ['20:00', '20:15', '20:30', '20:45'];
        $taken = [
            ['name' => 'محمد عبد الله', 'email' => 'MO@Mail.Example'],
            ['name' => 'Ngũgĩ wa Thiong’o-Ōkami', 'email' => 'ngugi＠mail.example'],
            // Of one address, another family.
            ['name' => "Siobhán O'Sullivan", 'email' => 'ngugi@mail.example'],
            ['name' => str_repeat('n', 120), 'email' => 'long@mail.example'],
        ];
        foreach ($taken as $n => $who) {
            $answers = ['answers' => ['student' => "Child $n", 'phone' => '902 555 0150']];
            $this->book($sheet, $who + $answers + $this->wish($sheet, $times[$n]))->assertCreated();
        }
        self::assertSame(
            ['MO@mail.example', 'ngugi@mail.example', 'ngugi@mail.example', 'long@mail.example'],
            Pass::query()->orderBy('id')->pluck('email')->all(),
        );
        foreach (
            [
                ['name' => str_repeat('n', 5_000), 'name', 'up to 120 letters'],
                ['name' => "Ama\u{202E}otoO", 'name', 'Please write a name'],
                ['email' => 'ama at mail.example', 'email', 'does not look like an e-mail address'],
                ['email' => str_repeat('a', 5_000) . '@mail.example', 'email', 'does not look like an e-mail address'],
            ]
            as $one
        ) {
            [$field, $said] = [$one[0], $one[1]];
            $answer = $this->book($sheet, array_slice($one, 0, 1) + $this->wish($sheet, '20:45'))
                ->assertUnprocessable()
                ->assertOnlyJsonValidationErrors([$field]);
            self::assertStringContainsString($said, (string) $answer->json("errors.$field.0"));
        }
    }
}
