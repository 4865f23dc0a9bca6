<?php

declare(strict_types=1);

namespace Tests\App\Race;

use App\Models\Booking;
use App\Models\Sheet;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Symfony\Component\Process\Process;

/** Real processes fight over HTTP, on the served instance with its own database, for the same host's time. */
final class NeverTwiceTest extends RaceTestCase
{
    private const PROCESSES = 10;

    private const ATTEMPTS = 60;

    public function test_there_are_as_many_bookings_as_seats_and_nobody_is_told_yours_who_has_none(): void
    {
        $run = 'race-' . bin2hex(random_bytes(4)) . '.example';
        $host = $this->host("Racing Host $run");
        $date = CarbonImmutable::now()->addDays(20)->format('Y-m-d');
        // Slots of 15 and of 20 minutes that lie across one another, and groups of three on another date.
        $crossed = [
            $this->sheet($host, 15, title: 'Race quarter', date: $date),
            $this->sheet($host, 20, title: 'Race twenty', date: $date),
        ];
        $group = $this->sheet($host, 30, 3, 'Race group', CarbonImmutable::parse($date)->addDay()->format('Y-m-d'));

        $told = $this->fight([...$crossed, $group], $run);
        self::assertGreaterThan(700, count($told));
        self::assertSame(
            [],
            array_diff(array_column($told, 'status'), [200, 201, 409]),
            'Somebody was answered with neither “yours” nor “gone”.',
        );

        // Everybody who was told "yours" has it, one booking a wish, and nobody else has anything.
        $yours = [];
        foreach ($told as $answer) {
            if ($answer['status'] !== 409) {
                $yours[$answer['key']][] = $answer['booking'];
            }
        }
        foreach ($yours as $bookings) {
            self::assertCount(1, array_unique($bookings));
        }
        $kept = Booking::query()
            ->whereIn('sheet_id', [$crossed[0]->id, $crossed[1]->id, $group->id])
            ->get();
        self::assertEqualsCanonicalizing(
            $kept->modelKeys(),
            array_map(static fn(array $bookings): int => $bookings[0], array_values($yours)),
        );
        // 409 on a first press means none; a second press may only repeat what the first said.
        foreach ($told as $answer) {
            self::assertSame(isset($yours[$answer['key']]), $answer['status'] !== 409);
        }

        // As many as seats: both group slots are full, each seat once.
        $seats = $kept
            ->where('sheet_id', $group->id)
            ->groupBy(static fn(Booking $booking): string => (string) $booking->starts_at)
            ->map(static fn($slot) => $slot->pluck('seat')->sort()->values()->all());
        self::assertSame([[1, 2, 3], [1, 2, 3]], $seats->values()->all());

        // The host is never in two meetings, and no more could have been booked: whatever is still free overlaps nothing.
        self::assertSame(0, $this->overlaps());
        foreach ($crossed as $sheet) {
            self::assertSame(0, (int) $this->seen($sheet->slug)['free']);
        }
        // The queue worker tells each of them once, and nobody else.
        $told = static fn(): int => DB::table('mailroom_messages')
            ->where('recipient', 'like', "%@$run")
            ->count();
        for ($wait = 0; $wait < 300 && DB::table('jobs')->exists(); $wait++) {
            usleep(100_000);
        }
        self::assertSame($kept->count(), $told());
    }

    /**
     * @param  list<Sheet>  $sheets
     * @return list<array{prize: string, key: string, press: int, status: int, pass: string|null, booking: int|null}>
     */
    private function fight(array $sheets, string $run): array
    {
        $prizes = [];
        foreach ($sheets as $sheet) {
            $seen = $this->seen($sheet->slug);
            foreach ($seen['days'][0]['stretches'][0]['slots'] as $slot) {
                $prizes[] = [
                    'path' => "/api/s/$sheet->slug/bookings",
                    'slot' => $slot['key'],
                    'place' => $seen['places'][0]['id'],
                ];
            }
        }
        $contenders = array_map(
            fn(int $seed): Process => $this->contender($seed, self::ATTEMPTS, $run, $prizes),
            range(1, self::PROCESSES),
        );

        return array_merge(...array_map($this->told(...), $contenders));
    }
}
