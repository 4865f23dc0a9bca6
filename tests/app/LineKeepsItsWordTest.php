<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\Booking;
use App\Models\BookingState;
use App\Models\Instant;
use App\Models\Pass;
use App\Models\Sheet;
use App\Models\Waiting;
use App\Waiting\OfferFreed;
use App\Waiting\QuietHours;
use Carbon\CarbonImmutable;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Artisan;
use PHPUnit\Framework\Attributes\DataProvider;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Recess\Rules\Stated;
use Recess\Time\LocalDate;
use Recess\Time\Zone;

/**
 * What comes free where somebody waits belongs to the line from the first instant until nobody in it wants it: in any row of
 * giving back, taking that back, declining, letting pass, taking, leaving and joining.
 */
final class LineKeepsItsWordTest extends TestCase
{
    use RefreshDatabase;

    private const TIMES = ['20:00', '20:30'];

    private const STEPS = 14;

    private Sheet $sheet;

    /** @var list<string> what was done, to be read where it fails */
    private array $done = [];

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        foreach (range(1, 12) as $seed) {
            yield "seed $seed" => [$seed];
        }
    }

    #[DataProvider('seeds')]
    public function test_nobody_passes_the_line(int $seed): void
    {
        $any = new Randomizer(new Mt19937($seed));
        $this->sheet = $this->sheet(minutes: 30, rules: Stated::of(['waiting' => true]));
        foreach (self::TIMES as $n => $time) {
            $this->book($this->sheet, $this->otherWish($this->sheet, $time, "Owner $n"))->assertCreated();
        }
        foreach (range(1, 3) as $n) {
            $this->join("Waiter $n");
        }
        $freed = [];
        for ($step = 0; $step < self::STEPS; $step++) {
            $what = ['give back', 'undo', 'decline', 'lapse', 'take', 'leave', 'work', 'join', 'wait'][
                $any->getInt(0, 8)
            ];
            $this->done[] = $what;
            match ($what) {
                'give back' => $this->giveBack($any),
                'undo' => $this->undo(),
                'decline' => $this->waiter(true, $any)?->token() === null
                    ? null
                    : $this->post('/w/' . $this->waiter(true, $any)?->token() . '/decline'),
                'leave' => $this->post('/w/' . ($this->waiter(false, $any)?->token() ?? 'nobody') . '/leave'),
                'lapse' => $this->lapse(),
                'take' => $this->take($any),
                'join' => $this->join("Joiner $step"),
                'work' => $this->worked(0),
                'wait' => CarbonImmutable::setTestNow(CarbonImmutable::now()->addSeconds($any->getInt(1, 30))),
            };
            foreach (self::TIMES as $time) {
                $start = (int) strtotime(self::EVENING . "T$time:00Z");
                $isFree = Booking::query()
                    ->where('starts_at', Instant::column($start))
                    ->whereIn('state', BookingState::standing())
                    ->doesntExist();
                // It came free while somebody waited; and there is somebody still who has not said no to it.
                $freed[$time] = $isFree && ($freed[$time] ?? false || $this->isWanted($start));
                if ($freed[$time] && $this->isWanted($start)) {
                    $this->noStrangerHas($time);
                }
                $freed[$time] = $freed[$time] && $this->isWanted($start);
            }
        }
        // Once nobody waits any more it is everybody's.
        foreach (Waiting::query()->get() as $waiting) {
            $this->post("/w/{$waiting->token()}/leave")->assertOk();
        }
        $this->worked(60);
        foreach (Booking::query()->whereIn('state', BookingState::standing())->get() as $booking) {
            $this->ask('post', "/api/p/{$booking->pass->token()}/bookings/$booking->id/give-back")->assertOk();
        }
        foreach (self::TIMES as $time) {
            $this->book($this->sheet, $this->otherWish($this->sheet, $time, "Last $time"))->assertCreated();
        }
    }

    public function test_of_a_time_with_several_seats_each_that_comes_free_is_the_lines(): void
    {
        $this->sheet = $this->sheet(minutes: 60, rules: Stated::of(['seats' => 3, 'waiting' => true]));
        foreach (range(1, 3) as $n) {
            $this->book($this->sheet, $this->otherWish($this->sheet, '20:00', "Owner $n"))->assertCreated();
        }
        array_map($this->join(...), ['Waiter 1', 'Waiter 2', 'Waiter 3']);
        [$first, $second] = Booking::query()->orderBy('id')->get()->all();
        foreach ([$first, $second] as $one) {
            $this->ask('post', "/api/p/{$one->pass->token()}/bookings/$one->id/give-back")->assertOk();
            $this->noStrangerHas('20:00');
        }
        // One of them takes it back; the other is offered to one who waits, and to nobody else.
        $this->ask('post', "/api/p/{$second->pass->token()}/bookings/$second->id/undo")->assertOk();
        $this->noStrangerHas('20:00');
        $this->worked(25);
        self::assertSame(1, Waiting::query()->whereNotNull('offered_start')->count());
        $this->ask('post', "/api/p/{$second->pass->token()}/bookings/$second->id/give-back")->assertOk();
        $this->worked(25);
        self::assertSame(2, Waiting::query()->whereNotNull('offered_start')->count());
        $this->noStrangerHas('20:00');
    }

    private function isWanted(int $start): bool
    {
        return Waiting::line($this->sheet->id)
            ->where(
                static fn($one) => $one->whereNull('offered_start')->orWhere('offered_start', Instant::column($start)),
            )
            ->exists();
    }

    private function noStrangerHas(string $time): void
    {
        $said = implode(', ', $this->done) . ": $time";
        $wish = $this->otherWish($this->sheet, $time, 'A Stranger');
        self::assertSame(409, $this->book($this->sheet, $wish)->getStatusCode(), $said);
        $slots = array_merge(
            ...array_map(
                static fn(array $day): array => array_merge(...array_column($day['stretches'], 'slots')),
                (array) $this->ask('get', "/api/s/{$this->sheet->slug}")->json('days'),
            ),
        );
        $state = array_column($slots, 'state', 'key')[$wish['slot']] ?? 'not there';
        self::assertNotSame('free', $state, $said);
    }

    private function join(string $name): void
    {
        $this->post("/s/{$this->sheet->slug}/waiting", [
            'name' => $name,
            'email' => str_replace(' ', '', $name) . '@mail.example',
        ]);
        foreach (Waiting::query()->whereNull('confirmed_at')->get() as $one) {
            $this->post("/w/{$one->token()}/confirm");
        }
    }

    private function giveBack(Randomizer $any): void
    {
        $standing = Booking::query()->whereIn('state', BookingState::standing())->get();
        $booking = $standing->get($any->getInt(0, 1));
        $booking === null ||
            $this->ask('post', "/api/p/{$booking->pass->token()}/bookings/$booking->id/give-back")->assertOk();
    }

    private function undo(): void
    {
        $booking = Booking::query()->where('state', BookingState::Cancelled)->orderByDesc('updated_at')->first();
        if ($booking === null) {
            return;
        }
        $can = CarbonImmutable::now()->getTimestamp() - $booking->updated_at->getTimestamp() < 20;
        $again = $this->ask('post', "/api/p/{$booking->pass->token()}/bookings/$booking->id/undo");
        // Within its seconds it works, unless somebody of the line has the time by then.
        $isTaken = Booking::query()
            ->where('starts_at', $booking->starts_at)
            ->whereIn('state', BookingState::standing())
            ->whereKeyNot($booking->id)
            ->exists();
        $can && !$isTaken && self::assertSame(200, $again->getStatusCode(), implode(', ', $this->done));
    }

    private function waiter(bool $offered, Randomizer $any): ?Waiting
    {
        $some = Waiting::query()->when($offered, static fn($one) => $one->whereNotNull('offered_start'))->get();

        return $some->get($any->getInt(0, max(0, $some->count() - 1)));
    }

    private function lapse(): void
    {
        $until = Waiting::query()->min('offered_until');
        if ($until !== null) {
            CarbonImmutable::setTestNow(CarbonImmutable::parse($until, 'UTC')->addSecond());
            app(OfferFreed::class)($this->sheet->refresh(), CarbonImmutable::now()->getTimestamp());
        }
    }

    private function take(Randomizer $any): void
    {
        $one = $this->waiter(true, $any);
        $start = $one?->offered_start;
        if ($one === null || $start === null) {
            return;
        }
        // The key under which it is kept stands in the letter alone; whoever has it books as anybody does.
        $wish = $this->otherWish($this->sheet, $start->format('H:i'), $one->pass->name);
        $one->update(['keeper' => $one->keeper]);
        \App\Models\Seat::query()
            ->where('keeper', $one->keeper)
            ->update(['keeper' => \App\Models\Secret::hash($wish['request_key'])]);
        $this->book(
            $this->sheet,
            [
                'pass' => $one->pass->token(),
                'keep_key' => $wish['request_key'],
            ] + $wish,
        )->assertCreated();
    }

    private function worked(int $seconds): void
    {
        CarbonImmutable::setTestNow(CarbonImmutable::now()->addSeconds($seconds));
        Artisan::call('queue:work', ['--stop-when-empty' => true, '--sleep' => 0, '--memory' => 1024]);
    }

    public function test_whoever_is_next_hears_in_seconds_and_at_night_has_until_the_morning(): void
    {
        $this->sheet = $this->sheet(minutes: 60, rules: Stated::of(['waiting' => true]));
        $this->book($this->sheet, $this->wish($this->sheet, '20:00'))->assertCreated();
        $this->join('Bao Lin');
        $this->join('Cleo Day');
        CarbonImmutable::setTestNow('2026-11-26T03:00:00Z');
        $booking = Booking::query()->firstOrFail();
        $this->ask('post', "/api/p/{$booking->pass->token()}/bookings/$booking->id/give-back")->assertOk();
        $this->worked(30);
        [$bao, $cleo] = Waiting::query()->orderBy('id')->get()->all();
        // 23:00 in Halifax: two hours of the day, from 7:00 on.
        self::assertSame('2026-11-26T13:00:00Z', $bao->offered_until?->format('Y-m-d\TH:i:s\Z'));
        $this->post("/w/{$bao->token()}/decline");
        $this->worked(2);
        self::assertNotNull($cleo->refresh()->offered_start);
        self::assertSame(
            2,
            Pass::query()
                ->where('name', 'like', '% %')
                ->whereIn('id', [$bao->pass_id, $cleo->pass_id])
                ->count(),
        );
    }

    /** @return iterable<string, array{string, string}> the clock in Lisbon when it is offered, and until when */
    public static function nights(): iterable
    {
        yield 'by day' => ['2027-03-26 10:00', '2027-03-26 12:00'];
        yield 'until the evening' => ['2027-03-26 19:00', '2027-03-26 21:00'];
        yield 'over the night' => ['2027-03-26 20:30', '2027-03-27 08:30'];
        yield 'in the night' => ['2027-03-26 23:00', '2027-03-27 09:00'];
        yield 'before the morning' => ['2027-03-26 05:00', '2027-03-26 09:00'];
        // The tz database: on 28 March 2027 Lisbon goes from 1:00 to 2:00.
        yield 'over the night of a clock change' => ['2027-03-27 22:00', '2027-03-28 09:00'];
    }

    #[DataProvider('nights')]
    public function test_the_night_does_not_count(string $now, string $until): void
    {
        $zone = Zone::of('Europe/Lisbon');
        $at = static fn(string $said): int => $zone->instant(
            LocalDate::parse(substr($said, 0, 10)),
            60 * (int) substr($said, 11, 2) + (int) substr($said, 14, 2),
        );
        self::assertSame($at($until), QuietHours::after($at($now), 7_200, $zone));
    }
}
