<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\Booking;
use App\Models\BusySpan;
use App\Models\Calendar;
use App\Models\HostRole;
use App\Models\PlaceKind;
use App\Models\School;
use App\Models\Sheet;
use App\Publishing\ChangeSlot;
use App\Publishing\PublishSheet;
use App\Publishing\WriteSheet;
use App\School\UsualQuestions;
use App\Writing\PlaceStatement;
use App\Writing\SheetFormData;
use App\Writing\SheetStatement;
use Carbon\CarbonImmutable;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Recess\Repeat\Ending;
use Recess\Repeat\Weekly;
use Recess\Rules\Stated;
use Recess\Slots\Block;
use Recess\Slots\Cut;
use Recess\Time\Hours;
use Recess\Time\LocalDate;
use Recess\Time\LocalTime;
use Recess\Time\Span;
use Recess\Time\Weekday;

/**
 * In worlds made by chance: what the page says is free can be booked by whoever looks, and nothing else can.
 *
 * The page and the booking come to their answers by different ways (a term of rulers read through the cache of one
 * second; one slot inside a transaction), so that they agree is worth more than either.
 */
final class PageNeverLiesTest extends TestCase
{
    use RefreshDatabase;

    private const ZONES = [
        'America/Halifax',
        'Europe/Lisbon',
        'Asia/Kathmandu',
        'Australia/Adelaide',
        'Pacific/Chatham',
    ];

    private Randomizer $chance;

    /** @return iterable<string, array{int}> */
    public static function worlds(): iterable
    {
        foreach (range(1, 6) as $seed) {
            yield "world $seed" => [$seed];
        }
    }

    #[DataProvider('worlds')]
    public function test_what_is_free_can_be_booked_and_nothing_else(int $seed): void
    {
        $this->chance = new Randomizer(new Mt19937($seed));
        School::query()->create([
            'name' => 'Test Point School',
            'zone' => $this->one(self::ZONES),
            'country' => 'CA',
            'confirm_addresses' => false,
            'travel_minutes' => $this->one([0, 5, 15]),
        ]);
        $sheets = [
            $this->world('Wren Halloran', ['Iolo Bevan']),
            $this->world('Iolo Bevan', []),
            $this->world('Ffion Pugh', ['Wren Halloran']),
        ];
        $pass = $this->life($sheets);

        $tried = ['free' => 0, 'other' => 0];
        foreach ($sheets as $sheet) {
            $place = (int) $this->one($sheet->places->pluck('id')->all());
            foreach (['', $pass] as $who) {
                $can = static fn(array $slot): bool => $slot['state'] === 'free' &&
                    in_array($place, $slot['places'] ?? [$place], true);
                $all = $this->slots($sheet, $who);
                // Of both kinds, where there are both.
                $others = array_values(array_filter($all, static fn(array $slot): bool => !$can($slot)));
                foreach (
                    [...$this->some(array_values(array_filter($all, $can)), 3), ...$this->some($others, 3)]
                    as $slot
                ) {
                    $free = $can($slot);
                    $status = $this->tried(
                        $sheet,
                        $this->wish(
                            $sheet,
                            '20:00',
                            [
                                'slot' => $slot['key'],
                                'place' => $place,
                                'email' => 'new@mail.example',
                                'answers' => ['phone' => '902 555 0100', 'student' => 'Ada New'],
                            ] + ($who === '' ? [] : ['pass' => $who]),
                        ),
                    );
                    self::assertSame(
                        $free ? 201 : 409,
                        $status,
                        "World $seed, $sheet->title, {$slot['key']}, seen as {$slot['state']}" .
                            ($who === '' ? '' : ' with a pass'),
                    );
                    $tried[$free ? 'free' : 'other']++;
                }
            }
        }
        self::assertGreaterThan(0, min($tried), "In world $seed some times could be had and some could not.");
        foreach ($sheets as $sheet) {
            $this->anUnchangedEditMovesNobody($sheet->refresh(), $seed);
            $this->aMoveGoesWhereThePageSays($sheet, $seed);
            $this->whatIsKeptIsFreeToItsKeeper($sheet, $seed);
        }
    }

    private function anUnchangedEditMovesNobody(Sheet $sheet, int $seed): void
    {
        $this->actingAs($sheet->host);
        $standing = Booking::query()->where('sheet_id', $sheet->id)->count();
        $effect = $this->ask('post', "/api/staff/sheets/$sheet->id/effect", SheetFormData::of($sheet))->assertOk();
        self::assertSame(
            [$standing, []],
            [$effect->json('stays'), $effect->json('changes')],
            "World $seed, $sheet->title, saved as it is.",
        );
        Auth::forgetGuards();
    }

