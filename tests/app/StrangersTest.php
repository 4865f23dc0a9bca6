<?php

declare(strict_types=1);

namespace Tests\App;

use App\Calendars\CalendarFeed;
use App\Calendars\GuardedHttp;
use App\Calendars\HttpCalendarFeed;
use App\Calendars\VisitorsFeed;
use App\Directory\Guardian;
use App\Framework\RawMail;
use App\Knocks\KnockTerms;
use App\Models\Booking;
use App\Models\BookingState;
use App\Models\Pass;
use App\Models\Sheet;
use App\School\SavedPlace;
use Carbon\CarbonImmutable;
use Demo\MailroomMessage;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Recess\Rules\Stated;

/** What somebody with made-up addresses and a stop-watch gets out of the school: times, letters, and who is known here. */
final class StrangersTest extends TestCase
{
    use RefreshDatabase;

    protected function setUp(): void
    {
        parent::setUp();
        config([
            'recess.demo' => true,
            'mail.default' => 'mailroom',
            'recess.unanswered' => ['stand' => 3, 'wait' => 4],
            'recess.limits.visitor-writes.most' => 1_000,
        ]);
    }

    /** @return TestResponse<\Illuminate\Http\JsonResponse> */
    private function bookFrom(
        string $network,
        Sheet $sheet,
        string $time,
        string $who,
        string $email = '',
    ): TestResponse {
        $wish = $this->otherWish($sheet, $time, $who);

        return $this->call(
            'POST',
            "/api/s/$sheet->slug/bookings",
            server: [
                'REMOTE_ADDR' => $network,
                'HTTP_ACCEPT' => 'application/json',
                'CONTENT_TYPE' => 'application/json',
            ],
            content: json_encode(
                ['email' => $email === 'none' ? '' : ($email ?: $wish['email'])] + $wish,
                JSON_THROW_ON_ERROR,
            ),
        );
    }

    public function test_made_up_addresses_of_one_network_do_not_empty_a_sheet(): void
    {
        $sheet = $this->sheet(minutes: 5);
        $state = fn(string $time, string $who): mixed => $this->bookFrom('203.0.113.7', $sheet, "20:$time", $who)->json(
            'bookings.0.state',
        );
        // The first few stand, as the school asks no answer; the next wait for one; and no more of them at once than some.
        self::assertSame(
            ['booked', 'booked', 'booked', 'kept', 'kept', 'kept', 'kept'],
            array_map($state, ['00', '05', '10', '15', '20', '25', '30'], range('A', 'G')),
        );
        $refused = $this->bookFrom('203.0.113.7', $sheet, '20:35', 'H')->assertConflict();
        self::assertStringContainsString('not answered yet', (string) $refused->json('message'));
        self::assertSame(7, Booking::query()->count());
        // Another network, and another sheet, are another matter.
        $this->bookFrom('198.51.100.1', $sheet, '20:35', 'I')
            ->assertCreated()
            ->assertJsonPath('bookings.0.state', 'booked');
        $this->bookFrom('203.0.113.7', $this->sheet($this->host('Iolo Bevan'), title: 'Maths'), '20:30', 'J')
            ->assertCreated()
            ->assertJsonPath('bookings.0.state', 'booked');
        // Whoever answers counts no longer; what is not answered is free again after half an hour.
        $kept = Booking::query()->where('state', BookingState::Kept)->firstOrFail();
        $this->post(
            substr((string) parse_url($kept->pass->confirmLink((string) $kept->pass->email), PHP_URL_PATH), 0),
        )->assertOk();
        self::assertSame([BookingState::Booked, null], [$kept->refresh()->state, $kept->origin]);
        $this->bookFrom('203.0.113.7', $sheet, '20:40', 'K')
            ->assertCreated()
            ->assertJsonPath('bookings.0.state', 'kept');
        CarbonImmutable::setTestNow(CarbonImmutable::now()->addMinutes(31));
        Artisan::call('recess:tidy');
        $this->ask('get', "/api/s/$sheet->slug")->assertJsonPath('free', 12 - 5);
    }

