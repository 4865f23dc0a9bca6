<?php

declare(strict_types=1);

namespace Tests\App;

use App\Framework\LogBook;
use App\Framework\Logged;
use App\Keeping\WhatIsKept;
use App\Knocks\Knock;
use App\Models\Booking;
use App\Models\Guest;
use App\Models\Pass;
use App\Models\Turn;
use App\Models\Waiting;
use App\Plans\Shortlist;
use Carbon\CarbonImmutable;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Routing\Route as RoutingRoute;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Facades\Schema;
use Recess\Rules\Stated;

/** What is kept of whom is declared; what is declared goes; and who looked at what is written down, as its route says. */
final class TracesTest extends TestCase
{
    use RefreshDatabase;

    /** What holds words: in these a person can stand. Ids, numbers and instants are none. */
    private const WORDS = ['varchar', 'char', 'text', 'mediumtext', 'longtext', 'blob', 'uuid'];

    public function test_every_table_and_every_column_of_words_is_declared(): void
    {
        $declared = WhatIsKept::all();
        $tables = array_values(
            array_filter(
                array_map(
                    static fn(array $one): string => $one['name'],
                    Schema::getTables(schema: DB::getDatabaseName()),
                ),
            ),
        );
        self::assertSame(
            [],
            array_values(array_diff($tables, array_keys($declared))),
            'tables of which nothing is said',
        );
        self::assertSame([], array_values(array_diff(array_keys($declared), $tables)), 'tables that there are not');
        foreach ($declared as $table => $kept) {
            $columns = Schema::getColumns($table);
            self::assertSame(
                [],
                array_values(array_diff($kept->columns, array_column($columns, 'name'))),
                "columns that $table has not",
            );
            if ($kept->of !== '') {
                $words = array_column(
                    array_filter(
                        $columns,
                        static fn(array $one): bool => in_array($one['type_name'], self::WORDS, true),
                    ),
                    'name',
                );
                self::assertSame(
                    [],
                    array_values(array_diff($words, $kept->columns)),
                    "columns of $table of which nothing is said",
                );
            }
        }
        self::assertStringContainsString(
            WhatIsKept::table(),
            (string) file_get_contents(base_path('docs/security.md')),
            'docs/security.md says the same: php artisan recess:kept',
        );
    }

    /** Names, addresses and numbers of one family: wherever one of them stands afterwards, something was forgotten to be forgotten. */
    private const SIGNS = [
        'Zubeida',
        'zubeida@',
        '5550171',
        '555-0171',
        'Quillon',
        'Orsolya',
        'orsolya@',
        'Secretword',
        'zubeida-line@',
        'Thessaly',
    ];

    public function test_of_somebody_who_is_forgotten_no_trace_is_left_in_any_table(): void
    {
        $this->family();
        // As all of it stands now it is found: a table in which nothing ever stood would prove nothing.
        $before = $this->traces();
        self::assertSame(
            [],
            array_diff(
                [
                    'bookings',
                    'passes',
                    'meeting_notes',
                    'turns',
                    'notices',
                    'texts_sent',
                    'waiting',
                    'shortlists',
                    'knocks',
                    'joiners',
                    'after_letters',
                    'entries_sent',
                    'offers',
                ],
                array_keys($before),
            ),
        );
        $pass = Pass::query()->where('name', 'Zubeida Holt')->firstOrFail();
        $this->ask('get', "/api/p/{$pass->token()}")->assertOk();
        $kept = (string) $this->getJson("/p/{$pass->token()}/kept.json")
            ->assertOk()
            ->getContent();
        foreach (['zubeida@mail.example', 'Quillon Holt', 'Thessaly Secretword', '5550171'] as $theirs) {
            self::assertStringContainsString($theirs, $kept, 'What is kept of them they read.');
        }
        foreach (
            Pass::query()
                ->whereIn('email', ['zubeida@mail.example', 'zubeida-line@mail.example'])
                ->get()
            as $one
        ) {
            $this->post("/p/{$one->token()}/forget", ['sure' => 'yes'])->assertOk();
        }
        $this->delivered();
        self::assertSame([], $this->traces());
    }

    public function test_what_nobody_asked_to_forget_goes_when_its_time_is_over(): void
    {
        $this->family();
        $school = $this->host()->school;
        $school->update(['keep_days' => 30]);
        CarbonImmutable::setTestNow('2026-12-20T12:00:00Z');
        Artisan::call('recess:expire');
        self::assertArrayHasKey('passes', $this->traces());
        // Entries are known for 400 days, so that an answer to an old one is not taken for a stranger's.
        CarbonImmutable::setTestNow('2028-03-01T12:00:00Z');
        Artisan::call('recess:tidy');
        Artisan::call('recess:expire');
        self::assertSame([], $this->traces(), 'guests, those who waited and what hosts were told among them');
    }

