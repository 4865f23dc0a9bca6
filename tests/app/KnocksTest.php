<?php

declare(strict_types=1);

namespace Tests\App;

use App\Booking\Presser;
use App\Calendars\ReadCalendar;
use App\Directory\CardCode;
use App\Directory\Guardian;
use App\Directory\Student;
use App\Framework\RawMail;
use App\Keeping\ForgetPerson;
use App\Keeping\KeptData;
use App\Knocks\Knock;
use App\Knocks\KnockTerms;
use App\Models\Booking;
use App\Models\BookingState;
use App\Models\Hold;
use App\Models\Pass;
use App\Models\Sheet;
use App\Models\StaffMember;
use App\Publishing\CloseDays;
use App\Publishing\EditEffect;
use App\Publishing\LetLeave;
use App\School\SavedPlace;
use Carbon\CarbonImmutable;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Recess\Changes\Within;

/** A Tuesday, eight in the morning in Halifax (12:00 UTC); Wren can be asked on school days from eight to four, from the next day on. */
final class KnocksTest extends TestCase
{
    use RefreshDatabase;

    /** The end of January, for what has to end some time. */
    private const ENDS = 1_801_353_600;

    private StaffMember $wren;

    protected function setUp(): void
    {
        parent::setUp();
        $this->wren = $this->allowed('Wren Halloran');
    }

    /** @param  array<string, mixed>  $changes */
    private function allowed(string $name, array $changes = []): StaffMember
    {
        $host = $this->host($name);
        $place = SavedPlace::query()->firstOrCreate(
            ['staff_id' => $host->id],
            ['school_id' => $host->school_id, 'kind' => 'room', 'label' => "Room of $name"],
        );
        $this->actingAs($host)
            ->ask(
                'put',
                '/api/staff/me/knocks',
                $changes + [
                    'allowed' => true,
                    'hours' => array_fill_keys([1, 2, 3, 4, 5], '8:00 to 16:00') + [6 => '', 7 => null],
                    'lead_hours' => 24,
                    'ahead_days' => 14,
                    'lengths' => [30, 15],
                    'place_ids' => [$place->id],
                    'most_open' => 3,
                    'kept_hours' => 48,
                    'audience' => 'anyone',
                    'intro' => '',
                    'questions' => [],
                ],
            )
            ->assertOk()
            ->assertJsonPath('terms.open', true);
        $this->flushSession();
        auth()->logout();

        return $host;
    }

    /**
     * @param  list<array{string, int}>  $choices  UTC times of a day, "2T14:00" for 2 December
     * @param  array<string, mixed>  $changes
     * @return TestResponse<\Illuminate\Http\JsonResponse>
     */
    private function knock(array $choices = [['3T14:00', 30]], array $changes = []): TestResponse
    {
        return $this->ask(
            'post',
            '/api/d/wren-halloran/knocks',
            $changes + [
                'title' => 'The lab report',
                'details' => 'I am stuck.',
                'work' => 'https://docs.school.example/report',
                'student' => 'Kwame Ferreira',
                'place' => KnockTerms::of($this->wren)->places()->firstOrFail()->id,
                'name' => 'Ama Otoo',
                'email' => 'ama@mail.example',
                'phone' => '902 555 0199',
                'answers' => [],
                'with' => [],
                'request_key' => Str::uuid()->toString(),
                'choices' => array_map(
                    static fn(array $one): array => ['start' => self::at($one[0]), 'minutes' => $one[1]],
                    $choices,
                ),
            ],
        );
    }

    private static function at(string $day): string
    {
        return '2026-12-0' . $day . ':00Z';
    }

    /** @return TestResponse<\Illuminate\Http\JsonResponse> */
    private function answer(
        string $answer,
        ?int $choice = null,
        string $word = '',
        ?StaffMember $by = null,
    ): TestResponse {
        $knock = Knock::query()->latest('id')->firstOrFail();
        $id = $choice === null ? null : $knock->choices->firstWhere('position', $choice)?->id;

        return $this->actingAs($by ?? $this->wren)->ask('post', "/api/staff/knocks/$knock->id/answer", [
            'answer' => $answer,
            'choice' => $id,
            'word' => $word,
        ]);
    }

