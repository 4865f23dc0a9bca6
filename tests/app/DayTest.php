<?php

declare(strict_types=1);

namespace Tests\App;

use App\Line\DayCode;
use App\Line\DayOf;
use App\Line\DeskDay;
use App\Line\Press;
use App\Live\Channel;
use App\Models\Booking;
use App\Models\HostRole;
use App\Models\Outcome;
use App\Models\Pass;
use App\Models\Secret;
use App\Models\Sheet;
use App\Models\StaffMember;
use App\Models\Turn;
use App\School\Kiosk;
use Carbon\CarbonImmutable;
use Demo\StandInRooms;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\Client\Request as SentRequest;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Http;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Recess\Rules\Stated;

/** An evening in Halifax, 16:00 to 17:00 (20:00 to 21:00 UTC), four meetings of a quarter of an hour. */
final class DayTest extends TestCase
{
    use RefreshDatabase;

    private Sheet $sheet;

    private StaffMember $wren;

    /** @var array<string, Booking> by the UTC time at which they begin */
    private array $at = [];

    protected function setUp(): void
    {
        parent::setUp();
        config(['recess.day_begins' => '04:00']);
        $this->sheet = $this->sheet(rules: Stated::of(['link_shown' => 'called', 'guests' => 1, 'seats' => 1]));
        $this->wren = $this->sheet->host;
        foreach (
            ['20:00' => 'Ama Otoo', '20:15' => 'Bo Lin', '20:30' => 'Cy Dray', '20:45' => 'Dee Fox']
            as $time => $who
        ) {
            $this->book($this->sheet, $this->otherWish($this->sheet, $time, $who))->assertCreated();
            $this->at[$time] = Booking::query()->latest('id')->firstOrFail();
        }
        DB::table('jobs')->delete();
        DB::table('stamps')->delete();
        $this->clock('19:55');
    }

    private function clock(string $time): void
    {
        CarbonImmutable::setTestNow(self::EVENING . "T$time:00Z");
    }

    private function key(string $time): string
    {
        return 'b' . $this->at[$time]->id;
    }

    /** @return TestResponse<\Illuminate\Http\JsonResponse> */
    private function say(string $time, string $what, array $body): TestResponse
    {
        return $this->ask(
            'post',
            "/api/p/{$this->at[$time]->pass->token()}/bookings/{$this->at[$time]->id}/$what",
            $body,
        );
    }

    /** @return TestResponse<\Illuminate\Http\JsonResponse> */
    private function press(string $what, array $body = [], ?int $revision = null): TestResponse
    {
        $this->actingAs($this->wren);

        return $this->ask(
            'post',
            "/api/staff/desk/{$this->wren->id}/presses",
            ['what' => $what, 'revision' => $revision ?? $this->revision()] + $body,
        );
    }

    private function revision(): int
    {
        return (int) DeskDay::query()->where('staff_id', $this->wren->id)->value('revision');
    }

    /** @return array<string, mixed> what the pass says of the line */
    private function line(string $time): array
    {
        return $this->ask('get', "/api/p/{$this->at[$time]->pass->token()}")
            ->assertOk()
            ->json('bookings.0.line');
    }

    /** @return array<string, mixed> a row of the desk */
    private function row(TestResponse $desk, string $key): array
    {
        return collect($desk->json('turns'))->firstWhere('key', $key);
    }

    public function test_one_after_the_other_from_here_to_over(): void
    {
        self::assertSame('ahead', $this->line('20:15')['state']);
        $this->say('20:15', 'here', ['here' => true])
            ->assertConflict()
            ->assertJsonPath(
                'message',
                'That is too early: from 16:05 on Thursday 3 December 2026 you can say that you are here. Nothing is lost; come back then.',
            );
        $this->say('20:00', 'here', ['here' => true])
            ->assertOk()
            ->assertJsonPath('bookings.0.line.state', 'here');
        $arrived = Turn::query()->where('booking_id', $this->at['20:00']->id)->value('arrived_at');
        $this->clock('19:57');
        $this->say('20:00', 'here', ['here' => true])->assertOk();
        self::assertEquals(
            $arrived,
            Turn::query()->where('booking_id', $this->at['20:00']->id)->value('arrived_at'),
            'Saying it twice changes nothing.',
        );

        $desk = $this->press('call', ['who' => [$this->key('20:00')]])->assertOk();
        self::assertNotNull($this->row($desk, $this->key('20:00'))['called']);
        self::assertSame('called', $this->line('20:00')['state']);
        $this->say('20:00', 'here', ['here' => false])->assertConflict();

        $this->clock('20:07');
        $this->say('20:15', 'here', ['here' => true])->assertOk();
        [$low, $high] = $this->line('20:15')['wait'];
        self::assertTrue($low <= 5 && $high >= 5 && $high < 16, "some minutes: $low to $high");
        // What is said stays said while it is true.
        $this->clock('20:08');
        self::assertLessThanOrEqual($high, $this->line('20:15')['wait'][1]);

        $this->clock('20:20');
        $desk = $this->press('call', ['who' => [$this->key('20:15')]])->assertOk();
        self::assertSame(
            'met',
            $this->row($desk, $this->key('20:00'))['outcome'],
            'Whoever was in goes when the next is called.',
        );
        self::assertSame('over', $this->line('20:00')['state']);
        $this->press('end', ['who' => [$this->key('20:15')]])->assertOk();
        $this->press('end', ['who' => [$this->key('20:15')]])
            ->assertConflict()
            ->assertJsonPath('message', 'That meeting is over already. Nothing was changed.');
        $this->say('20:15', 'here', ['here' => true])->assertConflict();
    }