    public function test_without_an_address_there_is_none_that_could_answer(): void
    {
        $sheet = $this->sheet(minutes: 5, rules: Stated::of(['email_optional' => true]));
        foreach (['00', '05', '10'] as $i => $time) {
            $this->bookFrom('203.0.113.7', $sheet, "20:$time", "Child $i", 'none')->assertCreated();
        }
        $this->bookFrom('203.0.113.7', $sheet, '20:15', 'One more', 'none')
            ->assertConflict()
            ->assertSee('Give one, so that it can answer');
        $this->bookFrom('203.0.113.7', $sheet, '20:15', 'One more')
            ->assertCreated()
            ->assertJsonPath('bookings.0.state', 'kept');
    }

    public function test_a_school_that_begins_asks_addresses_to_answer(): void
    {
        $id = DB::table('schools')->insertGetId(['name' => 'New', 'zone' => 'Europe/Lisbon', 'country' => 'PT']);
        self::assertSame(1, (int) DB::table('schools')->where('id', $id)->value('confirm_addresses'));
    }

    /** Words that a stranger would have the school’s server carry to somebody. */
    private const WORDS = ['Cheap Watches', 'Visit Our Shop', 'prize.example', 'Win Quickly', 'Buy Now Please'];

    public function test_none_of_a_strangers_words_go_to_an_address_that_has_not_answered(): void
    {
        $wren = $this->host();
        $wren->school->update(['confirm_addresses' => true]);
        $place = SavedPlace::query()->create([
            'staff_id' => $wren->id,
            'school_id' => $wren->school_id,
            'kind' => 'room',
            'label' => 'Room 12',
        ]);
        $this->actingAs($wren)
            ->ask('put', '/api/staff/me/knocks', [
                'allowed' => true,
                'hours' => array_fill_keys([1, 2, 3, 4, 5], '8:00 to 16:00') + [6 => '', 7 => null],
                'lead_hours' => 24,
                'ahead_days' => 14,
                'lengths' => [30],
                'place_ids' => [$place->id],
                'most_open' => 9,
                'kept_hours' => 48,
                'audience' => 'anyone',
                'intro' => '',
                'questions' => [],
            ])
            ->assertOk();
        auth()->logout();
        $this->flushSession();
        $words = ['name' => self::WORDS[0], 'email' => 'victim@mail.example'];
        $knock = fn(int $hour): TestResponse => $this->ask(
            'post',
            '/api/d/wren-halloran/knocks',
            $words + [
                'title' => self::WORDS[1],
                'details' => 'See https://' . self::WORDS[2],
                'work' => 'https://' . self::WORDS[2] . '/x',
                'student' => self::WORDS[3],
                'place' => KnockTerms::of($wren)->places()->firstOrFail()->id,
                'phone' => '',
                'answers' => [],
                'with' => [],
                'request_key' => Str::uuid()->toString(),
                'choices' => [['start' => "2026-12-03T$hour:00:00Z", 'minutes' => 30]],
            ],
        );
        $sheet = $this->sheet($this->host('Iolo Bevan'), minutes: 1, rules: Stated::of(['approve' => true]));
        $ways = [
            'a knock' => $knock,
            'a wish' => fn(int $hour): TestResponse => $this->book(
                $sheet,
                $this->wish(
                    $sheet,
                    '20:' . ($hour + 1),
                    ['answers' => ['student' => self::WORDS[3], 'phone' => '902 555 0150']] + $words,
                ),
            ),
            'a place in line' => fn(int $hour): TestResponse => $this->ask(
                'post',
                "/api/s/$sheet->slug/waiting",
                $words,
            ),
            'its passes' => fn(int $hour): TestResponse => $this->ask('post', '/api/pass-again', [
                'email' => 'victim@mail.example',
            ]),
        ];
        $this->book($sheet, $this->wish($sheet, '20:00'))->assertCreated();
        foreach ([true, false] as $asks) {
            $wren->school->update(['confirm_addresses' => $asks]);
            foreach ($ways as $go) {
                $go($asks ? 14 : 15)->assertSuccessful();
                // Each in its own time: whoever books is in line no longer.
                $this->delivered();
            }
        }
        $this->delivered();
        $letters = MailroomMessage::query()->where('recipient', 'victim@mail.example')->get();
        self::assertGreaterThanOrEqual(6, $letters->count(), $letters->pluck('subject')->implode('; '));
        foreach ($letters as $letter) {
            $mail = RawMail::read($letter->raw);
            $text = implode("\n", [
                $mail->header('to'),
                $mail->header('subject'),
                $mail->part('text/plain'),
                $mail->part('text/html'),
                $mail->part('text/calendar'),
            ]);
            foreach (self::WORDS as $word) {
                self::assertStringNotContainsString(
                    $word,
                    str_replace('"' . self::WORDS[0] . '"', '', $text),
                    $mail->header('subject'),
                );
            }
        }
        // Once it has answered, it is told all that it said itself.
        $pass = Pass::query()
            ->whereHas('bookings', static fn($one) => $one->where('student', self::WORDS[3]))
            ->firstOrFail();
        MailroomMessage::query()->delete();
        $this->post((string) parse_url($pass->confirmLink('victim@mail.example'), PHP_URL_PATH))->assertOk();
        $this->delivered();
        $told = RawMail::read(
            MailroomMessage::query()->where('recipient', 'victim@mail.example')->firstOrFail()->raw,
        )->part('text/plain');
        self::assertStringContainsString('Dear ' . self::WORDS[0], $told);
    }