    /** @return list<string> the UTC times that are held */
    private function held(): array
    {
        return array_values(
            Hold::query()
                ->orderBy('starts_at')
                ->get()
                ->map(
                    static fn(Hold $one): string => $one->starts_at->format('j\TH:i') .
                        '-' .
                        $one->ends_at->format('H:i'),
                )
                ->all(),
        );
    }

    /** @return list<string> who gets which letter */
    private function letters(): array
    {
        $this->delivered();
        $rows = DB::table('mailroom_messages')
            ->orderBy('id')
            ->get(['recipient', 'subject']);
        DB::table('mailroom_messages')->delete();

        return array_values(
            $rows->map(static fn(\stdClass $one): string => strtok($one->recipient, '@') . ': ' . $one->subject)->all(),
        );
    }

    public function test_the_second_of_three_choices_is_accepted_and_is_a_booking_like_any_other(): void
    {
        $path = $this->knock([['3T14:00', 30], ['3T15:15', 15], ['4T14:00', 30]])
            ->assertCreated()
            ->assertJsonPath('state', 'asked')
            ->json('path');
        self::assertSame(['3T14:00-14:30', '3T15:15-15:30', '4T14:00-14:30'], $this->held(), 'all three are kept');
        // Her address has not answered: none of her words goes there.
        self::assertSame(
            [
                'ama: You have asked Wren Halloran: a time of your own',
                'wren-halloran: Asked: The lab report, by Ama Otoo',
            ],
            $this->letters(),
        );
        $this->ask('get', "/api$path")
            ->assertJsonPath('knocks.0.state', 'asked')
            ->assertJsonPath('bookings', []);

        $this->answer('accept', 2, 'Bring the table.')
            ->assertOk()
            ->assertJsonPath('open', [])
            ->assertJsonPath('over.0.said', 'Agreed: Thursday 3 December, 11:15');
        self::assertSame(['3T15:15-15:30'], $this->held());
        // Whoever said yes is named, to whom they said it.
        $this->delivered();
        $said = DB::table('mailroom_messages')
            ->orderBy('recipient')
            ->pluck('raw')
            ->map(static fn(string $raw): string => RawMail::read($raw)->part('text/plain'))
            ->all();
        self::assertStringContainsString('Wren Halloran said yes. This time is yours.', $said[0]);
        self::assertStringContainsString('You said yes to Ama Otoo.', $said[1]);
        self::assertSame(
            [
                'ama: Accepted: Thu 3 Dec 11:15 with Wren Halloran – The lab report',
                'wren-halloran: Accepted: Thu 3 Dec 11:15 with Ama Otoo – The lab report',
            ],
            $this->letters(),
        );
        $pass = $this->ask('get', "/api$path")
            ->assertJsonPath('knocks', [])
            ->assertJsonPath('bookings.0.state', 'booked')
            ->assertJsonPath('bookings.0.title', 'The lab report')
            ->assertJsonPath('bookings.0.can_move', false);
        self::assertSame('Room of Wren Halloran', $pass->json('bookings.0.place.label'));
        $id = $pass->json('bookings.0.id');
        $this->ask('post', "/api$path/bookings/$id/move", ['slot' => self::at('4T14:00')])
            ->assertConflict()
            ->assertJsonPath('message', fn(string $said): bool => str_contains($said, 'ask Wren Halloran again'));

        // Given back by a slip, it is theirs again for some seconds, though no block of its sheet has that time.
        $this->ask('post', "/api$path/bookings/$id/give-back", ['note' => ''])->assertOk();
        self::assertSame([], $this->held());
        $this->ask('post', "/api$path/bookings/$id/undo")
            ->assertOk()
            ->assertJsonPath('bookings.0.state', 'booked');
        self::assertSame(['3T15:15-15:30'], $this->held());

        // The office closes other days, and it is hit by none of them but its own.
        $closing = fn(string $date): array => array_merge(
            ...array_map(
                static fn(EditEffect $one): array => $one->effect->left,
                app(CloseDays::class)->effects(
                    $this->wren->school,
                    [['name' => 'Snow', 'first' => $date, 'last' => $date]],
                    CarbonImmutable::now()->getTimestamp(),
                    Within::SameWeek,
                ),
            ),
        );
        self::assertSame(
            [0, 0, 1],
            [count($closing('2026-12-04')), count($closing('2026-12-10')), count($closing('2026-12-03'))],
        );

        // Its host moves it within the hours in which they can be asked; given back, its time is free.
        $this->actingAs($this->wren)
            ->ask('post', "/api/staff/bookings/$id/move", ['slot' => self::at('4T13:00'), 'note' => ''])
            ->assertOk();
        self::assertSame(['4T13:00-13:15'], $this->held());
        $this->ask('post', "/api$path/bookings/$id/give-back", ['note' => ''])->assertOk();
        self::assertSame([], $this->held());
        // Nobody else ever comes to its sheet, and no list has it.
        $sheet = Sheet::query()->firstOrFail();
        foreach (["/s/$sheet->slug", "/api/s/$sheet->slug", "/s/$sheet->slug/frame", "/s/$sheet->slug/book"] as $page) {
            $this->get($page)->assertNotFound();
        }
        $this->actingAs($this->wren)->get('/staff/sheets')->assertOk()->assertDontSee('The lab report');
        $this->get("/staff/sheets/$sheet->id/edit")->assertForbidden();
        auth()->logout();
        $this->get('/d/wren-halloran')
            ->assertOk()
            ->assertDontSee('The lab report')
            ->assertSee('wren-halloran\/knock', false);
    }