    public function test_a_shared_link_is_there_while_one_is_in_and_at_no_other_time_nor_way(): void
    {
        $link = 'https://video.school.example/one-for-all';
        $this->sheet
            ->places()
            ->reorder()
            ->update(['kind' => 'video', 'label' => 'Video', 'link' => $link]);
        $pass = $this->at['20:00']->pass;
        $other = $this->at['20:15']->pass;
        $seen = fn(Pass $of): array => array_map(
            fn(string $path): bool => str_contains((string) $this->get($path)->getContent(), substr($link, 8)),
            [
                'page' => "/p/{$of->token()}",
                'data' => "/api/p/{$of->token()}",
                'entry' =>
                    "/p/{$of->token()}/bookings/" . Booking::query()->where('pass_id', $of->id)->value('id') . '.ics',
                'calendar' => "/p/{$of->token()}/bookings.ics",
                'kept' => "/p/{$of->token()}/kept",
                'sheet' => "/s/{$this->sheet->slug}",
                'sheet data' => "/api/s/{$this->sheet->slug}",
            ],
        );
        $nowhere = array_fill_keys(['page', 'data', 'entry', 'calendar', 'kept', 'sheet', 'sheet data'], false);
        $unescaped = fn(array $found): array => $found;
        $this->say('20:00', 'here', ['here' => true])->assertOk();
        self::assertSame($nowhere, $unescaped($seen($pass)));
        Artisan::call('recess:remind');
        $this->delivered();
        self::assertSame(
            0,
            DB::table('mailroom_messages')
                ->where('raw', 'like', '%one-for-all%')
                ->where('recipient', 'like', '%@mail.example')
                ->count(),
        );
        $this->clock('20:00');
        $this->press('call', ['who' => [$this->key('20:00')]])->assertOk();
        $this->ask('get', "/api/p/{$pass->token()}")->assertJsonPath('bookings.0.place.link', $link);
        self::assertSame($nowhere, $seen($other), 'The next one sees nothing of it.');
        $this->press('call', ['who' => [$this->key('20:15')]])->assertOk();
        self::assertNull(
            $this->ask('get', "/api/p/{$pass->token()}")->json('bookings.0.place.link'),
            'Over, it is gone again: nobody walks into the next talk.',
        );
    }

    public function test_of_two_tabs_one_wins_and_each_press_can_be_taken_back(): void
    {
        $before = $this->revision();
        $this->press('call', ['who' => [$this->key('20:00')]], $before)->assertOk();
        $this->press('call', ['who' => [$this->key('20:15')]], $before)
            ->assertConflict()
            ->assertJsonPath(
                'message',
                'Something was pressed at this desk a moment before. Nothing of yours was done; this is how it is now.',
            );
        self::assertNull(Turn::query()->where('booking_id', $this->at['20:15']->id)->first());

        $this->press('more', ['who' => [$this->key('20:00')], 'minutes' => 5])->assertOk();
        $desk = $this->press('late', ['minutes' => 10])->assertOk();
        $undo = fn(string $key) => $this->ask('post', "/api/staff/desk/{$this->wren->id}/undo", [
            'revision' => $this->revision(),
            'key' => $key,
        ]);
        $last = (string) $desk->json('undo.key');
        $back = $undo($last)->assertOk()->assertJsonPath('late_minutes', 0);
        $undo($last)->assertConflict();
        $back = $undo((string) $back->json('undo.key'))->assertOk();
        self::assertSame(0, Turn::query()->where('booking_id', $this->at['20:00']->id)->value('more_minutes'));
        $back = $undo((string) $back->json('undo.key'))->assertOk()->assertJsonPath('undo', null);
        self::assertNull($this->row($back, $this->key('20:00'))['called']);
        self::assertNull($this->at['20:00']->refresh()->called_in_at);

        // Too late: what others were told stays.
        $desk = $this->press('missed', ['who' => [$this->key('20:00')]])->assertOk();
        CarbonImmutable::setTestNow(CarbonImmutable::now()->addSeconds(\App\Framework\Undoable::TOLD));
        $undo((string) $desk->json('undo.key'))->assertConflict();
    }

    public function test_what_a_visitor_did_meanwhile_survives_the_way_back(): void
    {
        $this->clock('20:06');
        $desk = $this->press('missed', ['who' => [$this->key('20:00')]])->assertOk();
        self::assertSame('missed', $this->line('20:00')['state']);
        $this->say('20:00', 'here', ['here' => true])
            ->assertOk()
            ->assertJsonPath('bookings.0.line.state', 'here');
        $this->ask('post', "/api/staff/desk/{$this->wren->id}/undo", [
            'revision' => $this->revision(),
            'key' => $desk->json('undo.key'),
        ])->assertOk();
        self::assertSame('here', $this->line('20:00')['state']);
    }

    public function test_two_change_times_each_is_told_once_and_taken_back_nobody_is(): void
    {
        [$ama, $dee] = [$this->at['20:00'], $this->at['20:45']];
        $desk = $this->press('swap', ['who' => [$this->key('20:00'), $this->key('20:45')]])->assertOk();
        self::assertSame(
            ['20:45', '20:00'],
            [$ama->refresh()->starts_at->format('H:i'), $dee->refresh()->starts_at->format('H:i')],
        );
        self::assertNotSame($ama->hold_id, $dee->hold_id);
        $this->ask('post', "/api/staff/desk/{$this->wren->id}/undo", [
            'revision' => $this->revision(),
            'key' => $desk->json('undo.key'),
        ])->assertOk();
        self::assertSame(
            ['20:00', '20:45'],
            [$ama->refresh()->starts_at->format('H:i'), $dee->refresh()->starts_at->format('H:i')],
        );
        DB::table('mailroom_messages')->delete();
        $this->delivered();
        self::assertSame(
            0,
            DB::table('mailroom_messages')->where('recipient', 'like', '%@mail.example')->count(),
            'Nobody hears of what was taken back.',
        );
        $this->clock('19:56');
        $this->press('swap', ['who' => [$this->key('20:00'), $this->key('20:45')]])->assertOk();
        $this->delivered();
        self::assertSame(2, DB::table('mailroom_messages')->where('recipient', 'like', '%@mail.example')->count());
        $other = $this->sheet(title: 'Others', date: '2026-12-04');
        $this->book(
            $other,
            ['slot' => '2026-12-04T20:00:00Z'] + $this->otherWish($other, '20:00', 'Eve Gill'),
        )->assertCreated();
        $this->press('swap', ['who' => [$this->key('20:00'), 'b' . Booking::query()->max('id')]])->assertConflict();
    }

    public function test_a_word_goes_to_who_waits_and_a_short_one_comes_back(): void
    {
        $this->press('word', ['word' => 'Two more minutes, please.'])
            ->assertConflict()
            ->assertJsonPath('message', 'Nobody waits just now, so the word went to nobody.');
        $this->say('20:00', 'here', ['here' => true])->assertOk();
        $this->press('word', ['word' => 'Two more minutes, please.'])->assertOk();
        self::assertSame('Two more minutes, please.', $this->line('20:00')['word']);
        self::assertSame('', $this->line('20:15')['word']);
        $this->say('20:00', 'word', ['answer' => 'On the stairs'])->assertOk();
        $this->say('20:15', 'word', ['answer' => 'Me too'])->assertConflict();
        $this->say('20:00', 'word', ['answer' => str_repeat('x', 61)])
            ->assertUnprocessable()
            ->assertJsonValidationErrors('answer');
        $this->press('word', ['word' => str_repeat('x', 2_000_000)])
            ->assertUnprocessable()
            ->assertJsonValidationErrors('word');
        $desk = $this->ask('get', "/api/staff/desk/{$this->wren->id}")->assertOk();
        self::assertSame('On the stairs', $this->row($desk, $this->key('20:00'))['answer']);
    }