    /** Everything that a family can leave behind. */
    private function family(): void
    {
        config(['recess.texts.address' => null]);
        $sheet = $this->sheet(rules: Stated::of(['guests' => 2, 'waiting' => true]));
        $path = (string) $this->book(
            $sheet,
            $this->wish($sheet, '20:15', [
                'name' => 'Zubeida Holt',
                'email' => 'zubeida@mail.example',
                'answers' => [
                    'student' => 'Quillon Holt',
                    'phone' => '902 555 0171',
                ],
            ]),
        )
            ->assertCreated()
            ->json('path');
        $pass = Pass::query()->firstOrFail();
        $booking = Booking::query()->firstOrFail();
        $this->ask('post', "/api$path/bookings/$booking->id/guests", [
            'name' => 'Orsolya Vane',
            'email' => 'orsolya@mail.example',
            'may_change' => false,
        ])->assertOk();
        $this->ask('post', "/api/s/$sheet->slug/ask-to-join", [
            'student' => 'Quillon Holt',
            'name' => 'Orsolya Two',
            'email' => 'orsolya@else.example',
        ])->assertOk();
        $this->delivered();
        self::assertSame(1, Guest::query()->count());
        // One who only waits, and books never.
        $waits = Pass::query()->create([
            'name' => 'Zubeida Waits',
            'email' => 'zubeida-line@mail.example',
            'phone' => '',
        ]);
        Waiting::query()->create([
            'sheet_id' => $sheet->id,
            'pass_id' => $waits->id,
            'confirmed_at' => self::NOW,
            'wants' => ['student' => 'Quillon'],
        ]);
        Waiting::query()->create([
            'sheet_id' => $sheet->id,
            'pass_id' => $pass->id,
            'confirmed_at' => self::NOW,
            'wants' => ['student' => 'Quillon'],
        ]);
        Shortlist::query()->create([
            'round_id' => AccessTest::round($sheet->host->school_id)->id,
            'pass_id' => $pass->id,
            'asked' => ['picks' => [['student' => 'Quillon']]],
            'wished' => null,
        ]);
        Knock::query()->create([
            'staff_id' => $sheet->staff_id,
            'pass_id' => $pass->id,
            'state' => 'declined',
            'title' => 'Thessaly Secretword',
            'details' => 'Quillon',
            'student' => 'Quillon',
            'answers' => [],
            'keeper' => '',
            'until' => self::NOW,
            'uid' => (string) \Illuminate\Support\Str::uuid(),
            'request_key' => (string) \Illuminate\Support\Str::uuid(),
            'request_digest' => '',
        ]);
        Turn::query()->create([
            'staff_id' => $sheet->staff_id,
            'booking_id' => $booking->id,
            'day' => self::EVENING,
            'word' => 'Secretword',
            'answer' => 'Quillon waits',
        ]);
        $now = CarbonImmutable::now();
        $both = ['created_at' => $now, 'updated_at' => $now];
        DB::table('meeting_notes')->insert(
            ['booking_id' => $booking->id, 'staff_id' => $sheet->staff_id, 'text' => 'Quillon: Secretword'] + $both,
        );
        DB::table('notices')->insert(
            [
                'staff_id' => $sheet->staff_id,
                'booking_id' => $booking->id,
                'key' => 'k1',
                'message' => 'Zubeida Holt has no link',
            ] + $both,
        );
        DB::table('notices')->insert(
            [
                'staff_id' => $sheet->staff_id,
                'booking_id' => $booking->id,
                'key' => 'k2',
                'message' => 'Zubeida Holt’s letter came back',
            ] + $both,
        );
        DB::table('texts_sent')->insert([
            'pass_id' => $pass->id,
            'phone' => '+1 902-5550171',
            'key' => 'late',
            'failure' => '',
            'sent_at' => $now,
        ]);
        DB::table('offers')->insert(
            [
                'booking_id' => $booking->id,
                'staff_id' => $sheet->staff_id,
                'starts_at' => self::EVENING . ' 20:30:00',
                'ends_at' => self::EVENING . ' 20:45:00',
                'until' => $now,
                'keeper' => 'x',
                'word' => 'Secretword',
            ] + $both,
        );
        DB::table('after_letters')->insert([
            'sheet_id' => $sheet->id,
            'staff_id' => $sheet->staff_id,
            'request_key' => (string) \Illuminate\Support\Str::uuid(),
            'to' => 'met',
            'subject' => 'Thanks',
            'text' => 'You came.',
            'sent_at' => $now,
            'sent_to' => json_encode([
                ['booking' => $booking->id, 'name' => 'Zubeida Holt', 'email' => 'zubeida@mail.example'],
            ]),
        ]);
        DB::table('entries_sent')->insert([
            'uid' => $booking->uid,
            'email' => 'zubeida@mail.example',
            'sequence' => 0,
            'sent_at' => $now,
        ]);
    }

    /** @return array<string, int> in how many rows of which table something of that family stands */
    private function traces(): array
    {
        $found = [];
        foreach (array_keys(WhatIsKept::all()) as $table) {
            // Letters that wait, and the demo's mailroom, are said apart.
            if (in_array($table, ['jobs', 'failed_jobs', 'mailroom_messages'], true)) {
                continue;
            }
            $rows = DB::table($table)
                ->get()
                ->filter(
                    static fn(\stdClass $row): bool => array_filter(
                        self::SIGNS,
                        static fn(string $sign): bool => str_contains(
                            (string) json_encode(
                                $row,
                                JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_INVALID_UTF8_SUBSTITUTE,
                            ),
                            $sign,
                        ),
                    ) !== [],
                )
                ->count();
            $rows === 0 || ($found[$table] = $rows);
        }

        return $found;
    }

