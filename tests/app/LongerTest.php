<?php

declare(strict_types=1);

namespace Tests\App;

use App\Directory\Student;
use App\Models\Booking;
use App\Models\BookingState;
use App\Models\Hold;
use App\Models\Pass;
use App\Models\Round;
use App\Rounds\RoundHost;
use Illuminate\Support\Str;

/** Whom a teacher of a round meets for longer has several times in a row, wherever it is booked, moved, given back or written. */
final class LongerTest extends RoundTestCase
{
    public function test_planned_kept_given_back_and_taken_again(): void
    {
        [$round, $pass, $wren] = $this->withAdaForLonger();
        $pick = ['sheet' => $wren, 'student' => 'Ada Fay'];
        // 15 minutes, a gap of 5, and 15 more; the last of the evening has nothing after it.
        $meeting = $this->plan($round, $pass, [$pick])
            ->assertOk()
            ->json('days.0.meetings.0');
        self::assertSame(['16:00', '16:35', 35], [$meeting['from'], $meeting['until'], $meeting['length']]);
        $this->keep($round, $pass, [$pick + ['start' => self::EVENING . 'T21:40:00Z']])->assertConflict();
        $this->keep($round, $pass, [$pick + ['start' => $meeting['key']]])->assertCreated();
        $booking = $pass->bookings()->firstOrFail();
        self::assertSame([2100, 900], [$booking->span()->seconds(), $booking->slot()->seconds()]);

        // Nobody else has any of it, and whoever only types the name hears nothing of it.
        $ed = self::guardian('Ed Nox')->pass();
        $free = $this->ask('get', "/api/s/$wren?pass={$ed->token()}")->assertOk();
        self::assertSame(['16:40', '17:00', '17:20', '17:40'], self::free($free->json('days')));
        $this->keep($round, $ed, [
            ['sheet' => $wren, 'student' => 'Lo Nox', 'start' => self::EVENING . 'T20:20:00Z'],
        ])->assertConflict();
        $this->keep($round, $ed, [
            ['sheet' => $wren, 'student' => 'Lo Nox', 'start' => self::EVENING . 'T21:00:00Z'],
        ])->assertCreated();

        // Moved, it takes as long; where that is not, the true reason is said.
        $move = "/api/p/{$pass->token()}/bookings/$booking->id/move";
        $said = (string) $this->ask('post', $move, ['slot' => self::EVENING . 'T20:40:00Z'])
            ->assertConflict()
            ->json('message');
        self::assertStringStartsWith(
            'At 16:40 there is not enough time for this meeting, which is longer than others.',
            $said,
        );
        $this->ask('post', $move, ['slot' => self::EVENING . 'T21:20:00Z'])->assertOk();
        self::assertSame(2100, $booking->refresh()->span()->seconds());
        $this->ask('post', "/api/p/{$pass->token()}/bookings/$booking->id/undo")->assertOk();
        self::assertSame(
            [self::EVENING . 'T20:00:00Z', 2100],
            [$booking->refresh()->starts_at->format('Y-m-d\TH:i:s\Z'), $booking->span()->seconds()],
        );
        self::assertSame(
            2,
            Hold::query()
                ->where('staff_id', $this->wren->id)
                ->where('starts_at', '<', self::EVENING . ' 20:40:00')
                ->count(),
        );

        // What is written on the sheet meanwhile touches nobody, and given back all of it is free.
        $this->actingAs($this->wren);
        $part = $this->hers($round);
        $this->ask(
            'put',
            "/api/staff/round-parts/$part->id",
            ['directions' => 'Up the stairs'] + self::part('Room 12'),
        )->assertOk();
        self::assertSame([BookingState::Booked, 2100], [$booking->refresh()->state, $booking->span()->seconds()]);
        $this->ask('post', "/api/p/{$pass->token()}/bookings/$booking->id/give-back")->assertOk();
        self::assertSame(1, Hold::query()->where('staff_id', $this->wren->id)->count());
        $this->ask('post', "/api/p/{$pass->token()}/bookings/$booking->id/undo")->assertOk();
        self::assertSame(3, Hold::query()->where('staff_id', $this->wren->id)->count());
    }