    public function test_somebody_without_a_booking_sent_away_a_break_and_a_group(): void
    {
        $this->press('unbooked', ['name' => '', 'minutes' => 5])
            ->assertUnprocessable()
            ->assertJsonValidationErrors('name');
        $desk = $this->press('unbooked', [
            'name' => 'Uma Fay',
            'student' => 'Ada Fay',
            'phone' => '902 555 0111',
            'minutes' => 5,
        ])->assertOk();
        $walk = (string) collect($desk->json('turns'))->firstWhere('booking', null)['key'];
        $this->press('call', ['who' => [$walk]])->assertOk();
        $desk = $this->press('break', ['minutes' => 10])->assertOk();
        self::assertSame('met', $this->row($desk, $walk)['outcome']);
        $this->say('20:00', 'here', ['here' => true])
            ->assertOk()
            ->assertJsonPath('bookings.0.line.break_until', '16:05');
        $this->press('away', ['who' => [$this->key('20:15')], 'word' => 'I am sorry.'])->assertOk();
        self::assertSame(['away', 'I am sorry.'], [$this->line('20:15')['state'], $this->line('20:15')['word']]);
        $this->press('call', ['who' => [$this->key('20:30'), $this->key('20:45')]])->assertOk();
        self::assertSame(['called', 'called'], [$this->line('20:30')['state'], $this->line('20:45')['state']]);
        $this->at['20:00']->update(['state' => 'cancelled', 'hold_id' => null, 'seat' => null]);
        $this->press('call', ['who' => [$this->key('20:00')]])
            ->assertConflict()
            ->assertJsonPath(
                'message',
                'They are not on this day any more: the time was cancelled or moved. Nothing was changed.',
            );
        $this->say('20:00', 'here', ['here' => true])->assertConflict();
    }

    public function test_a_host_who_runs_late_is_said_once_it_matters_by_mail_and_text_and_not_by_a_desk_asleep(): void
    {
        $this->at['20:30']->pass->update(['late_by_text' => true]);
        $this->at['20:45']->pass->update(['late_by_mail' => false]);
        $late = function (string $clock): int {
            $this->clock($clock);
            DB::table('mailroom_messages')->delete();
            Artisan::call('recess:late');
            $this->delivered();

            return DB::table('mailroom_messages')->where('subject', 'like', '%minutes late')->count();
        };
        self::assertSame(0, $late('20:40'), 'Nothing was pressed today: nothing is known.');
        $this->clock('20:02');
        $this->press('call', ['who' => [$this->key('20:00')]])->assertOk();
        self::assertSame(0, $late('20:12'), 'On time.');
        $this->clock('20:21');
        $this->say('20:15', 'here', ['here' => true])->assertOk();
        $this->say('20:30', 'here', ['here' => true])->assertOk();
        self::assertSame(2, $late('20:27'), 'Bo and Cy; Dee wants no mail.');
        self::assertSame(
            1,
            DB::table('mailroom_messages')
                ->where('subject', 'Text message')
                ->where('raw', 'like', '%Wren Halloran runs about%')
                ->count(),
        );
        self::assertSame(['booked'], Booking::query()->distinct()->pluck('state')->map->value->all());
        self::assertSame(0, $late('20:28'), 'Not twice of the same.');
        self::assertGreaterThan(0, $this->line('20:45')['late']);
        self::assertSame(0, $late('21:02'), 'After an hour it was forgotten to press, and nobody is late.');
        self::assertSame(0, $this->line('20:45')['late']);
    }

    public function test_one_state_for_pass_desk_tablet_and_letters_whenever_somebody_is_called_in(): void
    {
        // At the entrance thirteen minutes before their time: taken in, where their own page says from when.
        $this->clock('19:47');
        $kiosk = Kiosk::query()->create(['school_id' => $this->wren->school_id, 'name' => 'Main door']);
        $kiosk->update(['token_hash' => Secret::hash($kiosk->token())]);
        $at = "/api/kiosk/{$kiosk->token()}";
        self::assertSame('ahead', $this->line('20:00')['state']);
        $this->say('20:00', 'here', ['here' => true])->assertConflict();
        $meeting = $this->ask('post', "$at/find", ['code' => $this->at['20:00']->pass->link()])->json('meetings.0');
        self::assertSame('open', $meeting['line']['state']);
        $this->ask('post', "$at/here", ['ticket' => $meeting['ticket']])
            ->assertOk()
            ->assertJsonPath('meetings.0.line.state', 'here');
        self::assertSame('here', $this->line('20:00')['state']);

        // Called in early, and over before it was to begin: what has been is not given back, moved or cancelled.
        $this->press('call', ['who' => [$this->key('20:00')]])->assertOk();
        $this->clock('19:56');
        $this->press('end', ['who' => [$this->key('20:00')]])->assertOk();
        $this->clock('19:58');
        $path = "/api/p/{$this->at['20:00']->pass->token()}";
        $booking = $this->ask('get', $path)->json('bookings.0');
        self::assertSame(
            [false, false, 'over'],
            [$booking['can_give_back'], $booking['can_move'], $booking['line']['state']],
        );
        $this->say('20:00', 'give-back', [])->assertConflict();
        $this->say('20:00', 'move', ['slot' => self::EVENING . 'T20:45:00Z'])->assertConflict();
        $this->actingAs($this->wren);
        $this->ask('post', "/api/staff/bookings/{$this->at['20:00']->id}/cancel")->assertConflict();
        $desk = $this->ask('get', "/api/staff/desk/{$this->wren->id}")->assertOk();
        self::assertNotNull($this->row($desk, $this->key('20:00')), 'It stays at the desk.');
    }

    public function test_who_waits_is_as_late_as_their_time_is_past_though_nobody_has_pressed(): void
    {
        $this->clock('20:02');
        $this->press('call', ['who' => [$this->key('20:00')]])->assertOk();
        $this->clock('20:14');
        $this->say('20:15', 'here', ['here' => true])->assertOk();
        // 52 minutes beyond its end, and the desk is asleep: whoever is there still reads at least that.
        $this->clock('21:07');
        self::assertGreaterThanOrEqual(50, $this->line('20:15')['late']);
        self::assertNull($this->line('20:15')['wait'], 'How long it still takes nobody knows.');
    }

