<?php

declare(strict_types=1);

namespace Tests\App\Race;

use App\Line\DeskDay;
use App\Line\PressedElsewhere;
use App\Line\SwapTurns;
use App\Models\Booking;
use App\Models\HostRole;
use App\Models\Pass;
use App\Models\PlaceKind;
use App\Models\Sheet;
use App\Models\SheetState;
use App\Models\StaffMember;
use App\Models\Waiting;
use App\Publishing\BookingsAffected;
use App\Publishing\ChangeSheetState;
use App\Publishing\Edit;
use App\Publishing\Settlement;
use App\Publishing\SettlementFailed;
use App\Publishing\WriteSheet;
use App\School\UsualQuestions;
use App\Waiting\OfferFreed;
use App\Writing\PlaceStatement;
use App\Writing\SheetStatement;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Recess\Repeat\OnDates;
use Recess\Rules\Stated;
use Recess\Slots\Block;
use Recess\Slots\Cut;
use Recess\Time\Hours;
use Recess\Time\LocalDate;
use Recess\Time\LocalTime;
use Symfony\Component\Process\Process;

/**
 * Real processes book, move, give back and keep over HTTP, at the hosts of three sheets that share them, while those who
 * wait are offered what comes free and a host writes the sheets anew. Whatever comes of it, everything fits together.
 */
final class ManyAtOnceTest extends RaceTestCase
{
    private const PROCESSES = 6;

    private string $run;

    private string $date;

    protected function setUp(): void
    {
        parent::setUp();
        $this->run = bin2hex(random_bytes(4));
        $this->date = CarbonImmutable::now()->addDays(20)->format('Y-m-d');
    }

    public function test_moves_gifts_back_offers_and_edits_with_several_hosts_leave_everything_in_place(): void
    {
        [$ada, $ben, $cleo] = array_map(fn(string $name) => $this->host("$name $this->run"), ['Ada', 'Ben', 'Cleo']);
        // Any one of two, two visitors at once; with a colleague who has to be there; and alone, cut across both.
        $either = $this->written($ada, 'Either', 15, [$ben->id => HostRole::Any], ['seats' => 2]);
        $together = $this->written($ben, 'Together', 20, [$cleo->id => HostRole::Must]);
        $alone = $this->written($cleo, 'Alone', 10, []);
        foreach (range(1, 4) as $number) {
            $pass = Pass::query()->create([
                'name' => "Waits $number",
                'email' => "waits$number@$this->run.example",
                'phone' => '',
            ]);
            Waiting::query()->create([
                'sheet_id' => $alone->id,
                'pass_id' => $pass->id,
                'confirmed_at' => CarbonImmutable::now(),
            ]);
        }
        // Some who book and press nothing more: two of them can always change their times.
        array_map($this->said(...), $this->pressing([$alone], 1, seed: self::PROCESSES));
        $pressing = $this->pressing([$either, $together, $alone], 45);
        $swaps = 0;
        for ($edit = 0; $this->goesOn($pressing); $edit++) {
            // Ben comes and goes; the evening begins five minutes later, and then again on the hour; people are moved least.
            $this->edit($either, $edit % 2 === 0 ? [] : [$ben->id => HostRole::Any], 15, $edit % 3 === 0 ? 5 : 0);
            $this->edit($together, [$cleo->id => $edit % 2 === 0 ? HostRole::Any : HostRole::Must], 20, 0);
            app(OfferFreed::class)($alone->refresh(), CarbonImmutable::now()->getTimestamp());
            $swaps += $this->changeTimes($alone, $cleo, $edit);
        }
        $told = array_merge(...array_map($this->said(...), $pressing));
        self::assertSame(
            [],
            array_values(array_unique(array_diff(array_column($told, 'status'), [200, 201, 409]))),
            'Somebody was answered with something else.',
        );
        self::assertEqualsCanonicalizing(
            ['book', 'give back', 'keep', 'move'],
            array_unique(
                array_column(array_filter($told, static fn(array $one): bool => $one['status'] < 300), 'what'),
            ),
            'All of it happened.',
        );
        self::assertGreaterThan(2, $edit);
        self::assertGreaterThan(0, $swaps, 'Some changed times at the desk meanwhile.');
        $this->assertFits([$either->id, $together->id, $alone->id]);
    }