    public function test_moved_with_its_evening_and_with_its_teacher(): void
    {
        [$round, $pass, $wren] = $this->withAdaForLonger();
        $this->keep($round, $pass, [
            ['sheet' => $wren, 'student' => 'Ada Fay', 'start' => self::EVENING . 'T20:00:00Z'],
        ])->assertCreated();
        $this->actingAs($this->office);
        $this->ask('post', "/api/staff/rounds/$round->id/evening", [
            'from' => self::EVENING,
            'to' => '2026-12-10',
        ])->assertOk();
        $holds = Hold::query()->where('staff_id', $this->wren->id)->orderBy('starts_at')->get();
        self::assertSame(
            ['12-10 20:00 to 20:15', '12-10 20:15 to 20:35'],
            $holds
                ->map(
                    static fn(Hold $one): string => $one->starts_at->format('m-d H:i') .
                        ' to ' .
                        $one->ends_at->format('H:i'),
                )
                ->all(),
        );
        // Away for its second half: there is another time that is as long.
        $form = [
            'host' => $this->hers($round)->id,
            'times' => [['date' => '2026-12-10', 'from' => '16:20', 'until' => '16:40']],
        ];
        $hit = $this->ask('post', "/api/staff/rounds/$round->id/away/effect", $form)
            ->assertOk()
            ->json('hits.0');
        $best = array_column($hit['others'], null, 'key')[$hit['best']];
        self::assertSame('16:40 with Wren Halloran', $best['said']);
        $choice = ['booking' => $hit['booking'], 'sheet' => $best['sheet'], 'start' => $best['start']];
        $this->ask('post', "/api/staff/rounds/$round->id/away", $form + ['choices' => [$choice]])->assertOk();
        $booking = Booking::query()->firstOrFail();
        self::assertSame(['20:40', '21:15'], [$booking->starts_at->format('H:i'), $booking->ends_at->format('H:i')]);
    }

    public function test_who_says_so_and_what_cannot_be(): void
    {
        [$round] = $this->withAdaForLonger();
        $at = "/api/staff/round-parts/{$this->hers($round)->id}";
        $this->actingAs($this->wren);
        [$ada, $cy] = array_map(
            static fn(string $name): int => Student::query()->where('name', $name)->firstOrFail()->id,
            ['Ada Fay', 'Cy Fay'],
        );
        foreach (
            [
                'longer.0.id' => [['id' => $cy, 'times' => 2]],
                'longer.0.times' => [['id' => $ada, 'times' => 1]],
                'longer.1.id' => [['id' => $ada, 'times' => 2], ['id' => $ada, 'times' => 3]],
                'longer' => 'all',
                'longer.0' => ['x'],
            ]
            as $field => $wrong
        ) {
            $this->ask('put', $at, ['longer' => $wrong] + self::part('Room 12'))
                ->assertUnprocessable()
                ->assertJsonValidationErrors($field);
        }
        $this->ask('put', $at, ['longer' => []] + self::part('Room 12'))
            ->assertOk()
            ->assertJsonPath('longer', []);
    }

    /** @return array{Round, Pass, string} where Wren meets Ada for twice as long as others */
    private function withAdaForLonger(): array
    {
        $round = $this->published();
        $ada = Student::query()->where('name', 'Ada Fay')->firstOrFail();
        $this->actingAs($this->wren);
        $this->ask(
            'put',
            "/api/staff/round-parts/{$this->hers($round)->id}",
            ['longer' => [['id' => $ada->id, 'times' => 2]]] + self::part('Room 12'),
        )
            ->assertOk()
            ->assertJsonPath('longer', [['id' => $ada->id, 'name' => 'Ada Fay', 'times' => 2]]);

        return [$round, self::guardian('Uma Fay')->pass(), $this->slug($this->wren)];
    }

    private function hers(Round $round): RoundHost
    {
        return RoundHost::query()
            ->where(['round_id' => $round->id, 'staff_id' => $this->wren->id])
            ->firstOrFail();
    }

    /**
     * @param  list<array<string, mixed>>  $days
     * @return list<string> the clock times of what is free
     */
    private static function free(array $days): array
    {
        $slots = array_merge(...array_column(array_merge(...array_column($days, 'stretches')), 'slots'));

        return array_values(
            array_map(
                static fn(array $slot): string => Str::before($slot['from'], ' '),
                array_filter($slots, static fn(array $slot): bool => $slot['state'] === 'free'),
            ),
        );
    }
}