    public function test_one_letter_of_lateness_and_another_only_of_quite_another_lateness(): void
    {
        $heard = function (string $clock): array {
            $this->clock($clock);
            DB::table('mailroom_messages')->delete();
            Artisan::call('recess:late');
            $this->delivered();

            return DB::table('mailroom_messages')
                ->where('recipient', $this->at['20:45']->pass->email)
                ->pluck('subject')
                ->all();
        };
        $this->clock('20:00');
        $this->press('late', ['minutes' => 40])->assertOk();
        self::assertSame(
            ['Wren Halloran runs about 30 minutes late'],
            $heard('20:02'),
            'Some of it is made up until then.',
        );
        $this->clock('20:03');
        $this->press('late', ['minutes' => 50])->assertOk();
        self::assertSame([], $heard('20:05'), 'Ten minutes more are no other news.');
        $this->clock('20:06');
        $this->press('late', ['minutes' => 0])->assertOk();
        $this->press('call', ['who' => [$this->key('20:00')]])->assertOk();
        $this->press('end', ['who' => [$this->key('20:00')]])->assertOk();
        self::assertSame(['Wren Halloran is in time again'], $heard('20:08'), 'Whoever would come too late hears it.');
        self::assertSame([], $heard('20:10'));
    }

    public function test_another_time_is_offered_and_taken_with_one_press(): void
    {
        $this->clock('20:10');
        $this->press('missed', ['who' => [$this->key('20:00')]])->assertOk();
        $next = $this->sheet;
        $next
            ->blocks()
            ->create(
                \App\Models\Block::columnsOf(
                    \Recess\Slots\Block::of(
                        \Recess\Repeat\OnDates::of(\Recess\Time\LocalDate::parse('2026-12-10')),
                        \Recess\Time\Hours::between(\Recess\Time\LocalTime::of(16), \Recess\Time\LocalTime::of(17)),
                        \Recess\Slots\Cut::of(15),
                    ),
                ),
            );
        $this->actingAs($this->wren);
        $offer = fn(string $time, string $slot) => $this->ask(
            'post',
            "/api/staff/bookings/{$this->at[$time]->id}/offer",
            ['slot' => $slot, 'word' => 'Will this do?'],
        );
        $offer('20:00', self::EVENING . 'T20:15:00Z')->assertConflict();
        $offer('20:00', '2026-12-10T20:00:00Z')->assertOk();
        $this->delivered();
        self::assertSame(
            1,
            DB::table('mailroom_messages')->where('subject', 'Wren Halloran offers you another time')->count(),
        );
        // Kept: nobody else has it meanwhile.
        $this->book(
            $this->sheet,
            ['slot' => '2026-12-10T20:00:00Z'] + $this->otherWish($this->sheet, '20:00', 'Eve Gill'),
        )->assertConflict();
        $this->say('20:00', 'offer', ['take' => true])->assertOk();
        self::assertSame(
            '2026-12-10 20:00',
            $this->at['20:00']->refresh()->starts_at->format('Y-m-d H:i'),
            'What was not, moves.',
        );
        self::assertNull(Turn::query()->where('booking_id', $this->at['20:00']->id)->first());
        $this->say('20:00', 'offer', ['take' => true])->assertConflict();

        $this->press('met', ['who' => [$this->key('20:15')]])->assertOk();
        $offer('20:15', '2026-12-10T20:15:00Z')->assertOk();
        $this->say('20:15', 'offer', ['take' => true])->assertOk();
        self::assertSame(
            [self::EVENING . ' 20:15', '2026-12-10 20:15'],
            Booking::query()
                ->where('pass_id', $this->at['20:15']->pass_id)
                ->orderBy('starts_at')
                ->get()
                ->map(static fn(Booking $one): string => $one->starts_at->format('Y-m-d H:i'))
                ->all(),
            'What was, has a second one.',
        );
        $offer('20:30', '2026-12-10T20:30:00Z')->assertOk();
        $texts = static fn(): int => DB::table('mailroom_messages')->where('subject', 'Text message')->count();
        $this->at['20:30']->pass->update(['email' => null, 'phone' => '+1 902 555 0131']);
        // Taken back within the moment in which it is not told yet: nobody hears of it, and the time is free.
        $this->ask('delete', "/api/staff/bookings/{$this->at['20:30']->id}/offer")->assertOk();
        $this->ask('delete', "/api/staff/bookings/{$this->at['20:30']->id}/offer")->assertConflict();
        DB::table('mailroom_messages')->delete();
        $this->delivered();
        $offer('20:45', '2026-12-10T20:45:00Z')->assertOk();
        self::assertSame(0, $texts());
        $this->actingAs($this->wren);
        $offer('20:30', '2026-12-10T20:30:00Z')->assertOk();
        $this->delivered();
        self::assertSame(1, $texts());
        $this->say('20:30', 'offer', ['take' => false])->assertOk();
        $this->book(
            $this->sheet,
            ['slot' => '2026-12-10T20:30:00Z'] + $this->otherWish($this->sheet, '20:30', 'Eve Gill'),
        )->assertCreated();
    }

