<?php

declare(strict_types=1);

namespace Tests\App;

use App\Registry\Enrolled;
use App\Registry\HostName;
use App\Registry\Minutes;
use App\Registry\Opens;
use App\Registry\Seal;
use App\Registry\Settings;
use App\Registry\Standing;
use App\Registry\Why;
use Illuminate\Console\Scheduling\Schedule;
use Illuminate\Contracts\Encryption\DecryptException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;

/** Several schools on one installation: what is decided without a database. With one: tests/app/Race/ManySchoolsTest. */
final class RegistryTest extends TestCase
{
    /** RFC 1034, 3.1 (capitals, the dot at the end); RFC 9110, 7.2 (a port); RFC 1123, 2.1 (labels); the name of UTS 46 by ICU. */
    #[TestWith(['Meet.Cove.EXAMPLE', 'meet.cove.example'])]
    #[TestWith(['meet.cove.example.', 'meet.cove.example'])]
    #[TestWith(['meet.cove.example:8443', 'meet.cove.example'])]
    #[TestWith(['meet.cove.example.:8443', 'meet.cove.example'])]
    #[TestWith(['bücher.example', 'xn--bcher-kva.example'])]
    #[TestWith(['BÜCHER.example', 'xn--bcher-kva.example'])]
    #[TestWith(['127.0.0.1:80', '127.0.0.1'])]
    #[TestWith(['', null])]
    #[TestWith(['.', null])]
    #[TestWith(['meet..example', null])]
    #[TestWith(['-meet.example', null])]
    #[TestWith(['meet.example/path', null])]
    #[TestWith(['meet.example@other.example', null])]
    #[TestWith(['meet.example:http', null])]
    #[TestWith(["meet.example\nother.example", null])]
    #[TestWith(['[::1]:443', null])]
    public function test_a_host_is_the_same_however_it_is_named(string $said, ?string $is): void
    {
        self::assertSame($is, HostName::of($said));
        self::assertNull(HostName::of(str_repeat('a', 64) . '.example'));
    }

    public function test_only_the_installations_key_opens_what_a_school_has(): void
    {
        $keys = [];
        foreach ([1, 2] as $which) {
            $keys[] = 'base64:' . base64_encode(random_bytes(32));
        }
        $opens = Opens::anew()->with(['oidc-secret' => 'tide']);
        $sealed = (new Seal($keys[0]))->seal($opens);
        $school = new Enrolled('kelp', ['kelp.example'], Standing::Open, $sealed);
        self::assertEquals($opens, (new Seal($keys[0]))->open($school));
        self::assertStringNotContainsString('tide', $sealed . base64_decode($sealed, true));
        self::assertNotEquals(Opens::anew()->key, Opens::anew()->key);
        $this->expectException(DecryptException::class);
        (new Seal($keys[1]))->open($school);
    }

    /** What stands in the installation's own settings is never a second school's. */
    public function test_a_school_has_what_it_was_given_and_nothing_of_another(): void
    {
        $none = Settings::config([]);
        foreach (config()->array('recess.oidc') + config()->array('recess.answers') as $name => $value) {
            self::assertTrue(
                array_key_exists("recess.oidc.$name", $none) || array_key_exists("recess.answers.$name", $none),
                "$name would be the first school's.",
            );
        }
        self::assertSame(
            [],
            array_filter($none, static fn(mixed $value): bool => !in_array($value, [null, false, 'en', ''], true)),
        );
        $some = Settings::config(['tutors' => 'yes', 'oidc-makes-accounts' => 'no', 'language' => 'it']);
        self::assertSame(
            [true, false, 'it'],
            [$some['recess.tutors'], $some['recess.oidc.makes_accounts'], $some['app.locale']],
        );
    }

    /** @return iterable<string, array{string, string, Why|null}> */
    public static function values(): iterable
    {
        yield 'none of ours' => ['APP_KEY', 'x', Why::NoSetting];
        yield 'an address' => ['mail-from', 'meetings@kelp.example', null];
        yield 'no address' => ['mail-from', 'kelp', Why::NotAValue];
        yield 'back to what is usual' => ['mail-from', '', null];
        yield 'two lines' => ['mail-name', "Kelp\nBcc: all", Why::NotAValue];
        yield 'in the clear' => ['oidc-issuer', 'http://people.example', Why::NotAValue];
        yield 'a language that there is' => ['language', 'pl', null];
        yield 'one that there is not' => ['language', 'xx', Why::NotAValue];
        yield 'a path' => ['language', '..', Why::NotAValue];
        yield 'a key in it' => ['answers-address', 'answers+{key}@kelp.example', null];
    }

    #[DataProvider('values')]
    public function test_each_setting_is_looked_at(string $name, string $value, ?Why $why): void
    {
        self::assertSame($why, Settings::wrong($name, $value));
    }

    /** Whenever it is looked, each school has its turn once in each minute, and not all of them have it at once. */
    public function test_what_is_scheduled_comes_once_a_minute_and_is_spread_over_it(): void
    {
        $minutes = new Minutes();
        $names = array_map(static fn(int $n): string => "school$n", range(1, 100));
        $begin = intdiv(time(), 300) * 300 + 300;
        $had = [];
        foreach (range($begin, $begin + 299) as $now) {
            foreach ($names as $n => $name) {
                $minutes->isThere($name, $now, awake: $n % 2 === 0);
            }
            $due = $minutes->due($now);
            self::assertLessThan(12, count($due), 'At one moment.');
            foreach ($due as $school) {
                $had[$school][] = intdiv($now, 60);
            }
        }
        self::assertCount(100, $had);
        $minutes->isThere('new', $begin + 119, awake: false);
        self::assertSame(['new'], $minutes->due($begin + 119), 'One that is new.');
        self::assertSame([], $minutes->due($begin + 179));
        // What has no press behind it comes at such minutes, or a school that sleeps would never come to it.
        foreach (app(Schedule::class)->events() as $event) {
            [$minute] = explode(' ', $event->expression);
            self::assertTrue(
                $minute === '*' ||
                    preg_match('#^\*/(5|10|15)$#', $minute) === 1 ||
                    (int) $minute % Minutes::ASLEEP === 0,
                "$event->description at $event->expression",
            );
        }
        foreach ($had as $school => $in) {
            self::assertSame(array_values(array_unique($in)), $in, $school);
            $often = (int) substr($school, 6) % 2 === 1;
            self::assertCount($often ? 5 : 1, $in, 'Where nothing happens, each fifth minute.');
        }
    }
}