    public function test_once_a_sheet_is_closed_not_one_more_is_booked(): void
    {
        $sheet = $this->written($this->host("Closing $this->run"), 'Closing', 1, []);
        $pressing = $this->pressing([$sheet], 10_000, 'Booking has closed here.');
        $booked = static fn(): int => Booking::query()->where('sheet_id', $sheet->id)->count();
        while ($booked() < 5 && $this->goesOn($pressing)) {
            usleep(10_000);
        }
        app(ChangeSheetState::class)(
            Sheet::query()->findOrFail($sheet->id),
            SheetState::Closed,
            '',
            CarbonImmutable::now()->getTimestamp(),
        );
        $then = $booked();
        // Each of them goes on until it hears that it is closed: nothing has to be caught in time.
        foreach ($pressing as $process) {
            $said = $this->said($process);
            self::assertStringContainsString('Booking has closed here.', (string) end($said)['message']);
        }
        self::assertGreaterThanOrEqual(5, $then);
        self::assertSame($then, $booked());
    }

    /** @param  array<int, HostRole>  $colleagues */
    private function statement(
        string $title,
        int $minutes,
        int $late,
        array $colleagues,
        Stated $rules,
        ?int $place,
    ): SheetStatement {
        return new SheetStatement(
            title: "$title $this->run",
            intro: '',
            blocks: [
                Block::of(
                    OnDates::of(LocalDate::parse($this->date)),
                    Hours::between(LocalTime::of(16, $late), LocalTime::of(18, $late)),
                    Cut::of($minutes),
                ),
            ],
            places: [new PlaceStatement(PlaceKind::Phone, 'By phone', id: $place)],
            questions: UsualQuestions::all(),
            rules: $rules,
            colleagues: $colleagues,
        );
    }

    /**
     * @param  array<int, HostRole>  $colleagues
     * @param  array<string, mixed>  $rules
     */
    private function written(
        StaffMember $host,
        string $title,
        int $minutes,
        array $colleagues,
        array $rules = [],
    ): Sheet {
        return $this->publish(
            app(WriteSheet::class)(
                $host,
                $this->statement($title, $minutes, 0, $colleagues, Stated::of($rules), null),
                CarbonImmutable::now()->getTimestamp(),
            ),
        );
    }

    /** @param  array<int, HostRole>  $colleagues */
    private function edit(Sheet $sheet, array $colleagues, int $minutes, int $late): void
    {
        $sheet = Sheet::query()->findOrFail($sheet->id);
        $statement = $this->statement(
            substr($sheet->title, 0, -strlen(" $this->run")),
            $minutes,
            $late,
            $colleagues,
            $sheet->rules,
            $sheet->places->firstOrFail()->id,
        );
        $settlement = null;
        // Whoever books while the writer looks is shown to them again; a time that was chosen may be gone meanwhile.
        for ($look = 0; $look < 20; $look++) {
            try {
                app(WriteSheet::class)(
                    $sheet->host,
                    $statement,
                    CarbonImmutable::now()->getTimestamp(),
                    new Edit($sheet, null, $settlement),
                );

                return;
            } catch (BookingsAffected $affected) {
                $settlement = self::asProposed($affected);
            } catch (SettlementFailed) {
                $settlement = null;
            }
        }
    }

    /** Two who have booked change their times at the desk, of that day; whoever of them is elsewhere then does not. */
    private function changeTimes(Sheet $sheet, StaffMember $host, int $round): int
    {
        // The first two, who stay as they are, and in every other round any two, who may be pressing themselves.
        $two = Booking::query()
            ->where('sheet_id', $sheet->id)
            ->where('staff_id', $host->id)
            ->whereNotNull('hold_id')
            ->when($round % 2 === 0, static fn($any) => $any->oldest('id'), static fn($any) => $any->inRandomOrder())
            ->limit(2)
            ->get();
        $now = ($two->first()?->span()->start ?? 3600) - 3600;
        $revision = DeskDay::query()->where('staff_id', $host->id)->value('revision') ?? 0;
        try {
            $two->count() < 2 || app(SwapTurns::class)($host, (int) $revision, $two[0], $two[1], $now);

            return $two->count() < 2 ? 0 : 1;
        } catch (PressedElsewhere) {
            return 0;
        }
    }

    private static function asProposed(BookingsAffected $affected): Settlement
    {
        $choices = [];
        foreach ($affected->effects[0]->effect->left as $left) {
            $choices[(int) $left->booking->id] =
                $left->proposed === null
                    ? ['do' => 'cancel', 'to' => null]
                    : ['do' => 'move', 'to' => $left->proposed->start];
        }
        foreach (
            [
                ...array_column($affected->effects[0]->effect->otherLength, 0),
                ...$affected->effects[0]->effect->otherPlace,
            ]
            as $booked
        ) {
            $choices[(int) $booked->id] = ['do' => 'move', 'to' => null];
        }

        return new Settlement($choices, '');
    }

