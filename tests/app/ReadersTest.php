<?php

declare(strict_types=1);

namespace Tests\App;

use App\Calendars\AnswerAddress;
use App\Directory\CardCode;
use App\Directory\Guardian;
use App\Directory\Student;
use App\Framework\RawMail;
use App\Line\DayCode;
use App\Line\DayOf;
use App\Models\Booking;
use App\Models\Guest;
use App\Models\HostRole;
use App\Models\Pass;
use App\Models\Question;
use App\Models\QuestionKind;
use App\Models\Questions;
use App\Models\Reach;
use App\Models\Sheet;
use App\Models\SheetHost;
use App\School\Kiosk;
use App\School\UsualQuestions;
use Carbon\CarbonImmutable;
use Demo\MailroomMessage;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Routing\Route as RoutingRoute;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use Recess\Rules\Stated;
use Symfony\Component\Process\Process;

/**
 * Who reads what: every page, file, paper, answer and letter is made for each kind of reader and searched for the keys,
 * addresses, numbers and names that are not theirs. A new route is walked by itself.
 */
final class ReadersTest extends TestCase
{
    use RefreshDatabase;

    /** Who works here, by what they are to the sheet. */
    private const STAFF = [
        'host' => 'Wren Halloran',
        'colleague' => 'Iolo Bevan',
        'manager' => 'Mara Quill',
        'borrower' => 'Bram Teller',
        'front desk' => 'Fern Ode',
        'office' => 'Olga Pike',
        'of nothing' => 'Stan Vole',
    ];

    /** Whoever has to do with the sheet, in whatever part. */
    private const AT_IT = ['host', 'colleague', 'manager', 'borrower', 'office'];

    /** @var array<string, Pass> by who it is */
    private array $passes = [];

    private Sheet $sheet;

    private Booking $booking;

    protected function setUp(): void
    {
        parent::setUp();
        config([
            'recess.demo' => true,
            'mail.default' => 'mailroom',
            'recess.answers.address' => 'answers+{key}@school.example',
            'recess.limits.visitor-writes.most' => 1_000,
            'recess.limits.reads.most' => 10_000,
            'recess.limits.pass-reads.most' => 10_000,
            'recess.limits.kiosk.most' => 1_000,
            'recess.limits.worksheet.most' => 10_000,
        ]);
        $this->sheet = $this->draft(
            title: 'Maps',
            rules: Stated::of(['seats' => 2, 'show_who' => true, 'guests' => 2]),
            questions: new Questions([
                ...UsualQuestions::all()->all,
                new Question('about', QuestionKind::Long, 'About what?', '', false, onRunSheet: false),
            ]),
        );
        foreach (['colleague' => HostRole::Must, 'manager' => HostRole::Manage] as $who => $role) {
            SheetHost::query()->create([
                'sheet_id' => $this->sheet->id,
                'staff_id' => $this->host(self::STAFF[$who])->id,
                'role' => $role,
            ]);
        }
        $this->host(self::STAFF['front desk'])->update(['reader' => true]);
        $this->host(self::STAFF['office'])->update(['office' => true]);
        DB::table('lendings')->insert([
            'of_id' => $this->sheet->staff_id,
            'to_id' => $this->host(self::STAFF['borrower'])->id,
            'until' => '2027-01-01 00:00:00',
        ]);
        $this->publish($this->sheet->refresh());
        $this->families();
    }

    /** Ama has a time, and brings Kofi; Bao has one in the same group; Dara, whom the school knows, has none. */
    private function families(): void
    {
        $wish = fn(string $who, string $student, string $phone, array $more): array => $this->wish(
            $this->sheet,
            '20:15',
            [
                'name' => $who,
                'email' => strtolower(strtok($who, ' ')) . '@mail.example',
                'answers' =>
                    [
                        'student' => $student,
                        'phone' => $phone,
                    ] + $more,
            ],
        );
        $this->book(
            $this->sheet,
            $wish('Ama Otoo', 'Kwame Ferreira', '902 555 0101', ['about' => 'delicate-matter']),
        )->assertCreated();
        $this->book(
            $this->sheet,
            $wish('Bao Lind', 'Tuva Lind', '902 555 0103', ['about' => 'other-matter']),
        )->assertCreated();
        [$ama, $bao] = Pass::query()->orderBy('id')->get()->all();
        $this->booking = Booking::query()->where('pass_id', $ama->id)->firstOrFail();
        $this->ask('post', "/api/p/{$ama->token()}/bookings/{$this->booking->id}/guests", [
            'name' => 'Kofi Adeyemi',
            'email' => 'kofi@mail.example',
            'may_change' => true,
        ])->assertOk();
        $kofi = Guest::query()->with('pass')->sole()->pass;
        $kofi->update(['phone' => '+1 902-555-0102']);
        $this->passes = ['owner' => $ama, 'guest' => $kofi, 'next to them' => $bao];
        $student = Student::query()->create([
            'school_id' => $this->sheet->host->school_id,
            'name' => 'Efua Darko',
            'number' => 'S-77',
        ]);
        $dara = Guardian::query()->create([
            'school_id' => $this->sheet->host->school_id,
            'name' => 'Dara Darko',
            'email' => 'dara@mail.example',
            'phone' => '+1 902-555-0104',
        ]);
        $student->guardians()->attach($dara->id, ['may_book' => true]);
        CardCode::of($dara, $this->sheet, Reach::sheet($this->sheet)->ends());
    }