    public function test_maybe_keeps_the_time_says_that_it_is_not_sure_and_asks_again_the_day_before(): void
    {
        $path = $this->knock([['3T14:00', 30], ['3T15:00', 30]])->json('path');
        $this->answer('maybe', 1, 'If the ferry runs.')->assertOk()->assertJsonPath('open.0.state', 'maybe');
        self::assertSame(['3T14:00-14:30'], $this->held());
        $this->ask('get', "/api$path")->assertJsonPath(
            'knocks.0.said',
            'Wren Halloran says maybe. This time is kept for you, and is not sure yet. You hear more by Thursday 3 December, 08:00 at the latest.',
        );
        $this->letters();
        foreach (
            [
                '2026-12-02T13:59:00Z' => [],
                '2026-12-02T14:00:00Z' => ['wren-halloran: Sure by now? The lab report, with Ama Otoo'],
                '2026-12-02T14:01:00Z' => [],
            ]
            as $at => $told
        ) {
            CarbonImmutable::setTestNow($at);
            Artisan::call('recess:knocks');
            Artisan::call('recess:tidy');
            self::assertSame($told, $this->letters());
        }
        self::assertSame(['3T14:00-14:30'], $this->held(), 'still kept');
        CarbonImmutable::setTestNow('2026-12-03T12:00:00Z');
        $this->ask('get', "/api$path")->assertJsonPath('knocks.0.state', 'lapsed');
        Artisan::call('recess:knocks');
        self::assertSame(
            [
                'ama: Not answered: a time of your own, with Wren Halloran',
                'wren-halloran: Off: The lab report, with Ama Otoo',
            ],
            $this->letters(),
        );
        self::assertSame([[], 0], [$this->held(), Sheet::query()->count()]);
        $this->answer('accept', 1)->assertConflict();
    }