    public function test_a_tablet_finds_by_code_card_or_name_and_time_and_tells_no_more(): void
    {
        $kiosk = Kiosk::query()->create(['school_id' => $this->wren->school_id, 'name' => 'Main door']);
        $kiosk->update(['token_hash' => Secret::hash($kiosk->token())]);
        $at = "/api/kiosk/{$kiosk->token()}";
        $day = DayOf::at(CarbonImmutable::now()->getTimestamp(), $this->wren->school->timeZone());
        $pass = $this->at['20:00']->pass;
        $code = strtolower(str_replace('-', ' ', DayCode::of($pass, $day)));
        foreach (
            [
                ['code' => $code],
                ['code' => $pass->link()],
                ['name' => ' ama  OTOO', 'time' => '16:00'],
                ['name' => 'Child of Ama Otoo', 'time' => '16:00'],
            ]
            as $how
        ) {
            $found = $this->ask('post', "$at/find", $how)->assertOk();
            self::assertCount(1, $found->json('meetings'));
            self::assertDoesNotMatchRegularExpression(
                '/Ama|Child|555|mail\.example/i',
                (string) $found->getContent(),
                'Nobody’s name, number or address.',
            );
        }
        foreach (
            [
                ['name' => 'Ama Otoo', 'time' => '16:15'],
                ['name' => 'Ama', 'time' => '16:00'],
                ['code' => 'nothing'],
                ['code' => str_repeat('x', 400)],
            ]
            as $how
        ) {
            $this->ask('post', "$at/find", $how)->assertUnprocessable();
        }
        $ticket = (string) $found->json('meetings.0.ticket');
        $this->ask('post', "$at/here", [
            'ticket' => $this->at['20:15']->id . substr($ticket, strpos($ticket, '-') ?: 0),
        ])->assertNotFound();
        $this->ask('post', "$at/here", ['ticket' => $ticket])
            ->assertOk()
            ->assertJsonPath('meetings.0.line.state', 'here')
            ->assertJsonPath('meetings.0.place', 'Room 12');
        $second = Kiosk::query()->create(['school_id' => $this->wren->school_id, 'name' => 'Back door']);
        $second->update(['token_hash' => Secret::hash($second->token())]);
        $there = (string) $this->ask('post', "/api/kiosk/{$second->token()}/find", ['code' => $code])->json(
            'meetings.0.ticket',
        );
        $this->ask('post', "/api/kiosk/{$second->token()}/here", ['ticket' => $ticket])->assertNotFound();
        $this->ask('post', "/api/kiosk/{$second->token()}/here", ['ticket' => $there])->assertOk();
        self::assertSame(1, Turn::query()->where('booking_id', $this->at['20:00']->id)->count());
        $this->ask('get', $at)->assertOk()->assertJsonPath('hosts.0.name', 'Wren Halloran');

        // By a name only near its time, and few tries of one name: a child's hours are not gone through.
        $this->clock('17:00');
        $this->ask('post', "$at/find", ['name' => 'Ama Otoo', 'time' => '16:00'])->assertUnprocessable();
        $this->ask('post', "$at/find", ['name' => 'Ama Otoo', 'time' => 'soon'])
            ->assertUnprocessable()
            ->assertJsonValidationErrors('time');
        $this->clock('20:00');
        $this->ask('post', "$at/find", ['name' => 'Ama Otoo', 'time' => '4.00'])->assertOk();
        foreach (['15:45', '16:20'] as $time) {
            $this->ask('post', "$at/find", ['name' => 'Child of Ama Otoo', 'time' => $time])->assertUnprocessable();
        }
        $this->ask('post', "$at/find", ['name' => 'Child of Ama Otoo', 'time' => '15:50'])->assertUnprocessable();
        $this->ask('post', "/api/kiosk/{$second->token()}/find", [
            'name' => 'CHILD of Ama  Otoo',
            'time' => '16:00',
        ])->assertTooManyRequests();
        self::assertArrayNotHasKey('times', (array) $this->ask('get', $at)->json(), 'Nothing is listed to strangers.');
        // Guessing ends; so does a tablet that was lost.
        for ($i = 0; $i < 40; $i++) {
            $last = $this->ask('post', "$at/find", ['name' => "Guess $i", 'time' => '16:00']);
        }
        $last->assertTooManyRequests();
        $office = tap($this->host('Ngozi Barre'))->update(['office' => true]);
        $this->actingAs($office->refresh());
        $this->ask('delete', "/api/staff/kiosks/$kiosk->id")->assertOk();
        $this->get("/kiosk/{$kiosk->token()}")->assertNotFound();
    }

    public function test_stamps_are_written_with_the_change_go_with_it_and_say_nothing(): void
    {
        $desk = Channel::desk($this->wren->id);
        $channels = static fn(): array => DB::table('stamps')->pluck('channel')->unique()->all();
        $this->say('20:00', 'here', ['here' => true])->assertOk();
        self::assertContains($desk, $channels());
        foreach ($this->at as $booking) {
            self::assertContains(
                Channel::pass($booking->pass),
                $channels(),
                'For all who come that day it may be otherwise.',
            );
        }
        DB::table('stamps')->delete();
        $this->press('call', ['who' => ['b99999']])->assertConflict();
        self::assertSame([], $channels(), 'What was undone is not told.');
        foreach (
            [
                $desk,
                Channel::pass(1),
                Channel::pass(2),
                Channel::sheet($this->sheet),
                Channel::entrance($this->wren->school),
            ]
            as $name
        ) {
            self::assertMatchesRegularExpression('/^[A-Za-z0-9_-]{43}$/D', $name);
        }
        self::assertNotSame(Channel::pass(1), Channel::pass(2));
    }

    public function test_who_may_press_at_a_desk(): void
    {
        $colleague = $this->host('Iolo Bevan');
        $try = function (StaffMember $who): int {
            $this->actingAs($who);

            return $this->getJson("/api/staff/desk/{$this->wren->id}")->getStatusCode();
        };
        self::assertSame(403, $try($colleague));
        $this->sheet->colleagues()->create(['staff_id' => $colleague->id, 'role' => HostRole::Any]);
        self::assertSame(403, $try($colleague), 'Who may stand in has a desk of their own.');
        $this->sheet->colleagues()->update(['role' => HostRole::Must]);
        self::assertSame(200, $try($colleague->refresh()));
        $this->actingAs($colleague);
        $page = (string) $this->get('/staff')->assertOk()->getContent();
        self::assertStringContainsString('data-component="Desk"', $page, 'Whoever has to be there sees the same desk.');
        // A note is its writer's: not the colleague's, not the office's, not the visitor's.
        $this->actingAs($this->wren);
        $this->ask('put', "/api/staff/bookings/{$this->at['20:00']->id}/note", [
            'text' => 'Reads under the desk.',
        ])->assertOk();
        $mine = $this->ask('get', "/api/staff/desk/{$this->wren->id}");
        self::assertSame('Reads under the desk.', $this->row($mine, $this->key('20:00'))['note']);
        $this->actingAs($colleague);
        self::assertStringNotContainsString(
            'under the desk',
            (string) $this->getJson("/api/staff/desk/{$this->wren->id}")->getContent() .
                $this->get("/p/{$this->at['20:00']->pass->token()}")->getContent(),
        );
        $this->actingAs($this->wren);
        $paper = fn(string $query): string => (string) $this->get("/staff/lists?date=2026-12-03$query")
            ->assertOk()
            ->getContent();
        self::assertStringNotContainsString('under the desk', $paper(''));
        self::assertStringContainsString('under the desk', $paper('&notes=1'), 'On paper only if asked for.');
        // At the next meeting with that student it is there.
        $later = $this->sheet(date: '2026-12-10', title: 'Again');
        $this->clock('21:00');
        $this->book(
            $later,
            ['slot' => '2026-12-10T20:00:00Z'] + $this->otherWish($later, '20:00', 'Ama Otoo'),
        )->assertCreated();
        CarbonImmutable::setTestNow('2026-12-10T19:00:00Z');
        $this->actingAs($this->wren);
        self::assertSame(
            ['when' => '3 December 2026', 'text' => 'Reads under the desk.'],
            $this->ask('get', "/api/staff/desk/{$this->wren->id}")->json('turns.0.last_note'),
        );
    }