    private function aMoveGoesWhereThePageSays(Sheet $sheet, int $seed): void
    {
        $booking = Booking::query()->where('sheet_id', $sheet->id)->first();
        if ($booking === null) {
            return;
        }
        $pass = $booking->pass->token();
        foreach ($this->some($this->slots($sheet, $pass, moving: $booking->id), 4) as $slot) {
            $own = (int) strtotime((string) $slot['key']) === $booking->span()->start;
            // Whom else one would meet there one is asked first.
            $other = array_values(array_diff($slot['hosts'] ?? [], [$booking->host->slug]));
            $same = !isset($slot['hosts']) || in_array($booking->host->slug, $slot['hosts'], true);
            $ask = fn(array $with) => fn() => $this->ask(
                'post',
                "/api/p/$pass/bookings/$booking->id/move",
                ['slot' => $slot['key']] + $with,
            );
            if (!$own && $slot['state'] === 'free' && !$same) {
                self::assertSame(
                    409,
                    $this->triedTo($ask([])),
                    "World $seed, $sheet->title, moved to {$slot['key']} and somebody else.",
                );
            }
            $status = $this->triedTo($ask($same ? [] : ['host' => $other[0]]));
            self::assertSame(
                $own || $slot['state'] === 'free' ? 200 : 409,
                $status,
                "World $seed, $sheet->title, moved to {$slot['key']}, seen as {$slot['state']}.",
            );
        }
    }

    private function whatIsKeptIsFreeToItsKeeper(Sheet $sheet, int $seed): void
    {
        foreach ($this->some($this->free($sheet), 1) as $slot) {
            $key = '7f3c1f0e-2b1d-4c55-9b6e-0a4f6d3c9a11';
            $this->ask('post', "/api/s/$sheet->slug/keep", ['slot' => $slot['key'], 'keep_key' => $key])->assertOk();
            $seen = array_column($this->slots($sheet, '', kept: $key), 'state', 'key');
            self::assertSame(
                'free',
                $seen[$slot['key']] ?? '',
                "World $seed, $sheet->title, {$slot['key']}, to whoever keeps it.",
            );
            self::assertSame(
                201,
                $this->tried(
                    $sheet,
                    ['keep_key' => $key] +
                        $this->wish($sheet, '20:00', [
                            'slot' => $slot['key'],
                            'email' => 'keeps@mail.example',
                            'answers' => ['phone' => '902 555 0100', 'student' => 'Ada Keeps'],
                        ]),
                ),
            );
        }
    }

    /**
     * A sheet by chance: on two weekdays, in meetings of any length, in a zone of any kind.
     *
     * @param  list<string>  $colleagues
     */
    private function world(string $host, array $colleagues): Sheet
    {
        $from = $this->one([9, 13, 15]);
        $roles = [];
        foreach ($this->one([true, false]) ? $colleagues : [] as $name) {
            $roles[$this->host($name)->id] = $this->one([HostRole::Must, HostRole::Any]);
        }
        $places = $this->some(
            [
                new PlaceStatement(PlaceKind::Room, "Room of $host"),
                new PlaceStatement(PlaceKind::Phone, 'By phone'),
                new PlaceStatement(PlaceKind::Room, 'Hall'),
            ],
            2,
        );
        $sheet = app(WriteSheet::class)(
            $this->host($host),
            new SheetStatement(
                title: "Hours of $host",
                intro: '',
                blocks: [
                    Block::of(
                        Weekly::on(
                            $this->some([Weekday::Tuesday, Weekday::Thursday, Weekday::Friday], 2),
                            LocalDate::parse('2026-11-24'),
                            Ending::until(LocalDate::parse('2026-12-05')),
                        ),
                        Hours::between(LocalTime::of($from), LocalTime::of($from + 2)),
                        Cut::of($this->one([15, 20, 30]), $this->one([0, 5])),
                    ),
                ],
                places: $places,
                questions: UsualQuestions::all(),
                rules: Stated::of([
                    'seats' => $this->one([1, 1, 3]),
                    'lead_minutes' => $this->one([0, 60, 1440]),
                    'lead_days' => $this->one([null, null, 1]),
                    'lead_by' => $this->one(['08:00', '15:00']),
                    'furthest_days' => $this->one([null, 7, 60]),
                    'per_visitor' => $this->one([null, 1, 2]),
                    'per_student' => $this->one([null, 1]),
                    'per_day' => $this->one([null, 2]),
                ]),
                colleagues: $roles,
            ),
            CarbonImmutable::now()->getTimestamp(),
        );

        return app(PublishSheet::class)($sheet, CarbonImmutable::now()->getTimestamp());
    }

