<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\Booking;
use App\Models\Sheet;
use App\Models\StaffMember;
use Carbon\CarbonImmutable;
use Demo\DemoPeople;
use Demo\DemoSchool;
use Illuminate\Foundation\Testing\RefreshDatabase;

final class DemoTest extends TestCase
{
    use RefreshDatabase;

    public function test_the_demo_is_the_same_each_time_and_never_stale(): void
    {
        $fill = static fn() => app(DemoSchool::class)->fill(CarbonImmutable::now()->getTimestamp());
        $picture = static fn(): array => Booking::query()
            ->orderBy('starts_at')
            ->orderBy('sheet_id')
            ->get()
            ->map(
                static fn(
                    Booking $booking,
                ): string => "$booking->starts_at {$booking->sheet->host->name} $booking->student",
            )
            ->all();

        $fill();
        $first = $picture();
        self::assertSame(8, StaffMember::query()->count());
        self::assertCount(60, array_unique(array_column(DemoPeople::families(), 2)));
        self::assertSame('2026-12-03', Sheet::query()->firstOrFail()->blocks->firstOrFail()->record['dates'][0]);
        self::assertGreaterThan(20, count($first));
        self::assertLessThan(8 * 13 + 4, count($first));

        $fill();
        self::assertSame($first, $picture());

        // A week and a half later the next evening is there, and the last one still is.
        CarbonImmutable::setTestNow('2026-12-05T12:00:00Z');
        $fill();
        self::assertSame(8 + 6 + 8, Sheet::query()->count());
        self::assertSame($first, array_slice($picture(), 0, count($first)));
    }
}
