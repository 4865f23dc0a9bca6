<?php

declare(strict_types=1);

namespace Tests\App\Race;

use App\Models\Booking;
use App\Models\Sheet;
use App\Models\SheetState;
use App\Publishing\ChangeSheetState;
use Carbon\CarbonImmutable;
use Symfony\Component\Process\Process;

/** A host changes a sheet while real processes book on it over HTTP: from the moment the change stands, nobody books by the old one. */
final class EditWhileBookedTest extends RaceTestCase
{
    private const PROCESSES = 6;

    public function test_once_it_is_closed_not_one_more_is_booked(): void
    {
        $run = bin2hex(random_bytes(4));
        $sheet = $this->sheet($this->host("Closing Host $run"), 1, title: "Closing $run", date: CarbonImmutable::now()->addDays(20)->format('Y-m-d'));
        $pressing = $this->press($sheet, $run);
        $booked = static fn (): int => Booking::query()->where('sheet_id', $sheet->id)->count();
        for ($wait = 0; $wait < 500 && $booked() < 5; $wait++) {
            usleep(10_000);
        }
        app(ChangeSheetState::class)(Sheet::query()->findOrFail($sheet->id), SheetState::Closed, '', CarbonImmutable::now()->getTimestamp());
        $then = $booked();

        $told = array_column(array_merge(...array_map($this->told(...), $pressing)), 'status');
        self::assertSame([], array_diff($told, [200, 201, 409]));
        self::assertGreaterThan(0, $then);
        self::assertLessThan(60, $then, 'Closed while there was still something to book.');
        self::assertSame($then, $booked());
    }

    /** @return list<Process> */
    private function press(Sheet $sheet, string $run): array
    {
        $seen = $this->seen($sheet->slug);
        $prizes = array_map(static fn (array $slot): array => ['path' => "/api/s/$sheet->slug/bookings", 'slot' => $slot['key'], 'place' => $seen['places'][0]['id']], $seen['days'][0]['stretches'][0]['slots']);

        return array_map(fn (int $number): Process => $this->contender((int) hexdec(substr($run, 0, 6)) + 100 + $number, 30, "closing-$run.example", $prizes), range(1, self::PROCESSES));
    }
}