    public function test_every_route_says_what_it_leaves_in_the_log(): void
    {
        $catalogue = array_keys((array) require base_path('lang/en/log.php'));
        $wrong = [];
        foreach (Route::getRoutes()->getRoutes() as $route) {
            $said = Logged::of($route);
            [$what, $why] = explode(',', (string) $said, 2) + ['', ''];
            $good = match ($what) {
                'nothing' => in_array($why, Logged::WHY, true),
                'itself' => true,
                default => in_array($what, $catalogue, true),
            };
            // What anybody may open whose name is known is said to be so; of staff's pages every one says something of its own.
            $staffs = preg_match('#^(api/)?staff\b#', $route->uri()) === 1;
            if (
                ($said === null && ($staffs || in_array('auth', $route->gatherMiddleware(), true))) ||
                ($said !== null && (!$good || ($staffs && $why === 'visitor')))
            ) {
                $wrong[] = "{$route->methods()[0]} {$route->uri()}: " . ($said ?? 'nothing said');
            }
        }
        self::assertSame([], $wrong);
    }

    public function test_an_action_that_says_it_notes_notes(): void
    {
        $actions = array_filter(
            Route::getRoutes()->getRoutes(),
            static fn(RoutingRoute $one): bool => Logged::of($one) === 'itself',
        );
        self::assertGreaterThan(30, count($actions));
        foreach ($actions as $route) {
            [$class, $method] = explode('@', $route->getActionName() . '@__invoke');
            $source = (string) file_get_contents((string) (new \ReflectionClass($class))->getFileName());
            // In its own file, or by what it hands on to: signing in, and the changes of a password or factor that are told.
            self::assertMatchesRegularExpression(
                '/LogBook::note|Entrance::|SecondFactorTurned|SetPassword|Tries\(|\$sheets->index|TakeApart|\$takeOut|publish/',
                $source,
                "{$route->uri()}: $class::$method",
            );
        }
    }

    public function test_looks_at_what_is_others_are_written_down_once_an_hour_and_at_ones_own_not(): void
    {
        apcu_clear_cache();
        $sheet = $this->sheet();
        $this->book($sheet, $this->wish($sheet))->assertCreated();
        $office = tap($this->host('Olga Pike'))->update(['office' => true]);
        $desk = tap($this->host('Fern Ode'))->update(['reader' => true]);
        $looks = [
            'the desk' => [$office, "/api/staff/desk/$sheet->staff_id", 'looked at the desk of Wren Halloran'],
            'the list of the day' => [$desk, '/staff/day', 'looked at the lists of a day'],
            'the list on paper' => [$desk, '/staff/day/entrance.pdf', 'looked at the lists of a day: entrance.pdf'],
            'the directory' => [$office, '/api/staff/directory?sought=a', 'looked for students and families'],
            'a sheet' => [
                $office,
                "/api/staff/sheets/$sheet->id",
                'looked at the sheet “Conferences” of Wren Halloran, and what is told there',
            ],
            'who has not booked' => [
                $office,
                "/api/staff/sheets/$sheet->id/roster",
                'looked who has not booked: the sheet “Conferences”',
            ],
            'a table' => [
                $this->host(),
                "/staff/sheets/$sheet->id/files/bookings.csv",
                'took bookings.csv of the sheet “Conferences” out',
            ],
            'a slip' => [
                $office,
                '/staff/bookings/' . Booking::query()->value('id') . '/slip.pdf',
                'printed a slip for somebody of the sheet “Conferences”',
            ],
            'who works here' => [$office, '/staff/people', 'looked at who works here'],
            'families to choose from' => [
                $this->host(),
                '/api/staff/families?sought=a',
                'looked for students to put on a sheet',
            ],
        ];
        foreach ($looks as $look => [$who, $path, $line]) {
            $before = LogBook::$noted;
            foreach ([1, 2] as $ignored) {
                $this->actingAs($who->refresh())->get($path)->assertOk();
            }
            self::assertSame(1, LogBook::$noted - $before, "$look, twice within an hour");
            $this->actingAs($office)->get('/staff/log')->assertOk()->assertSee($line);
            apcu_clear_cache();
        }
        $own = LogBook::$noted;
        $this->actingAs($this->host())
            ->get("/api/staff/desk/$sheet->staff_id")
            ->assertOk();
        $this->get("/staff/sheets/$sheet->id")->assertOk();
        self::assertSame($own, LogBook::$noted);
        // What was refused was not seen.
        $this->actingAs($this->host('Stan Vole'))
            ->get("/staff/sheets/$sheet->id")
            ->assertForbidden();
        self::assertSame($own, LogBook::$noted);
    }
}