    /** @return array<string, list<string>> what stands out, and who alone may read it */
    private function owned(): array
    {
        $key = fn(string $who): string => (string) AnswerAddress::of(
            $this->booking->uid,
            (string) $this->passes[$who]->email,
            $this->passes[$who]->generation,
        );
        $day = DayOf::at($this->booking->span()->start, $this->sheet->host->school->timeZone());
        $owned = [
            // What opens something is its holder's alone.
            ...array_combine(
                array_map(static fn(Pass $pass): string => $pass->token(), $this->passes),
                array_map(static fn(string $who): array => [$who], array_keys($this->passes)),
            ),
            // Of a link that a letter carries, what seals it.
            substr($this->passes['owner']->linkTo($this->booking), -43) => ['owner'],
            substr($this->passes['guest']->linkTo($this->booking), -43) => ['guest'],
            $key('owner') => ['owner'],
            $key('guest') => ['guest'],
            DayCode::of($this->passes['owner'], $day) => ['owner'],
            $this->sheet->host->feedToken() => ['host'],
            Guardian::query()->sole()->pass()->token() => ['nobody'],
            Kiosk::query()->sole()->token() => ['office', 'at the tablet'],
            // Addresses and numbers: whoever meets them, and the office; the list of the day has the number.
            'ama@mail' => ['owner', ...self::AT_IT],
            'kofi@mail' => ['guest', ...self::AT_IT],
            'bao@mail' => ['next to them', ...self::AT_IT],
            'dara@mail' => ['office'],
            '555-0101' => ['owner', 'front desk', ...self::AT_IT],
            '555-0102' => ['guest', ...self::AT_IT],
            '555-0103' => ['next to them', 'front desk', ...self::AT_IT],
            '555-0104' => ['office'],
            // What was told to the one who is met.
            'delicate-matter' => ['owner', 'host'],
            'other-matter' => ['next to them', 'host'],
            'Kwame Ferreira' => ['owner', 'guest', 'front desk', ...self::AT_IT],
            'Tuva Lind' => ['next to them', 'front desk', ...self::AT_IT],
            'Efua Darko' => ['office'],
            'Dara Darko' => ['office'],
            // Names are seen in turn by those who come at the same time, where the sheet says so.
            'Ama Otoo' => ['owner', 'guest', 'next to them', 'front desk', ...self::AT_IT],
            'Kofi Adeyemi' => ['owner', 'guest', 'front desk', ...self::AT_IT],
        ];
        self::assertNotContains('', array_keys($owned));

        return $owned;
    }

    /** @param  array<string, list<string>>  $owned */
    private function assertTheirsAlone(string $text, string $reader, string $where, array $owned): void
    {
        // What is kept of a visitor the office hands to them when they ask (proved, and written down): all of it is theirs.
        if (str_starts_with($where, '/api/staff/visitors/')) {
            unset($owned['delicate-matter']);
        }
        $foreign = array_keys(
            array_filter(
                $owned,
                static fn(array $who, string|int $sign): bool => !in_array($reader, $who, true) &&
                    str_contains($text, (string) $sign),
                ARRAY_FILTER_USE_BOTH,
            ),
        );
        self::assertSame([], $foreign, "In $where, which “{$reader}” reads, stands what is not theirs.");
    }