    public function test_declined_with_other_times_of_which_one_press_takes_one(): void
    {
        $path = $this->knock([['3T14:00', 30]])->json('path');
        $knock = Knock::query()->firstOrFail();
        $this->actingAs($this->wren);
        $days = $this->ask('get', "/api/staff/knocks/$knock->id/free?from=2026-12-04")
            ->assertOk()
            ->json('days');
        // At hours of the host's own choice: in the evening too.
        self::assertContains(self::at('4T22:30'), array_column($days[0]['starts'], 'key'));
        $propose = fn(array $times): TestResponse => $this->ask('post', "/api/staff/knocks/$knock->id/answer", [
            'answer' => 'propose',
            'word' => 'Not in the morning.',
            'times' => array_map(static fn(string $one): array => ['start' => self::at($one), 'minutes' => 30], $times),
        ]);
        $propose(['4T22:30', '4T22:45'])
            ->assertUnprocessable()
            ->assertJsonValidationErrors(['times.1.start' => 'overlaps']);
        $propose(['4T22:30', '7T18:00'])
            ->assertOk()
            ->assertJsonPath('open.0.state', 'proposed');
        self::assertSame(['4T22:30-23:00', '7T18:00-18:30'], $this->held());
        self::assertSame(
            [
                'ama: Other times: a time of your own, with Wren Halloran',
                'wren-halloran: Other times named: The lab report, with Ama Otoo',
            ],
            array_slice($this->letters(), -2),
        );
        // The time that was asked for may be among them: no letter says of one that is kept that it is free.
        $propose(['3T14:00', '4T22:30'])->assertOk();
        self::assertSame(['3T14:00-14:30', '4T22:30-23:00'], $this->held());
        $this->delivered();
        $raw = DB::table('mailroom_messages')->where('recipient', 'like', 'wren%')->value('raw');
        $said = (string) preg_replace('/\s+/', ' ', quoted_printable_decode((string) $raw));
        self::assertStringContainsString('What was asked for stands no more', $said);
        self::assertStringNotContainsString('free again', $said);
        $propose(['4T22:30', '7T18:00'])->assertOk();

        $offered = $this->ask('get', "/api$path")->json('knocks.0.choices');
        $this->ask('post', "/api$path/knocks/$knock->id/take", ['choice' => $offered[1]['id']])
            ->assertOk()
            ->assertJsonPath('bookings.0.from', '14:00');
        self::assertSame(['7T18:00-18:30'], $this->held());
        $this->ask('post', "/api$path/knocks/$knock->id/take", ['choice' => $offered[0]['id']])->assertConflict();
        self::assertSame(BookingState::Booked, Booking::query()->firstOrFail()->state);
        // Somebody else's pass knows nothing of it.
        $other = Pass::query()->create(['name' => 'Bo Lin', 'email' => 'bo@mail.example', 'phone' => '']);
        $this->ask('post', '/api/p/' . $other->token() . "/knocks/$knock->id/take-back")->assertNotFound();
    }

    public function test_two_who_are_asked_together_both_have_to_say_yes(): void
    {
        $tomos = $this->allowed('Tomos Pryce', [
            'hours' => [2 => '', 3 => '', 4 => '9-12', 5 => '9-12', 1 => '9-12', 6 => '', 7 => ''],
            'lengths' => [30, 60],
        ]);
        $this->sheet($tomos, date: '2026-12-03', title: 'Evening of Tomos');
        $times = $this->ask('post', '/api/d/wren-halloran/times', ['with' => ['tomos-pryce']])
            ->assertOk()
            ->assertJsonPath('lengths', [30]);
        self::assertSame(
            ['2026-11-26', '2026-11-27', '2026-11-30', '2026-12-03', '2026-12-04', '2026-12-07', '2026-12-08'],
            [...array_column($times->json('days'), 'date'), '2026-12-08'],
        );
        $this->knock([['2T14:00', 30]], ['with' => ['tomos-pryce']])
            ->assertUnprocessable()
            ->assertJsonValidationErrors('choices.0.start');
        $path = $this->knock([['3T14:00', 30], ['4T14:00', 30]], ['with' => ['tomos-pryce']])
            ->assertCreated()
            ->json('path');
        $said = $this->ask('get', "/api$path")->json('knocks.0.said');
        self::assertStringStartsWith('Wren Halloran and Tomos Pryce have been asked. Your times', (string) $said);
        self::assertSame(
            ['3T14:00-14:30', '3T14:00-14:30', '4T14:00-14:30', '4T14:00-14:30'],
            $this->held(),
            'kept for both',
        );
        $this->letters();
        $this->answer('accept', 2)
            ->assertOk()
            ->assertJsonPath('open.0.mine', 'accepted')
            ->assertJsonPath('open.0.others', ['Tomos Pryce has not answered yet']);
        self::assertSame(['4T14:00-14:30', '4T14:00-14:30'], $this->held());
        self::assertSame(
            [['tomos-pryce: Wren Halloran has said yes: The lab report'], 0],
            [$this->letters(), Booking::query()->count()],
        );
        $this->answer('accept', 2, by: $tomos)
            ->assertOk()
            ->assertJsonPath('over.0.said', 'Agreed: Friday 4 December, 10:00');
        self::assertSame(['4T14:00-14:30', '4T14:00-14:30'], $this->held());
        self::assertCount(3, $this->letters());
        // Given back, both are free again.
        $booking = Booking::query()->firstOrFail();
        $this->ask('post', "/api/p/{$booking->pass->token()}/bookings/$booking->id/give-back", [
            'note' => '',
        ])->assertOk();
        self::assertSame([], $this->held());
        // One of two who cannot ends it for both.
        $this->knock([['3T14:00', 30]], ['with' => ['tomos-pryce']])->assertCreated();
        $this->answer('decline', by: $tomos, word: 'I am away.')->assertOk();
        self::assertSame([], $this->held());
    }

