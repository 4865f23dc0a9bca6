<?php

declare(strict_types=1);

namespace Tests\App\Race;

use App\Actions\ChangeSheetState;
use App\Models\Booking;
use App\Models\Sheet;
use App\Models\SheetState;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Symfony\Component\Process\Process;
use Tests\App\TestCase;

/** A host changes a sheet while real processes book on it over HTTP: from the moment the change stands, nobody books by the old one. */
final class EditWhileBookedTest extends TestCase
{
    private const PROCESSES = 6;

    private string $address;

    protected function setUp(): void
    {
        parent::setUp();
        $this->address = (string) getenv('RECESS_SERVED');
        self::assertNotSame('', $this->address, 'bin/recess test app starts the instance that this test needs.');
        CarbonImmutable::setTestNow();
        config(['database.connections.mariadb.database' => 'recess']);
        DB::purge();
    }

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

        $told = [];
        foreach ($pressing as $process) {
            self::assertSame(0, $process->wait(), $process->getErrorOutput());
            foreach (array_filter(explode("\n", $process->getOutput())) as $line) {
                $told[] = json_decode($line, true, flags: JSON_THROW_ON_ERROR)['status'];
            }
        }
        self::assertSame([], array_diff($told, [200, 201, 409]));
        self::assertGreaterThan(0, $then);
        self::assertLessThan(60, $then, 'Closed while there was still something to book.');
        self::assertSame($then, $booked());
    }

    /** @return list<Process> */
    private function press(Sheet $sheet, string $run): array
    {
        $slots = json_decode((string) file_get_contents("$this->address/api/s/$sheet->slug"), true, flags: JSON_THROW_ON_ERROR);
        $prizes = array_map(static fn (array $slot): array => ['path' => "/api/s/$sheet->slug/bookings", 'slot' => $slot['key'], 'place' => $slots['places'][0]['id']], $slots['days'][0]['stretches'][0]['slots']);
        $processes = [];
        foreach (range(1, self::PROCESSES) as $number) {
            $seed = (string) (hexdec(substr($run, 0, 6)) + 100 + $number);
            $processes[] = $process = new Process([PHP_BINARY, __DIR__.'/contender.php', $this->address, $seed, '30', "closing-$run.example", json_encode($prizes, JSON_THROW_ON_ERROR)], timeout: 120);
            $process->start();
        }

        return $processes;
    }
}