    public function test_a_desk_shows_a_colleague_what_stands_on_sheets_they_run_and_nothing_else(): void
    {
        $iolo = $this->host('Iolo Bevan');
        $other = $this->sheet(title: 'Other', date: '2026-12-04');
        $see = fn(): TestResponse => $this->actingAs($iolo->refresh())->getJson("/api/staff/desk/{$this->wren->id}");
        // A draft is nothing that anybody runs yet.
        $draft = $this->draft(title: 'Draft');
        $draft->colleagues()->create(['staff_id' => $iolo->id, 'role' => HostRole::Manage]);
        $see()->assertForbidden();
        $other->colleagues()->create(['staff_id' => $iolo->id, 'role' => HostRole::Manage]);
        $seen = $see()->assertOk()->assertJsonPath('turns', [])->assertJsonPath('whole', false);
        self::assertDoesNotMatchRegularExpression('/Ama|Otoo|555/', (string) $seen->getContent());
        $this->clock('19:55');
        $press = fn(StaffMember $who, array $what): int => $this->actingAs($who->refresh())
            ->postJson(
                "/api/staff/desk/{$this->wren->id}/presses",
                $what + [
                    'revision' => $this->getJson("/api/staff/desk/{$this->wren->id}")->json('revision'),
                    'who' => [],
                ],
            )
            ->getStatusCode();
        $this->actingAs($this->wren)
            ->postJson("/api/staff/desk/{$this->wren->id}/presses", [
                'revision' => 0,
                'what' => 'unbooked',
                'name' => 'Zoe Came',
                'minutes' => 5,
                'who' => [],
            ])
            ->assertOk();
        $unbooked = 't' . Turn::query()->whereNull('booking_id')->value('id');
        foreach (
            [
                ['what' => 'call', 'who' => [$this->key('20:00')]],
                ['what' => 'away', 'who' => [$this->key('20:00')]],
                ['what' => 'late', 'minutes' => 20],
                ['what' => 'break', 'minutes' => 5],
                ['what' => 'word', 'word' => 'All of you'],
                ['what' => 'unbooked', 'name' => 'Zed', 'minutes' => 5],
                ['what' => 'call', 'who' => [$unbooked]],
                ['what' => 'call', 'who' => ['b999999']],
            ]
            as $what
        ) {
            self::assertSame(403, $press($iolo, $what), json_encode($what) ?: '');
        }
        $key = (string) $this->actingAs($this->wren)
            ->getJson("/api/staff/desk/{$this->wren->id}")
            ->json('undo.key');
        $this->actingAs($iolo)
            ->postJson("/api/staff/desk/{$this->wren->id}/undo", ['revision' => 1, 'key' => $key])
            ->assertForbidden();
        $see()->assertJsonPath('undo', null)->assertDontSee('Zoe');
        // On the sheet of today they are told of its turns, and press there.
        $this->sheet->colleagues()->create(['staff_id' => $iolo->id, 'role' => HostRole::Must]);
        self::assertCount(
            5 - 1,
            (array) $see()->json('turns'),
            'Those of the sheet, and not the one who just came in.',
        );
        self::assertSame(200, $press($iolo, ['what' => 'here', 'who' => [$this->key('20:00')]]));
        self::assertSame(403, $press($iolo, ['what' => 'late', 'minutes' => 20]));
        // Whoever looks after all of somebody's sheets has all of the desk.
        DB::table('lendings')->insert([
            'of_id' => $this->wren->id,
            'to_id' => $this->host('Bram Teller')->id,
            'until' => '2027-01-01',
        ]);
        $this->actingAs($this->host('Bram Teller')->refresh())
            ->getJson("/api/staff/desk/{$this->wren->id}")
            ->assertJsonPath('whole', true)
            ->assertSee('Zoe');
    }

    public function test_a_page_that_looks_by_itself_keeps_nobody_signed_in(): void
    {
        $look = function (int $minutes, array $headers): int {
            $this->clock('19:55');
            $this->actingAs($this->wren);
            $this->getJson("/api/staff/desk/{$this->wren->id}")->assertOk();
            $at = CarbonImmutable::now();
            for ($minute = 5; $minute < $minutes; $minute += 5) {
                CarbonImmutable::setTestNow($at->addMinutes($minute));
                $this->getJson("/api/staff/desk/{$this->wren->id}", $headers);
            }
            CarbonImmutable::setTestNow($at->addMinutes($minutes));

            return $this->getJson("/api/staff/desk/{$this->wren->id}", $headers)->getStatusCode();
        };
        self::assertSame(200, $look(60, []));
        self::assertSame(200, $look(29, ['X-Recess-Look' => '1']));
        self::assertSame(401, $look(31, ['X-Recess-Look' => '1']));
    }

    public function test_figures_and_a_message_to_those_who_did_not_come_seen_by_name_and_sent_once(): void
    {
        $this->say('20:00', 'here', ['here' => true])->assertOk();
        $this->clock('20:06');
        $this->press('call', ['who' => [$this->key('20:00')]])->assertOk();
        $this->clock('20:24');
        $this->press('end', ['who' => [$this->key('20:00')]])->assertOk();
        $this->press('missed', ['who' => [$this->key('20:15'), $this->key('20:30')]])->assertOk();
        $this->at['20:30']->pass->update(['email' => null]);
        $this->clock('22:00');
        $at = "/api/staff/sheets/{$this->sheet->id}/afterwards";
        // By hand: called 6 minutes after the time that was theirs; in for 18 of 15 minutes.
        $this->ask('get', $at)
            ->assertOk()
            ->assertJsonPath('days.0.offered', 4)
            ->assertJsonPath('days.0.booked', 4)
            ->assertJsonPath('days.0.came', 1)
            ->assertJsonPath('days.0.missed', 2)
            ->assertJsonPath('days.0.wait', 6)
            ->assertJsonPath('days.0.overrun', 3);
        self::assertStringContainsString(
            '"2026-12-03","4","4","1","2","6","3"',
            (string) $this->get("/staff/sheets/{$this->sheet->id}/figures.csv")->getContent(),
        );
        $form = [
            'to' => 'missed',
            'date' => '2026-12-03',
            'subject' => 'We missed {student}',
            'text' => 'Dear {name}, you were expected at {time} on {date}. {host}',
        ];
        $this->ask('post', "$at/preview", ['text' => 'Dear {nam}'] + $form)
            ->assertUnprocessable()
            ->assertJsonValidationErrors('text');
        $seen = $this->ask('post', "$at/preview", $form)->assertOk();
        self::assertSame(
            [
                'We missed Child of Bo Lin',
                'Dear Bo Lin, you were expected at 16:15 on Thursday 3 December 2026. Wren Halloran',
                null,
            ],
            [$seen->json('letters.0.subject'), $seen->json('letters.0.text'), $seen->json('letters.1.email')],
        );
        DB::table('mailroom_messages')->delete();
        $key = Str::uuid()->toString();
        $this->ask('post', $at, $form + ['request_key' => $key])
            ->assertOk()
            ->assertJsonPath('letters.0.readers', ['Bo Lin']);
        $this->ask('post', $at, $form + ['request_key' => $key])->assertOk();
        $this->delivered();
        self::assertSame(
            ['bo-lin@mail.example'],
            DB::table('mailroom_messages')->where('subject', 'We missed Child of Bo Lin')->pluck('recipient')->all(),
        );
    }