    /**
     * @param  list<Sheet>  $sheets
     * @return list<Process>
     */
    private function pressing(array $sheets, int $presses, string $until = '', int $seed = 0): array
    {
        $prizes = [];
        foreach ($sheets as $sheet) {
            $seen = $this->seen($sheet->slug);
            foreach ($seen['days'][0]['stretches'][0]['slots'] as $slot) {
                $prizes[] = ['slug' => $sheet->slug, 'slot' => $slot['key'], 'place' => $seen['places'][0]['id']];
            }
        }

        return array_map(function (int $number) use ($prizes, $presses, $until, $seed): Process {
            $seed = (string) (hexdec(substr($this->run, 0, 6)) + $seed + $number);
            $process = new Process(
                [
                    PHP_BINARY,
                    __DIR__ . '/visitors.php',
                    $this->address,
                    $seed,
                    (string) $presses,
                    "$this->run.example",
                    json_encode($prizes, JSON_THROW_ON_ERROR),
                    ...$until === '' ? [] : [$until],
                ],
                timeout: 150,
            );
            $process->start();

            return $process;
        }, range(1, self::PROCESSES));
    }

    /** @param  list<Process>  $pressing */
    private function goesOn(array $pressing): bool
    {
        return array_filter($pressing, static fn(Process $one): bool => $one->isRunning()) !== [];
    }

    /** @return list<array{what: string, status: int, message: string}> */
    private function said(Process $process): array
    {
        self::assertSame(0, $process->wait(), $process->getErrorOutput());

        return array_values(
            array_map(
                static fn(string $line): array => json_decode($line, true, flags: JSON_THROW_ON_ERROR),
                array_filter(explode("\n", $process->getOutput())),
            ),
        );
    }

    /** @param  list<int>  $sheets */
    private function assertFits(array $sheets): void
    {
        $in = implode(', ', $sheets);
        $none = static fn(string $what, string $query) => self::assertSame([], DB::select($query), $what);
        $none(
            'Nobody is in two meetings.',
            'SELECT a.id FROM holds a JOIN holds b ON a.staff_id = b.staff_id AND a.id < b.id AND a.starts_at < b.ends_at AND b.starts_at < a.ends_at',
        );
        $none(
            'Whoever has a time has a seat of just that time, and it is nobody else’s.',
            "SELECT bookings.id FROM bookings LEFT JOIN holds ON holds.id = bookings.hold_id LEFT JOIN seats ON seats.hold_id = bookings.hold_id AND seats.seat = bookings.seat
            WHERE bookings.sheet_id IN ($in) AND bookings.state IN ('booked', 'asked') AND (seats.hold_id IS NULL OR seats.kept_until IS NOT NULL OR holds.starts_at <> bookings.starts_at OR holds.ends_at <> bookings.ends_at OR holds.staff_id <> bookings.staff_id)",
        );
        $none(
            'Whoever has none holds none.',
            "SELECT id FROM bookings WHERE sheet_id IN ($in) AND state NOT IN ('booked', 'asked') AND hold_id IS NOT NULL",
        );
        $none(
            'A seat is somebody’s, or is kept.',
            "SELECT seats.hold_id FROM seats JOIN holds ON holds.id = seats.hold_id LEFT JOIN bookings ON bookings.hold_id = seats.hold_id AND bookings.seat = seats.seat WHERE holds.sheet_id IN ($in) AND seats.kept_until IS NULL AND bookings.id IS NULL",
        );
        $none(
            'No host is held for nobody.',
            "SELECT holds.id FROM holds LEFT JOIN seats ON seats.hold_id = COALESCE(holds.with_hold_id, holds.id) WHERE holds.sheet_id IN ($in) AND seats.hold_id IS NULL",
        );
        $none(
            'No visitor and no student is in two meetings.',
            "SELECT a.id FROM bookings a JOIN bookings b ON a.id < b.id AND (a.pass_id = b.pass_id OR a.student_key = b.student_key) AND a.starts_at < b.ends_at AND b.starts_at < a.ends_at
            WHERE a.sheet_id IN ($in) AND b.sheet_id IN ($in) AND a.state = 'booked' AND b.state = 'booked'",
        );
        $none(
            'Whoever is offered a time has it kept, unless they were quick or its time is up.',
            "SELECT waiting.id FROM waiting LEFT JOIN seats ON seats.keeper = waiting.keeper WHERE waiting.sheet_id IN ($in) AND waiting.offered_until > UTC_TIMESTAMP() AND seats.hold_id IS NULL",
        );
    }
}