    public function test_every_page_file_and_paper_holds_what_is_its_readers_alone(): void
    {
        $kiosk = Kiosk::query()->create(['school_id' => $this->sheet->host->school_id, 'name' => 'Main door']);
        $kiosk->update(['token_hash' => hash('sha256', $kiosk->token())]);
        $this->sheet->host->update(['feed_hash' => hash('sha256', $this->sheet->host->feedToken())]);
        // On the day itself, an hour before, when most is shown.
        CarbonImmutable::setTestNow(self::EVENING . 'T20:06:00Z');
        $owned = $this->owned();
        $read = 0;
        foreach (['stranger' => null, 'at the tablet' => null, ...$this->passes, ...self::STAFF] as $reader => $who) {
            foreach (Route::getRoutes()->getRoutes() as $route) {
                foreach (
                    in_array('GET', $route->methods(), true) ? $this->addresses($route, $reader, $who) : []
                    as $address
                ) {
                    Auth::forgetGuards();
                    $this->flushSession();
                    is_string($who) && $this->actingAs($this->host($who));
                    $answer = $this->get($address);
                    self::assertLessThan(500, $answer->getStatusCode(), "$address as $reader");
                    if ($answer->isOk()) {
                        $read++;
                        $body =
                            (string) ($answer->baseResponse instanceof
                            \Symfony\Component\HttpFoundation\StreamedResponse
                                ? $answer->streamedContent()
                                : $answer->getContent());
                        $this->assertTheirsAlone(
                            self::text($body, (string) $answer->headers->get('Content-Type')),
                            $reader,
                            $address,
                            $owned,
                        );
                    }
                }
            }
        }
        self::assertGreaterThan(250, $read, 'and it was not refused everywhere');
    }

    /** @return list<string> a route's addresses as that reader would open them: about what they have, and about what they have not */
    private function addresses(RoutingRoute $route, string $reader, Pass|string|null $who): array
    {
        $values = [
            'sheet' => str_contains($route->uri(), 'staff/sheets') ? $this->sheet->id : $this->sheet->slug,
            'booking' => $this->booking->id,
            'person' => $this->sheet->staff_id,
            'staff' => $this->sheet->host->slug,
            'visitor' => $this->passes['owner']->id,
            'kiosk' => $reader === 'at the tablet' ? Kiosk::query()->sole()->token() : str_repeat('x', 43),
            'tablet' => Kiosk::query()->sole()->id,
            'pass' => $who instanceof Pass ? $who->token() : str_repeat('x', 43),
            'token' => $reader === 'host' ? $this->sheet->host->feedToken() : str_repeat('x', 43),
        ];
        // A file's name is one of several.
        $names = match (true) {
            str_ends_with($route->uri(), 'files/{what}') => [
                'sheet.json',
                'availability.ics',
                'bookings.csv',
                'bookings.xlsx',
                'bookings.pdf',
                'notice.pdf',
                'slips.pdf',
                'cards.pdf',
            ],
            str_contains($route->uri(), '{list}') => [
                'run-sheet.pdf',
                'run-sheet.csv',
                'run-sheet.xlsx',
                'entrance.pdf',
                'doors.pdf',
            ],
            default => [''],
        };
        $known = static fn(array $name): string => (string) ($values[$name[1]] ?? 1);
        $addresses = [];
        foreach ($names as $name) {
            $path =
                '/' .
                preg_replace_callback(
                    '/\{(\w+)(?::\w+)?\}/',
                    $known,
                    str_replace(['{what}', '{list}'], $name, $route->uri()),
                );
            $addresses[] = $path;
            // As it is opened from a pass, about a child, for the whole school, for a sheet.
            if ($who instanceof Pass && !str_contains($path, '/p/')) {
                $addresses[] = $path . '?' . http_build_query(['pass' => $who->token(), 'student' => 'Kwame Ferreira']);
            }
            if (str_contains($path, 'lists')) {
                array_push($addresses, "$path?whom=school", "$path?whom={$this->sheet->id}&notes=1");
            }
            if (
                str_contains($path, 'visitors') ||
                str_contains($path, 'directory') ||
                str_contains($path, 'families')
            ) {
                $addresses[] = "$path?sought=a";
            }
        }

        return $addresses;
    }