    /**
     * Others book, calendars fill, slots are closed by hand; and somebody has a pass with some meetings on it.
     *
     * @param  list<Sheet>  $sheets
     * @return string the token of that pass
     */
    private function life(array $sheets): string
    {
        $pass = '';
        foreach ($sheets as $sheet) {
            // What one books may leave less for the next: looked at anew each time.
            foreach (range(1, 3) as $number) {
                foreach ($this->some($this->free($sheet), 1) as $slot) {
                    $this->book(
                        $sheet,
                        ['slot' => $slot['key'], 'place' => $this->one($sheet->places->pluck('id')->all())] +
                            $this->otherWish($sheet, '20:00', "Visitor $number of $sheet->id"),
                    )->assertCreated();
                }
            }
            $known = $this->some($this->slots($sheet, $pass, 'free'), 1);
            $wish =
                [
                    'slot' => $known[0]['key'] ?? '',
                    'place' => ($known[0]['places'] ?? [$sheet->places->firstOrFail()->id])[0],
                ] + $this->wish($sheet);
            $answer =
                $known === []
                    ? null
                    : $this->book($sheet, ($pass === '' ? [] : ['pass' => $pass]) + $wish)->assertCreated();
            $pass = $answer === null ? $pass : substr((string) $answer->json('path'), 3);

            foreach ($this->some($this->free($sheet), 2) as $slot) {
                $span = Span::of(
                    (int) strtotime((string) $slot['key']),
                    (int) strtotime((string) $slot['key']) + 60 * $slot['length'],
                );
                app(ChangeSlot::class)(
                    $sheet,
                    $span,
                    closed: (bool) $this->one([true, false]),
                    extraSeats: $this->one([0, 1]),
                );
            }
            $calendar = Calendar::query()->create(['staff_id' => $sheet->staff_id, 'name' => 'Mine']);
            foreach ($this->some($this->free($sheet), 2) as $slot) {
                $start = (int) strtotime((string) $slot['key']) + 60 * $this->one([-5, 0, 10]);
                BusySpan::query()->create([
                    'calendar_id' => $calendar->id,
                    'starts_at' => gmdate('Y-m-d H:i:s', $start),
                    'ends_at' => gmdate('Y-m-d H:i:s', $start + 1200),
                    'title' => 'Busy',
                ]);
            }
        }

        return $pass;
    }

    /**
     * @param  array<string, mixed>  $wish
     */
    private function tried(Sheet $sheet, array $wish): int
    {
        return $this->triedTo(fn() => $this->book($sheet, $wish));
    }

    /** @param  \Closure(): \Illuminate\Testing\TestResponse<\Illuminate\Http\JsonResponse>  $press */
    private function triedTo(\Closure $press): int
    {
        DB::beginTransaction();
        try {
            return $press()->getStatusCode();
        } finally {
            DB::rollBack();
            // It did not happen, so nobody remembers it.
            apcu_clear_cache();
        }
    }

    /** @return list<array{key: string, state: string, length: int, places?: list<int>}> all that the page would draw, leaf by leaf */
    private function slots(
        Sheet $sheet,
        string $pass,
        ?string $state = null,
        ?int $moving = null,
        string $kept = '',
    ): array {
        $slots = [];
        $from = '2026-11-24';
        while ($from !== null) {
            $seen = $this->ask(
                'get',
                "/api/s/$sheet->slug?" .
                    http_build_query(
                        array_filter([
                            'from' => $from,
                            'pass' => $pass,
                            'student' => $pass === '' || $moving !== null ? '' : 'Ada New',
                            'moving' => $moving,
                            'kept' => $kept,
                        ]),
                    ),
            )->assertOk();
            foreach ((array) $seen->json('days') as $day) {
                foreach ($day['stretches'] as $stretch) {
                    array_push($slots, ...$stretch['slots']);
                }
            }
            $from = $seen->json('later');
        }

        return array_values(
            array_filter($slots, static fn(array $slot): bool => $state === null || $slot['state'] === $state),
        );
    }

    /** @return list<array{key: string, state: string, length: int, places?: list<int>}> */
    private function free(Sheet $sheet): array
    {
        return $this->slots($sheet, '', 'free');
    }

    /**
     * @template T
     *
     * @param  array<T>  $of
     * @return T
     */
    private function one(array $of): mixed
    {
        return $of[$this->chance->pickArrayKeys($of, 1)[0]];
    }

    /**
     * @template T
     *
     * @param  list<T>  $of
     * @return list<T> up to so many of them
     */
    private function some(array $of, int $atMost): array
    {
        return $of === []
            ? []
            : array_map(
                static fn(int|string $key): mixed => $of[$key],
                $this->chance->pickArrayKeys($of, min(count($of), $atMost)),
            );
    }
}