    public function test_neither_words_nor_work_tell_which_addresses_and_children_are_known(): void
    {
        $sheet = $this->sheet(rules: Stated::of(['guests' => 1]));
        $this->book($sheet, $this->wish($sheet))->assertCreated();
        $this->delivered();
        $asked = function (string $path, array $body): array {
            DB::flushQueryLog();
            DB::enableQueryLog();
            $answer = $this->ask('post', $path, $body);
            $log = DB::getQueryLog();
            DB::disableQueryLog();

            // What is asked of the database, without what it is asked about.
            return [
                $answer->getStatusCode(),
                $answer->getContent(),
                array_values(
                    array_filter(
                        array_column($log, 'query'),
                        static fn(string $one): bool => !str_contains($one, 'INTO limits'),
                    ),
                ),
            ];
        };
        self::assertSame(
            $asked('/api/pass-again', ['email' => 'ama@mail.example']),
            $asked('/api/pass-again', ['email' => 'nobody@mail.example']),
        );
        $join = fn(string $student, string $email): array => $asked("/api/s/$sheet->slug/ask-to-join", [
            'student' => $student,
            'name' => 'Kofi Adeyemi',
            'email' => $email,
        ]);
        self::assertSame($join('Kwame Ferreira', 'kofi@mail.example'), $join('Nobody At All', 'kofi2@mail.example'));
        // And it is done all the same.
        $this->delivered();
        self::assertSame(['kofi@mail.example'], DB::table('joiners')->pluck('email')->all());
        self::assertContains(
            'Your bookings',
            MailroomMessage::query()->where('recipient', 'ama@mail.example')->pluck('subject')->all(),
        );
    }

    public function test_a_visitors_calendar_is_fetched_from_the_public_internet_alone(): void
    {
        config(['recess.feed_hosts' => ['127.0.0.1:9', 'calendar.inside.example']]);
        $mayBeInside = static function (object $feed): array {
            $http = (new \ReflectionProperty(HttpCalendarFeed::class, 'http'))->getValue($feed);
            self::assertInstanceOf(GuardedHttp::class, $http);

            return array_map($http->isPrivate(...), ['http://127.0.0.1:9/a', 'http://calendar.inside.example/a']);
        };
        self::assertSame(
            [[true, true], [false, false]],
            [$mayBeInside(app(CalendarFeed::class)), $mayBeInside(app(VisitorsFeed::class))],
        );
        $this->ask('post', '/api/d/' . $this->host()->slug . '/calendar', [
            'address' => 'http://127.0.0.1:9/a.ics',
        ])->assertNotFound();
    }