    /** @return iterable<string, array{string, list<string>, string}> what is handed in, who is on the list then, and what is said */
    public static function tables(): iterable
    {
        yield 'a name a line' => ["Ada Fay\nBen Ode\n", ['Ada Fay', 'Ben Ode'], ''];
        yield 'a table with semicolons' => ["Class;Name;Email\n7A;Ada Fay;ada@mail.example\n", ['Ada Fay'], ''];
        yield 'given and family names' => ["First name,Last name\nAda,Fay\n", ['Ada Fay'], ''];
        yield 'twice, and once more by another case' => [
            "name\nAda Fay\nada  fay\n",
            ['Ada Fay'],
            'One was on the list already.',
        ];
        yield 'as Windows writes it' => [
            "name\n" . mb_convert_encoding('Chloé Ferré', 'Windows-1252') . "\n",
            ['Chloé Ferré'],
            'guessed',
        ];
        yield 'UTF-16' => ["\xFF\xFE" . mb_convert_encoding("name\nChloé Ferré\n", 'UTF-16LE'), ['Chloé Ferré'], ''];
        yield 'a formula and no address' => [
            "name,email\n=2+5,x\nAda Fay,nowhere\n",
            ['Ada Fay'],
            'Line 3, Ada Fay: that is no e-mail address',
        ];
        yield 'no name at all' => ["class,email\n7A,ada@mail.example\n", [], ''];
    }

    /** @param  list<string>  $names */
    #[DataProvider('tables')]
    public function test_whom_a_host_expects(string $table, array $names, string $said): void
    {
        $this->actingAs($this->wren);
        $at = "/api/staff/sheets/{$this->sheet->id}/expected";
        $file = \Illuminate\Http\UploadedFile::fake()->createWithContent('students.csv', $table);
        $answer = $this->post($at, ['file' => $file], ['Accept' => 'application/json']);
        $names === []
            ? $answer->assertUnprocessable()->assertJsonValidationErrors('text')
            : self::assertStringContainsString($said, (string) $answer->assertOk()->json('said'));
        self::assertSame(
            $names,
            array_column($this->ask('get', "/api/staff/sheets/{$this->sheet->id}/roster")->json('missing'), 'name'),
        );
    }

    public function test_who_is_expected_and_has_not_booked_is_reminded_once_a_day_with_a_link_that_knows(): void
    {
        $this->actingAs($this->wren);
        $at = "/api/staff/sheets/{$this->sheet->id}/expected";
        $this->ask('post', $at, [
            'text' =>
                "name,email,phone\nAda Fay,uma@mail.example,\nBen Ode,,902 555 0123\nChild of Bo Lin,bo@mail.example,\nNo Way,,\n",
        ])
            ->assertOk()
            ->assertJsonPath('roster.to_write', 2);
        DB::table('mailroom_messages')->delete();
        $this->ask('post', "$at/remind", ['word' => 'Please pick one.'])
            ->assertOk()
            ->assertJsonPath('said', '2 reminders are on the way.');
        $this->ask('post', "$at/remind", ['word' => 'Please pick one.'])
            ->assertOk()
            ->assertJsonPath('roster.to_write', 0);
        $this->delivered();
        self::assertSame(
            ['uma@mail.example', '+1 902-555-0123'],
            DB::table('mailroom_messages')->orderByDesc('recipient')->pluck('recipient')->all(),
        );
        $link = \App\Directory\Expected::query()->where('name', 'Ada Fay')->firstOrFail()->link();
        $this->ask(
            'get',
            str_replace('/s/', '/api/s/', (string) parse_url($link, PHP_URL_PATH)) .
                '?' .
                parse_url($link, PHP_URL_QUERY),
        )->assertJsonPath('expected', 'Ada Fay');
        $this->ask('get', "/api/s/{$this->sheet->slug}?for=1-" . str_repeat('x', 22))->assertJsonPath('expected', '');
    }

    public function test_a_gateway_gets_what_its_template_says_and_a_failure_is_kept(): void
    {
        $texts = \App\Texts\HttpTexts::of(
            'https://texts.school.example/send?key=k',
            '{"to": "{to}", "text": "{text}"}',
            'Authorization: Bearer abc|X-School: Cove',
        );
        Http::fake(['*' => Http::response('', 200)]);
        $texts->send('+1 902 555 0142', "He said \"now\"\nand so on");
        Http::assertSent(
            static fn(SentRequest $sent): bool => $sent->hasHeader('Authorization', 'Bearer abc') &&
                $sent->data() === ['to' => '+1 902 555 0142', 'text' => "He said \"now\"\nand so on"],
        );
        \App\Texts\HttpTexts::of('https://texts.school.example/{to}?text={text}', '', '')->send(
            '+19025550142',
            'a & b',
        );
        Http::assertSent(
            static fn(SentRequest $sent): bool => str_ends_with($sent->url(), '/%2B19025550142?text=a%20%26%20b'),
        );
        (new \App\Texts\SendText(null, '+19025550142', 'x', 'a key'))->failed(\App\Texts\TextNotSent::answered(503));
        self::assertSame(
            'The gateway for text messages answered 503.',
            DB::table('texts_sent')->where('key', 'a key')->value('failure'),
        );
    }