    public function test_what_a_host_has_to_do_is_not_free_and_nobody_is_told_what(): void
    {
        $this->sheet($this->wren, date: '2026-12-02', title: 'Open hours');
        $block = Sheet::query()->firstOrFail()->blocks->firstOrFail();
        $block->update([
            'record' => ['hours' => [['from' => '10:00', 'until' => '11:00', 'overnight' => false]]] + $block->record,
        ]);
        $calendar = $this->wren->calendars()->create(['name' => 'Mine', 'text' => '']);
        DB::table('busy_spans')->insert([
            'calendar_id' => $calendar->id,
            'starts_at' => '2026-12-02 12:50:00',
            'ends_at' => '2026-12-02 13:10:00',
            'title' => 'The dentist',
        ]);
        $this->knock([['2T18:00', 30]])->assertCreated();
        $answer = $this->ask('post', '/api/d/wren-halloran/times', ['with' => [], 'from' => '2026-12-02'])->assertOk();
        $day = $answer->json('days.0');
        self::assertSame(
            ['08:00 to 08:45', '09:15 to 10:00', '11:00 to 14:00', '14:30 to 16:00'],
            array_column($day['host'], 'said'),
            'whole quarters, free or not free',
        );
        self::assertStringNotContainsString('dentist', (string) $answer->getContent());
        self::assertSame($day['host'], $day['common']);
        // With a calendar of one's own, which comes from the page and is kept nowhere.
        $own = [[1_796_218_200, 1_796_220_000]];
        $mine = $this->ask('post', '/api/d/wren-halloran/times', [
            'with' => [],
            'from' => '2026-12-02',
            'own' => $own,
        ])->json('days.0');
        self::assertSame(
            ['08:00 to 08:45', '09:15 to 09:30', '11:00 to 14:00', '14:30 to 16:00'],
            array_column($mine['common'], 'said'),
        );
        self::assertSame(1, DB::table('busy_spans')->count());
        foreach ([[[1]], [['a', 'b']], [[2, 1]], ['x'], [[1, 9e12]]] as $odd) {
            $this->ask('post', '/api/d/wren-halloran/times', ['with' => [], 'own' => $odd])
                ->assertUnprocessable()
                ->assertJsonValidationErrors('own');
        }
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function wrong(): iterable
    {
        $choice = static fn(string $start, int $minutes = 30): array => [
            'choices' => [['start' => $start, 'minutes' => $minutes]],
        ];
        yield 'before eight' => [$choice(self::at('3T11:30')), 'choices.0.start'];
        yield 'over the end of the day' => [$choice(self::at('3T19:45')), 'choices.0.start'];
        yield 'on a Saturday' => [$choice(self::at('5T14:00')), 'choices.0.start'];
        yield 'off the quarters' => [$choice(self::at('3T14:05')), 'choices.0.start'];
        yield 'too soon' => [$choice('2026-11-24T15:00:00Z'), 'choices.0.start'];
        yield 'in the past' => [$choice('1970-01-01T00:00:00Z'), 'choices.0.start'];
        yield 'far in the future' => [$choice('9999-12-03T14:00:00Z'), 'choices.0.start'];
        yield 'too far ahead' => [$choice('2026-12-10T14:00:00Z'), 'choices.0.start'];
        yield 'longer than allowed' => [$choice(self::at('3T14:00'), 45), 'choices.0.start'];
        yield 'no date' => [$choice('tomorrow'), 'choices.0.start'];
        yield 'none' => [['choices' => []], 'choices'];
        yield 'four' => [
            [
                'choices' => array_map(static fn(string $at): array => ['start' => self::at($at), 'minutes' => 15], [
                    '3T14:00',
                    '3T15:00',
                    '3T16:00',
                    '3T17:00',
                ]),
            ],
            'choices',
        ];
        yield 'two that overlap' => [
            [
                'choices' => [
                    ['start' => self::at('3T14:00'), 'minutes' => 30],
                    ['start' => self::at('3T14:15'), 'minutes' => 30],
                ],
            ],
            'choices.1.start',
        ];
        yield 'a script for a web address' => [['work' => 'javascript:alert(1)'], 'work'];
        yield 'HTML for a web address' => [['work' => '<a href="https://a.example">'], 'work'];
        yield 'no title' => [['title' => ' '], 'title'];
        yield 'a title of two lines' => [['title' => "a\nb"], 'title'];
        yield 'somebody who cannot be asked' => [['with' => ['nobody']], 'with'];
        yield 'a place of somebody else' => [['place' => 999], 'place'];
    }

    /** @param  array<string, mixed>  $changes */
    #[DataProvider('wrong')]
    public function test_what_is_wrong_is_said_at_its_field_and_nothing_is_kept(array $changes, string $field): void
    {
        $this->knock(changes: $changes)->assertUnprocessable()->assertJsonValidationErrors($field);
        self::assertSame(
            [[], 0, 0, 0],
            [$this->held(), Knock::query()->count(), Sheet::query()->count(), Pass::query()->count()],
        );
    }

    public function test_a_time_that_was_taken_a_moment_before_and_presses_that_come_twice(): void
    {
        $key = Str::uuid()->toString();
        $first = $this->knock(changes: ['request_key' => $key])->assertCreated()->json('path');
        self::assertSame($first, $this->knock(changes: ['request_key' => $key])->assertOk()->json('path'));
        $this->knock(changes: ['request_key' => $key, 'title' => 'Another'])->assertConflict();
        $gone = $this->knock([['3T14:15', 30]], ['email' => 'bo@mail.example', 'student' => 'Bo'])->assertConflict();
        self::assertSame(
            'Thursday 3 December, 10:15 has just been taken. 09:30, 10:30 and 10:45 are free for all of you. Nothing was sent; your text is still here.',
            $gone->json('message'),
        );
        self::assertSame(
            [self::at('3T13:30'), self::at('3T14:30'), self::at('3T14:45')],
            array_column($gone->json('nearest_times'), 'key'),
        );
        // A host has as many open as they like, and each address asks so often.
        $this->knock([['3T15:00', 30]], ['email' => 'bo@mail.example'])->assertCreated();
        $this->knock([['3T16:00', 30]], ['email' => 'cy@mail.example', 'student' => ''])->assertCreated();
        $this->knock([['3T17:00', 30]], ['email' => 'di@mail.example'])
            ->assertConflict()
            ->assertJsonPath('message', fn(string $said): bool => str_contains($said, 'as many open requests'));
        foreach (range(1, 8) as $n) {
            $answer = $this->knock([['3T17:00', 30]], ['email' => 'eve@mail.example']);
        }
        $answer->assertTooManyRequests();
        self::assertSame(3, Knock::query()->count());
    }

    public function test_it_is_for_those_for_whom_the_host_allows_it(): void
    {
        $this->allowed('Wren Halloran', ['audience' => 'staff']);
        $this->get('/d/wren-halloran/knock')->assertOk()->assertSee('those who work at');
        $this->knock()->assertUnprocessable()->assertJsonValidationErrors('with');
        $tomos = $this->host('Tomos Pryce');
        $to = (string) $this->actingAs($tomos)
            ->get('/staff/knock/wren-halloran')
            ->assertStatus(303)
            ->headers->get('Location');
        $this->knock(changes: ['pass' => Str::after($to, 'pass='), 'name' => null, 'email' => null])->assertCreated();
        self::assertSame($tomos->id, Knock::query()->firstOrFail()->pass->staff_id);
        // Others can answer nothing of it, and see nothing of it.
        $this->answer('accept', 1, by: $tomos)->assertForbidden();
        $this->actingAs($tomos)->ask('get', '/api/staff/knocks')->assertJsonPath('open', []);
        // Families whom the school knows come by the code on their card.
        $this->allowed('Wren Halloran', ['audience' => 'families']);
        $child = Student::query()->create(['school_id' => $this->wren->school_id, 'name' => 'Nia Sandpiper']);
        $guardian = Guardian::query()->create([
            'school_id' => $this->wren->school_id,
            'name' => 'Ola Sandpiper',
            'email' => 'ola@mail.example',
        ]);
        $guardian->students()->attach($child->id, ['may_book' => true]);
        $this->get('/d/wren-halloran/knock')->assertOk()->assertSee('name="door" value="wren-halloran"', false);
        $card = (string) $this->post('/card', [
            'door' => 'wren-halloran',
            'code' => CardCode::of($guardian, AccessTest::round($this->wren->school_id), self::ENDS),
        ])
            ->assertStatus(303)
            ->headers->get('Location');
        self::assertStringContainsString('/d/wren-halloran/knock?pass=', $card);
        $theirs = ['pass' => Str::after($card, 'pass='), 'name' => null, 'email' => null];
        $this->knock([['4T14:00', 30]], $theirs)
            ->assertUnprocessable()
            ->assertJsonValidationErrors('student');
        $this->knock([['4T14:00', 30]], $theirs + ['student' => 'Nia Sandpiper'])->assertCreated();
        self::assertSame($child->id, Knock::query()->latest('id')->firstOrFail()->student_id);
        $this->get('/')->assertOk()->assertDontSee('wren-halloran', false);
        KnockTerms::query()->update(['audience' => 'anyone']);
        $this->get('/')->assertOk()->assertSee('Ask for another time');
        KnockTerms::query()->update(['allowed' => false]);
        $this->get('/d/wren-halloran/knock')->assertNotFound();
        $this->ask('post', '/api/d/wren-halloran/times', ['with' => []])->assertUnprocessable();
        $this->knock()->assertNotFound();
    }

    public function test_an_address_answers_first_where_the_school_asks_for_that(): void
    {
        $this->wren->school->update(['confirm_addresses' => true]);
        $this->knock([['3T14:00', 30]])
            ->assertCreated()
            ->assertJsonPath('state', 'unconfirmed');
        self::assertSame(['ama: Please confirm: ask Wren Halloran for a time'], $this->letters());
        $this->actingAs($this->wren)->ask('get', '/api/staff/knocks')->assertJsonPath('open', []);
        $pass = Pass::query()->firstOrFail();
        $this->post($pass->confirmLink('ama@mail.example'))->assertOk();
        self::assertSame(
            ['ama: You have asked Wren Halloran: The lab report', 'wren-halloran: Asked: The lab report, by Ama Otoo'],
            $this->letters(),
        );
        CarbonImmutable::setTestNow('2026-11-24T14:00:00Z');
        Artisan::call('recess:tidy');
        Artisan::call('recess:knocks');
        self::assertSame(['3T14:00-14:30'], $this->held());
        $this->answer('accept', 1)->assertOk();
        // One that never answers is forgotten, and nobody hears of it.
        $this->knock([['3T15:00', 30]], ['email' => 'never@mail.example'])->assertCreated();
        CarbonImmutable::setTestNow('2026-11-24T15:00:00Z');
        $this->letters();
        Artisan::call('recess:knocks');
        self::assertSame([['3T14:00-14:30'], []], [$this->held(), $this->letters()]);
    }

    public function test_a_button_in_a_letter_is_signed_does_nothing_when_opened_and_is_good_once(): void
    {
        $this->knock([['3T14:00', 30], ['3T15:00', 30]]);
        $this->delivered();
        $raw = quoted_printable_decode(
            (string) DB::table('mailroom_messages')->where('recipient', 'wren-halloran@school.example')->value('raw'),
        );
        preg_match_all('#https?://[^/\s"]+(/knock/[\w.-]+)#', $raw, $found);
        $links = array_values(array_unique($found[1]));
        self::assertCount(5, $links, 'yes and maybe to each of two, and no');
        auth()->logout();
        foreach ([...$links, $links[0]] as $link) {
            $this->get($link)->assertOk();
        }
        self::assertSame('asked', Knock::query()->firstOrFail()->state->value);
        $forged = preg_replace('/\.accept\./', '.decline.', $links[0]);
        $this->post((string) $forged)->assertStatus(410);
        $this->post($links[1], ['word' => str_repeat('x', 1001)])->assertStatus(302);
        $this->post($links[1], ['word' => 'Gladly.'])
            ->assertOk()
            ->assertSee('Ama Otoo hears that you can.');
        self::assertSame('3T15:00', Booking::query()->firstOrFail()->starts_at->format('j\TH:i'));
        foreach ($links as $link) {
            $this->get($link)->assertStatus(410);
            $this->post($link)->assertStatus(410);
        }
    }

    public function test_a_hosts_own_calendar_shows_what_is_asked_and_hinders_no_answer(): void
    {
        $this->knock([['3T14:00', 30], ['3T15:00', 30]]);
        $uid = Knock::query()->firstOrFail()->uid;
        $event = static fn(
            string $id,
            string $at,
        ): string => "BEGIN:VEVENT\r\nUID:$id\r\nDTSTAMP:20261124T120000Z\r\nDTSTART:20261203T{$at}00Z\r\nDURATION:PT30M\r\nSUMMARY:Something\r\nEND:VEVENT\r\n";
        $calendar = $this->wren
            ->calendars()
            ->make(['name' => 'Mine'])
            ->setRelation('owner', $this->wren);
        // The entry that we sent lies in it; and something that was put over the second choice since.
        app(ReadCalendar::class)(
            $calendar,
            "BEGIN:VCALENDAR\r\nVERSION:2.0\r\n" .
                $event($uid, '1400') .
                $event('theirs', '1500') .
                "END:VCALENDAR\r\n",
            CarbonImmutable::now()->getTimestamp(),
        );
        self::assertSame(
            ['15:00'],
            DB::table('busy_spans')
                ->pluck('starts_at')
                ->map(static fn(string $at): string => substr($at, 11, 5))
                ->all(),
        );
        $this->answer('accept', 2)->assertOk();
        self::assertSame(['3T15:00-15:30'], $this->held(), 'a host knows their own calendar');
        self::assertSame(0, DB::table('notices')->count());
    }

    public function test_a_calendar_of_ones_own_is_read_once_and_kept_nowhere(): void
    {
        $calendar = static fn(string $text): UploadedFile => UploadedFile::fake()->createWithContent('mine.ics', $text);
        $read = $this->post(
            '/api/d/wren-halloran/calendar',
            [
                'file' => $calendar(
                    "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nBEGIN:VEVENT\r\nUID:a\r\nDTSTART:20261203T140000Z\r\nDTEND:20261203T143000Z\r\nSUMMARY:The dentist\r\nEND:VEVENT\r\nEND:VCALENDAR\r\n",
                ),
            ],
            ['Accept' => 'application/json'],
        )->assertOk();
        self::assertSame([[strtotime('2026-12-03T14:00:00Z'), strtotime('2026-12-03T14:30:00Z')]], $read->json('own'));
        self::assertStringNotContainsString('dentist', (string) $read->getContent());
        foreach (
            [
                [['file' => $calendar(str_repeat('x', 20_000_000))], 'file'],
                [['file' => $calendar('GIF89a')], 'file'],
                [['address' => 'http://127.0.0.1:1/a.ics'], 'address'],
                [['address' => 'http://[::1]/a.ics'], 'address'],
                [['address' => 'file:///etc/passwd'], 'address'],
                [[], 'address'],
            ]
            as [$sent, $field]
        ) {
            $this->post('/api/d/wren-halloran/calendar', $sent, ['Accept' => 'application/json'])
                ->assertUnprocessable()
                ->assertJsonValidationErrors($field);
        }
        self::assertSame([0, 0], [DB::table('calendars')->count(), DB::table('busy_spans')->count()]);
    }

    public function test_what_was_asked_is_told_and_taken_away_with_all_that_is_kept_and_goes_with_a_host_who_leaves(): void
    {
        $path = $this->knock([['3T14:00', 30]])->json('path');
        $this->answer('accept', 1)->assertOk();
        $this->knock([['4T14:00', 30]], ['pass' => substr($path, 3), 'title' => 'A second thing'])->assertCreated();
        $pass = Pass::query()->firstOrFail();
        self::assertSame(['The lab report', 'A second thing'], array_column(KeptData::of($pass)['asked_for'], 'title'));
        app(ForgetPerson::class)($pass, Presser::pass($pass), CarbonImmutable::now()->getTimestamp());
        self::assertSame(
            [[], 0, ['Asked for']],
            [$this->held(), Knock::query()->count(), Sheet::query()->pluck('title')->all()],
        );
        self::assertSame(0, DB::table('entries_sent')->count());

        $this->knock([['4T14:00', 30]], ['email' => 'bo@mail.example'])->assertCreated();
        app(LetLeave::class)($this->wren, null, 'I have gone to sea.', CarbonImmutable::now()->getTimestamp());
        self::assertSame(
            [[], 'declined', 'I have gone to sea.'],
            [$this->held(), Knock::query()->firstOrFail()->state->value, Knock::query()->firstOrFail()->answer_note],
        );
        auth()->logout();
        $this->get('/d/wren-halloran/knock')->assertNotFound();
    }
}