    public function test_doors_of_those_who_left_or_never_came_are_closed(): void
    {
        $wren = $this->host();
        $this->get("/d/$wren->slug")->assertOk();
        $wren->update(['left_at' => self::NOW]);
        foreach (['', '/knock', '/picture'] as $more) {
            $this->get("/d/$wren->slug$more")->assertNotFound();
        }
        $this->ask('post', "/api/d/$wren->slug/times", ['with' => []])->assertNotFound();
        $never = $this->host('Nia Sand');
        $never->update(['came_at' => null]);
        $this->get("/d/$never->slug")->assertNotFound();
        // Whoever was put in a round before they came is found by those who book there.
        $this->sheet($never);
        $this->get("/d/$never->slug")->assertOk();
    }

    public function test_two_addresses_that_differ_in_an_accent_are_two_families(): void
    {
        $school = $this->host()->school_id;
        $one = Guardian::query()->create(['school_id' => $school, 'name' => 'A', 'email' => 'ama@mail.example']);
        Guardian::query()->create(['school_id' => $school, 'name' => 'B', 'email' => 'amá@mail.example']);
        self::assertSame([$one->id], Guardian::query()->where('email', 'ama@mail.example')->pluck('id')->all());
        $sheet = $this->sheet();
        DB::table('expected')->insert(
            array_map(
                static fn(string $email): array => [
                    'sheet_id' => $sheet->id,
                    'name' => $email,
                    'name_key' => $email,
                    'email' => $email,
                ],
                ['bo@mail.example', 'bó@mail.example'],
            ),
        );
        self::assertSame(1, DB::table('expected')->where('email', 'bo@mail.example')->count());
    }

    /** @return iterable<string, array{\Closure(): string}> */
    public static function hugeFiles(): iterable
    {
        yield 'a bundle that is 52 MB unpacked' => [
            static function (): string {
                $path = (string) tempnam(sys_get_temp_dir(), 'huge');
                $zip = new \ZipArchive();
                $zip->open($path, \ZipArchive::OVERWRITE);
                $zip->addFromString(
                    'manifest.csv',
                    "propertyName,value\nfile.users,bulk\nfile.classes,bulk\nfile.enrollments,bulk\n",
                );
                $zip->addFromString('users.csv', "sourcedId\n" . str_repeat("u,active,x\n", 4_700_000));
                $zip->addFromString('classes.csv', "sourcedId\n");
                $zip->addFromString('enrollments.csv', "sourcedId\n");
                $zip->close();

                return (string) file_get_contents($path);
            },
        ];
        yield 'a table of a million lines' => [static fn(): string => "Name\n" . str_repeat("a\n", 1_000_000)];
        yield 'a line of a million cells' => [static fn(): string => 'Name' . str_repeat(',', 1_000_000) . "\n"];
    }

    /** @param  \Closure(): string  $file */
    #[DataProvider('hugeFiles')]
    public function test_a_file_larger_than_any_school_is_refused_in_words(\Closure $file): void
    {
        $office = tap($this->host('Olga Pike'))->update(['office' => true]);
        $file = UploadedFile::fake()->createWithContent('roll.zip', $file());
        memory_reset_peak_usage();
        $before = memory_get_usage();
        foreach (['directory/file', 'people/file'] as $path) {
            $answer = $this->actingAs($office)->post(
                "/api/staff/$path",
                ['file' => $file],
                ['Accept' => 'application/json'],
            );
            self::assertContains($answer->getStatusCode(), [409, 422], (string) $answer->getContent());
            self::assertNotSame('', $answer->json('message'));
        }
        self::assertLessThan(120_000_000, memory_get_peak_usage() - $before);
    }
}