    public function test_a_stand_ins_room_lets_nobody_in_but_by_its_host(): void
    {
        $room = '/video-room/' . StandInRooms::key($this->sheet->uid);
        [$ama, $bo] = [Str::uuid()->toString(), Str::uuid()->toString()];
        $this->ask('post', "/api$room", ['guest' => $ama, 'name' => 'Ama Otoo'])
            ->assertOk()
            ->assertJsonPath('open', false)
            ->assertJsonPath('me.state', 'door');
        $this->ask('post', "/api$room", ['guest' => $bo, 'name' => 'Bo Lin'])->assertOk();
        $this->actingAs($this->wren);
        $this->get("/staff$room")->assertOk();
        $door = $this->ask('get', "/api/staff$room")
            ->assertOk()
            ->json('door');
        self::assertSame(['Ama Otoo', 'Bo Lin'], array_column($door, 'name'));
        $this->ask('post', "/api/staff$room", ['guest' => $door[0]['id'], 'state' => 'in'])->assertOk();
        $this->ask('post', "/api/staff$room", [
            'guest' => $door[1]['id'],
            'state' => 'later',
            'word' => 'In a moment.',
        ])->assertOk();
        $this->ask('get', "/api$room?guest=$ama")
            ->assertJsonPath('me.state', 'in')
            ->assertJsonPath('inside.0.name', 'Ama Otoo');
        $bos = $this->ask('get', "/api$room?guest=$bo")
            ->assertJsonPath('me.word', 'In a moment.')
            ->assertJsonPath('inside', []);
        self::assertStringNotContainsString(
            'Ama',
            (string) $bos->getContent(),
            'At the door one hears and sees nothing of the room.',
        );
        $this->actingAs($this->host('Iolo Bevan'));
        $this->getJson("/api/staff$room")->assertForbidden();
        $this->get('/video-room/' . $this->sheet->uid . '-0000000000000000')->assertNotFound();
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function wrongPresses(): iterable
    {
        yield 'no such press' => [['what' => 'dance'], 'what'];
        yield 'nobody to call' => [['what' => 'call'], 'who'];
        yield 'a key that is none' => [['what' => 'call', 'who' => ['b1; DROP']], 'who.0'];
        yield 'a swap of one' => [['what' => 'swap', 'who' => ['b1']], 'who'];
        yield 'minus five minutes' => [['what' => 'more', 'who' => ['b1'], 'minutes' => -5], 'minutes'];
        yield 'a day late' => [['what' => 'late', 'minutes' => 1440], 'minutes'];
        yield 'no revision' => [['what' => 'break', 'minutes' => 5, 'revision' => null], 'revision'];
    }

    /** @param  array<string, mixed>  $press */
    #[DataProvider('wrongPresses')]
    public function test_a_wrong_press_is_said_at_its_field(array $press, string $field): void
    {
        $this->actingAs($this->wren);
        $this->ask('post', "/api/staff/desk/{$this->wren->id}/presses", $press + ['revision' => 0])
            ->assertUnprocessable()
            ->assertJsonValidationErrors($field);
        self::assertSame(0, Turn::query()->count() + $this->revision());
    }

    public function test_where_no_scripts_run_it_is_said_and_pressed_all_the_same(): void
    {
        $pass = '/p/' . $this->at['20:15']->pass->token();
        $this->get($pass)->assertSee('From 16:05 you can say here that you are there.');
        $this->post("$pass/bookings/{$this->at['20:15']->id}/here")->assertConflict();
        $this->clock('20:06');
        $this->post("$pass/bookings/{$this->at['20:15']->id}/here")->assertRedirect($pass);
        $this->get($pass)->assertSee('Wren Halloran knows that you are here.');
        $this->post("$pass/bookings/{$this->at['20:00']->id}/here")->assertNotFound();
        $this->press('call', ['who' => [$this->key('20:15')]])->assertOk();
        $this->get($pass)->assertSee('Please come in now.');
    }

    public function test_what_the_day_keeps_of_somebody_goes_with_them_and_is_read_by_them_before(): void
    {
        $this->say('20:00', 'here', ['here' => true])->assertOk();
        $this->press('word', ['word' => 'A moment, please.'])->assertOk();
        $this->press('missed', ['who' => [$this->key('20:00'), $this->key('20:15')]])->assertOk();
        $this->ask('put', "/api/staff/bookings/{$this->at['20:00']->id}/note", ['text' => 'Was ill.'])->assertOk();
        $this->ask('post', "/api/staff/sheets/{$this->sheet->id}/afterwards", [
            'to' => 'missed',
            'date' => self::EVENING,
            'subject' => 'We missed you',
            'text' => 'Well?',
            'request_key' => Str::uuid()->toString(),
        ])->assertOk();
        $pass = '/p/' . $this->at['20:00']->pass->token();
        $kept = $this->getJson("$pass/kept.json")->assertOk();
        self::assertSame(
            ['missed', 'A moment, please.'],
            [$kept->json('meetings.0.day.became'), $kept->json('meetings.0.day.word')],
        );
        self::assertStringNotContainsString('Was ill', (string) $kept->getContent());
        $this->post("$pass/forget", ['sure' => 'yes'])->assertOk();
        self::assertSame(
            [0, 0, 1],
            [
                DB::table('meeting_notes')->count(),
                Turn::query()->where('booking_id', $this->at['20:00']->id)->count(),
                Turn::query()->where('booking_id', $this->at['20:15']->id)->count(),
            ],
        );
        self::assertSame(
            ['', 'Bo Lin'],
            array_column((array) json_decode((string) DB::table('after_letters')->value('sent_to'), true), 'name'),
        );
    }

    public function test_paper_for_a_day(): void
    {
        $this->actingAs($this->wren);
        foreach (['run-sheet.pdf', 'entrance.pdf', 'doors.pdf'] as $list) {
            self::assertStringStartsWith(
                '%PDF',
                (string) $this->get("/staff/lists/$list?date=2026-12-03")
                    ->assertOk()
                    ->getContent(),
            );
        }
        $csv = (string) $this->get('/staff/lists/run-sheet.csv?date=2026-12-03')->getContent();
        self::assertSame(5, substr_count($csv, "\r\n"));
        self::assertStringContainsString('"Child of Ama Otoo","Ama Otoo"', $csv);
        $this->get('/staff/lists?date=2026-12-03&whom=school')->assertForbidden();
        $this->ask('post', "/api/staff/sheets/{$this->sheet->id}/expected", ['text' => 'Ada Fay'])->assertOk();
        self::assertStringStartsWith(
            '%PDF',
            (string) $this->get("/staff/sheets/{$this->sheet->id}/files/cards.pdf")
                ->assertOk()
                ->getContent(),
        );
        self::assertSame(Outcome::Met, Outcome::from('met'));
    }
}
