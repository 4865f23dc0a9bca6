<?php

declare(strict_types=1);

namespace Tests\App;

use Carbon\CarbonImmutable;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Artisan;
use PHPUnit\Framework\Attributes\DataProvider;

/**
 * What is measured can be measured on any day and at any hour: the demo and what the benches add to it is filled, and has
 * times that can be booked. The dates of the clock changes are those of America/Halifax in the tz database.
 */
final class BenchTest extends TestCase
{
    use RefreshDatabase;

    /** @return iterable<string, array{string}> */
    public static function moments(): iterable
    {
        yield 'a Sunday, late' => ['2026-11-29T23:40:00-04:00'];
        yield 'a leap day, before school' => ['2028-02-29T06:00:00-04:00'];
        yield 'the hour that comes twice' => ['2026-11-01T01:30:00-03:00'];
        yield 'in the winter holidays' => ['2026-12-27T12:00:00-04:00'];
        yield 'New Year’s Eve, minutes before' => ['2026-12-31T23:58:00-04:00'];
    }

    #[DataProvider('moments')]
    public function test_the_benches_have_something_to_measure(string $moment): void
    {
        CarbonImmutable::setTestNow($moment);
        config(['recess.demo' => true, 'recess.bench' => true]);
        Artisan::call('recess:demo');

        // As on an instance that is measured: no evening of it is two days at a desk.
        $later = CarbonImmutable::parse($moment)->addHours(12)->setTimezone('America/Halifax');
        config(['recess.day_begins' => $later->format('H:00')]);
        $rush = $this->said('recess:rush', ['what' => 'write', '--run' => 'days', '--hosts' => 2]);
        $school = $this->said('recess:large-school', ['times' => 1, '--staff' => 3, '--bookings' => 40]);
        $round = $this->said('recess:large-round', ['what' => 'make', '--hosts' => 4, '--families' => 12]);
        $evening = $this->said('recess:evening', ['hosts' => 2, 'each' => 2]);

        $free = fn(string $sheet): int => $this->ask('get', "/api/s/$sheet")
            ->assertOk()
            ->json('free');
        self::assertSame(30, $free($rush[0]['slug']));
        self::assertGreaterThan(0, $free($school['sheet']));
        self::assertGreaterThanOrEqual(40, $school['bookings']);
        self::assertGreaterThan(0, $free($round['sheet']));
        self::assertCount(4, $evening['passes'] ?? []);
        // Side by side on the evening of the round, each of the three has times.
        $rows = $this->ask(
            'get',
            "/api/find?about={$school['round']}&from={$school['date']}&to={$school['date']}",
        )->json('days.0.rows');
        self::assertCount(3, $rows);
    }

    /**
     * @param  array<string, mixed>  $arguments
     * @return array<mixed>
     */
    private function said(string $command, array $arguments): array
    {
        $code = Artisan::call($command, $arguments);
        $said = Artisan::output();
        self::assertSame(0, $code, $said);

        return (array) json_decode($said, true, flags: JSON_THROW_ON_ERROR);
    }
}
