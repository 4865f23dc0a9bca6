<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Recess\Time\LocalDate;
use Recess\Time\Span;
use Recess\Time\TimeNotValid;
use Recess\Time\Zone;
use Tests\Core\Outside\Reference;

final class ZoneTest extends TestCase
{
    private const ZONES = [
        'Europe/Dublin',
        'America/St_Johns',
        'Australia/Lord_Howe',
        'Africa/Casablanca',
        'Asia/Kathmandu',
        'Pacific/Apia',
        'America/Halifax',
        'Europe/Lisbon',
        'Asia/Tehran',
        'Pacific/Chatham',
        'America/Sao_Paulo',
        'Asia/Tokyo',
        'Africa/Cairo',
        'Antarctica/Troll',
        'America/New_York',
    ];

    public function test_a_zone_that_is_kept_and_taken_out_again_is_the_same(): void
    {
        $day = LocalDate::parse('2027-03-14');
        $halifax = Zone::of('America/Halifax');
        self::assertLessThan(100, strlen(serialize($halifax)), 'its name says all');
        // As a calendar describes it, under a name that the tz database knows and means otherwise.
        $own = Zone::fromChanges('America/Halifax', [0], [7200]);
        foreach ([$halifax, $own, Zone::fromChanges('A time of our own', [0], [5400])] as $zone) {
            $again = unserialize(serialize($zone));
            self::assertInstanceOf(Zone::class, $again);
            self::assertSame($zone->instant($day, 180), $again->instant($day, 180));
            self::assertSame($zone->name, $again->name);
        }
        self::assertNotSame($halifax->instant($day, 180), $own->instant($day, 180));
    }

    public function test_clock_changes_of_twenty_years_are_those_of_the_tz_database(): void
    {
        $year = (int) gmdate('Y');
        $answers = Reference::ask(
            ['/usr/bin/python3', __DIR__ . '/Outside/clock_changes.py'],
            array_map(
                static fn(string $zone): array => ['zone' => $zone, 'from' => $year - 10, 'to' => $year + 10],
                self::ZONES,
            ),
        );
        $seen = 0;
        foreach (self::ZONES as $i => $name) {
            $zone = Zone::of($name);
            $changes = $zone->changesIn(
                Span::of(gmmktime(0, 0, 0, 1, 1, $year - 10), gmmktime(0, 0, 0, 1, 1, $year + 10)),
            );
            self::assertSame($answers[$i], array_map(array_values(...), $changes), $name);
            foreach ($changes as ['at' => $at, 'before' => $before, 'after' => $after]) {
                // RFC 5545, 3.3.5: a skipped time is read with the offset before, a doubled one is the first.
                $reading = $at + min($before, $after) + intdiv(abs($after - $before), 2);
                self::assertSame(
                    $reading - $before,
                    $zone->instantOf($reading),
                    "$name, inside the change of " . gmdate('c', $at),
                );
                self::assertSame([$before, $after], [$zone->offsetAt($at - 1), $zone->offsetAt($at)]);
                $seen++;
            }
        }
        self::assertGreaterThan(250, $seen);
    }

    /** @return iterable<string, array{string, string, int, string}> from the tz database's own comments, and reckoned by hand */
    public static function known(): iterable
    {
        yield 'the hour that New York skips (RFC 5545, 3.3.5)' => [
            'America/New_York',
            '2007-03-11',
            150,
            '2007-03-11T07:30:00Z',
        ];
        yield 'the hour that New York has twice (RFC 5545, 3.3.5)' => [
            'America/New_York',
            '2007-11-04',
            90,
            '2007-11-04T05:30:00Z',
        ];
        yield 'half an hour on Lord Howe' => ['Australia/Lord_Howe', '2026-10-04', 135, '2026-10-03T15:45:00Z'];
        yield 'five hours and three quarters east' => ['Asia/Kathmandu', '2026-12-03', 0, '2026-12-02T18:15:00Z'];
        yield 'the day that Apia never had' => ['Pacific/Apia', '2011-12-30', 720, '2011-12-30T22:00:00Z'];
        yield 'a year far away' => ['Europe/Dublin', '2150-07-01', 720, '2150-07-01T11:00:00Z'];
    }

    #[DataProvider('known')]
    public function test_clock_times_become_instants(string $zone, string $date, int $minute, string $instant): void
    {
        self::assertSame(
            $instant,
            Zone::of('UTC')->rfc3339(Zone::of($zone)->instant(LocalDate::parse($date), $minute)),
        );
    }

    public function test_a_day_has_its_own_length(): void
    {
        $hours = static fn(string $zone, string $date): int|float => Zone::of($zone)
            ->day(LocalDate::parse($date))
            ->seconds() / 3600;

        self::assertSame(
            [23, 25, 24, 24.5],
            [
                $hours('America/Halifax', '2026-03-08'),
                $hours('America/Halifax', '2026-11-01'),
                $hours('America/Halifax', '2026-07-01'),
                $hours('Australia/Lord_Howe', '2026-04-05'),
            ],
        );
    }

    public function test_the_date_is_that_of_the_tz_database_in_whatever_order_instants_are_asked_about(): void
    {
        $chance = new \Random\Randomizer(new \Random\Engine\Mt19937(14));
        foreach (self::ZONES as $name) {
            $zone = Zone::of($name);
            $around = [];
            // São Paulo's clocks changed at midnight until 2019, Apia left a day out in 2011, Cairo's change on Fridays at 0:00.
            foreach (
                $zone->changesIn(Span::of(gmmktime(0, 0, 0, 1, 1, 2008), gmmktime(0, 0, 0, 1, 1, 2030)))
                as $change
            ) {
                foreach ([-86_401, -3601, -1, 0, 1, 3599, 3600, 43_200, 86_399] as $seconds) {
                    $around[] = $change['at'] + $seconds;
                }
            }
            $as = new \DateTimeZone($name);
            foreach ($chance->shuffleArray([...$around, gmmktime(0, 0, 0, 6, 1, 1969), 0, -1]) as $instant) {
                self::assertSame(
                    (new \DateTimeImmutable("@$instant"))->setTimezone($as)->format('Y-m-d'),
                    (string) $zone->dateAt($instant),
                    "$name at $instant",
                );
            }
        }
    }

    public function test_what_is_no_zone_is_refused(): void
    {
        foreach (['', 'Halifax', '+02:00', 'Europe/Dublin ', "UTC\0"] as $name) {
            try {
                Zone::of($name);
                self::fail("“$name” was taken for a zone.");
            } catch (TimeNotValid $failure) {
                self::assertStringContainsString('no time zone', InEnglish::why($failure));
            }
        }
    }
}
