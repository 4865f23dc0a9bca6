<?php

declare(strict_types=1);

namespace Tests\App;

use App\Booking\BookSlot;
use App\Models\Booking;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Recess\Timetable;

/** What the start command asks of the application. */
final class OperationTest extends TestCase
{
    use RefreshDatabase;

    public function test_the_classes_that_the_web_server_has_at_hand_are_written_down_and_nothing_is_booked_for_it(): void
    {
        $this->sheet();
        $guards = DB::table('guards')->count();
        $file = (string) tempnam(sys_get_temp_dir(), 'classes');
        try {
            self::assertSame(0, Artisan::call('recess:classes', ['file' => $file]));
            $classes = require $file;
        } finally {
            unlink($file);
        }
        self::assertContains(BookSlot::class, $classes);
        self::assertContains(Timetable::class, $classes);
        self::assertContains(\Illuminate\Database\Query\Builder::class, $classes);
        self::assertSame([], array_filter($classes, static fn (string $class): bool => str_contains($class, '@anonymous')));
        self::assertSame(0, Booking::query()->count());
        self::assertSame([0, $guards], [DB::table('jobs')->count(), DB::table('guards')->count()]);
    }
}