    public function test_every_letter_and_entry_holds_what_is_its_readers_alone(): void
    {
        Kiosk::query()->create(['school_id' => $this->sheet->host->school_id, 'name' => 'Main door']);
        $ama = $this->passes['owner']->token();
        $id = $this->booking->id;
        $this->delivered();
        foreach (
            [
                ['move', ['slot' => self::EVENING . 'T20:45:00Z']],
                [
                    'answers',
                    [
                        'answers' => [
                            'about' => 'delicate-matter',
                            'student' => 'Kwame Ferreira',
                            'phone' => '902 555 0101',
                        ],
                    ],
                ],
            ]
            as [$what, $body]
        ) {
            $this->ask('post', "/api/p/$ama/bookings/$id/$what", $body)->assertOk();
            $this->delivered();
        }
        $this->ask('post', "/api/s/{$this->sheet->slug}/ask-to-join", [
            'student' => 'Tuva Lind',
            'name' => 'Ama Otoo',
            'email' => 'ama@mail.example',
        ])->assertOk();
        $this->actingAs($this->host())->ask('post', "/api/staff/sheets/{$this->sheet->id}/link", [
            'link' => 'https://video.school.example/r/7',
        ]);
        CarbonImmutable::setTestNow('2026-12-02T20:46:00Z');
        Artisan::call('recess:remind');
        $this->delivered();
        $guest = $this->passes['guest']->token();
        $this->ask('post', "/api/p/$guest/bookings/$id/give-back", ['note' => ''])->assertOk();
        $this->delivered();

        $owned = $this->owned();
        $readers =
            ['ama@mail.example' => 'owner', 'kofi@mail.example' => 'guest', 'bao@mail.example' => 'next to them'] +
            array_flip(array_map(fn(string $name): string => $this->host($name)->email, self::STAFF));
        $met = [];
        foreach (MailroomMessage::query()->orderBy('id')->get() as $message) {
            $mail = RawMail::read($message->raw);
            $reader = $readers[$message->recipient];
            $met[$reader] = ($met[$reader] ?? 0) + 1;
            $entry = (string) preg_replace('/\r\n[ \t]/', '', $mail->part('text/calendar'));
            $text = implode("\n", [
                implode(' ', $mail->headers('reply-to')),
                $mail->header('subject'),
                $mail->part('text/plain'),
                $mail->part('text/html'),
                $entry,
            ]);
            self::assertStringNotContainsString('?:', $text);
            $this->assertTheirsAlone(html_entity_decode($text), $reader, '“' . $mail->header('subject') . '”', $owned);
        }
        self::assertSame([], array_diff(['owner', 'guest', 'next to them', 'host', 'colleague'], array_keys($met)));
        self::assertGreaterThanOrEqual(4, $met['guest']);
    }

    public function test_a_pass_that_a_guest_may_have_seen_is_another_one_and_its_holder_hears_where(): void
    {
        $old = $this->passes['owner']->token();
        $oldKey = AnswerAddress::of($this->booking->uid, 'ama@mail.example');
        $this->delivered();
        // As the migration marks them: those on which bookings stand that had guests.
        $marks = (string) file_get_contents(database_path('migrations/2026_12_05_000001_passes_that_were_seen.php'));
        self::assertSame(1, preg_match('/(UPDATE passes SET renew_because = \?[^\']+)\'/', $marks, $found));
        DB::update($found[1], ['guest saw it']);
        self::assertSame(
            [$this->passes['owner']->id],
            Pass::query()->whereNotNull('renew_because')->pluck('id')->all(),
        );
        MailroomMessage::query()->delete();
        Artisan::call('recess:renew-shown');
        Artisan::call('recess:renew-shown');
        $this->delivered();

        $this->ask('get', "/api/p/$old")->assertNotFound();
        $now = $this->passes['owner']->refresh()->token();
        $this->ask('get', "/api/p/$now")
            ->assertOk()
            ->assertJsonPath('bookings.0.id', $this->booking->id);
        $letter = MailroomMessage::query()->sole();
        self::assertSame('ama@mail.example', $letter->recipient);
        self::assertSame(1, preg_match('#(/p/\S+)#', RawMail::read($letter->raw)->part('text/plain'), $leads));
        $this->post($leads[1])->assertOk()->assertSee($now);
        $entry = (string) preg_replace(
            '/\r\n[ \t]/',
            '',
            (string) $this->get("/p/$now/bookings/{$this->booking->id}.ics")
                ->assertOk()
                ->getContent(),
        );
        self::assertStringNotContainsString((string) $oldKey, $entry);
        self::assertStringContainsString(
            (string) AnswerAddress::of($this->booking->uid, 'ama@mail.example', 2),
            $entry,
        );
        // Whoever has no mailbox is told by whom they meet.
        $this->passes['next to them']->update(['email' => null, 'renew_because' => 'guest saw it']);
        Artisan::call('recess:renew-shown');
        self::assertSame(
            [$this->sheet->staff_id],
            DB::table('notices')
                ->where('says', 'booking.pass_renewed_host')
                ->where('says_with->who', 'Bao Lind')
                ->pluck('staff_id')
                ->all(),
        );
    }

    /** What can be read of a file, by its type: what a calendar folds unfolded, what a page encodes decoded. */
    private static function text(string $body, string $type): string
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'read');
        try {
            file_put_contents($file, $body);

            return match (true) {
                str_contains($type, 'pdf') => (new Process(['pdftotext', '-q', $file, '-']))->mustRun()->getOutput(),
                str_contains($type, 'sheet') => (new Process(['unzip', '-p', $file]))->mustRun()->getOutput(),
                str_contains($type, 'calendar') => (string) preg_replace('/\r\n[ \t]/', '', $body),
                str_contains($type, 'json') => (string) json_encode(
                    json_decode($body, true),
                    JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE,
                ),
                default => html_entity_decode($body),
            };
        } finally {
            unlink($file);
        }
    }
}
