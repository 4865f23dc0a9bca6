<?php

declare(strict_types=1);

namespace Tests\App\Mail;

use App\Framework\Notices;
use App\Framework\RawMail;
use App\Knocks\Knock;
use App\Knocks\KnockTerms;
use App\Models\Booking;
use App\Models\BookingState;
use App\Models\Guest;
use App\Models\Hold;
use App\Models\Notice;
use App\Models\Pass;
use App\Models\StaffMember;
use App\School\SavedPlace;
use Carbon\CarbonImmutable;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;
use Recess\Common\AskedHours;
use Recess\Rules\Stated;
use Symfony\Component\Process\Process;
use Tests\App\Support\MailServer;
use Tests\App\TestCase;

/** Answers of calendar programs, made by python-icalendar and ical.js, come in over SMTP and are read over IMAP. */
final class AnswersTest extends TestCase
{
    use RefreshDatabase;

    private static MailServer $server;

    public static function setUpBeforeClass(): void
    {
        self::$server = new MailServer();
    }

    public static function tearDownAfterClass(): void
    {
        self::$server->stop();
    }

    protected function setUp(): void
    {
        parent::setUp();
        self::$server->empty();
        config(['recess.answers' => self::$server->settings()]);
    }

    /** @return string the invitation that went to an address last, as an iCalendar text */
    private function invitation(string $address): string
    {
        $this->delivered();
        $raw = (string) DB::table('mailroom_messages')
            ->where('recipient', $address)
            ->where('raw', 'like', '%text/calendar%')
            ->orderByDesc('id')
            ->value('raw');
        $invitation = RawMail::read($raw)->part('text/calendar');
        if ($invitation !== '') {
            return $invitation;
        }
        self::fail("No invitation to $address.");
    }

    /**
     * @param  array<string, mixed>  $how  as tests/app/Mail/reply.py takes it
     */
    private function answer(
        string $invitation,
        string $from,
        string $says,
        string $program = 'office',
        array $how = [],
    ): void {
        preg_match('/^ORGANIZER.*mailto:(\S+)/mi', str_replace("\r\n ", '', $invitation), $organizer);
        $asked = $how + [
            'invitation' => $invitation,
            'from' => $from,
            'to' => $organizer[1],
            'says' => $says,
            'program' => $program,
            'stamp' => CarbonImmutable::now()->getTimestamp(),
        ];
        if ($program === 'phone') {
            $asked['calendar'] ??= (new Process(
                ['node', __DIR__ . '/reply.mjs'],
                dirname(__DIR__, 3),
                input: (string) json_encode($asked),
            ))
                ->mustRun()
                ->getOutput();
        }
        $raw = (new Process(['/usr/bin/python3', __DIR__ . '/reply.py'], input: (string) json_encode($asked)))
            ->mustRun()
            ->getOutput();
        self::$server->take(
            is_string($how['envelope'] ?? null) ? $how['envelope'] : $from,
            (string) $asked['to'],
            $raw,
        );
    }

    /** @return list<string> why what came was left alone */
    private function read(): array
    {
        self::assertSame(0, Artisan::call('recess:answers'), Artisan::output());
        $left = DB::table('mail_left')->orderBy('id')->pluck('why')->all();
        DB::table('mail_left')->delete();

        return array_values(array_map(strval(...), $left));
    }

    private function knock(): Knock
    {
        $host = $this->host();
        $place = SavedPlace::query()->firstOrCreate(
            ['school_id' => $host->school_id, 'staff_id' => $host->id, 'label' => 'Room 12'],
            ['kind' => 'room'],
        );
        KnockTerms::query()->updateOrCreate(
            ['staff_id' => $host->id],
            [
                'allowed' => true,
                'hours' => AskedHours::of(array_fill_keys([1, 2, 3, 4, 5], AskedHours::typed('8-16')))->record(),
                'lead_hours' => 24,
                'ahead_days' => 14,
                'lengths' => [30],
                'place_ids' => [$place->id],
                'most_open' => 9,
                'kept_hours' => 72,
                'audience' => 'anyone',
                'questions' => new \App\Models\Questions(),
                'intro' => '',
            ],
        );
        $choice = static fn(string $at): array => ['start' => "2026-12-03T$at:00Z", 'minutes' => 30];
        $this->ask('post', '/api/d/wren-halloran/knocks', [
            'title' => 'The lab report',
            'place' => $place->id,
            'name' => 'Ama Otoo',
            'email' => 'ama@mail.example',
            'answers' => [],
            'with' => [],
            'choices' => [$choice('14:00'), $choice('15:00')],
            'request_key' => Str::uuid()->toString(),
        ])->assertCreated();

        return Knock::query()->latest('id')->firstOrFail();
    }

    /** @return iterable<string, array{string}> */
    public static function programs(): iterable
    {
        yield 'a program of an office' => ['office'];
        yield 'a phone' => ['phone'];
        yield 'mail in a browser' => ['browser'];
    }

    #[DataProvider('programs')]
    public function test_a_visitor_who_declines_in_their_calendar_gives_the_time_back(string $program): void
    {
        $sheet = $this->sheet();
        $this->book($sheet, $this->wish($sheet))->assertCreated();
        $invitation = $this->invitation('ama@mail.example');
        self::assertMatchesRegularExpression(
            '/ORGANIZER;CN=Wren Halloran:mailto:answers\+[0-9a-f]{24}@school\.example/',
            str_replace("\r\n ", '', $invitation),
            'answers go to the mailbox',
        );
        // That they come was known; and then they do not.
        $this->answer($invitation, 'ama@mail.example', 'ACCEPTED', $program);
        self::assertSame([[], 1], [$this->read(), Hold::query()->count()]);
        CarbonImmutable::setTestNow(CarbonImmutable::now()->addMinute());
        $this->answer($invitation, 'ama@mail.example', 'DECLINED', $program, ['comment' => 'The ferry is off.']);
        self::assertSame([[], 0], [$this->read(), Hold::query()->count()]);
        $booking = Booking::query()->firstOrFail();
        self::assertSame([BookingState::Cancelled, 'visitor'], [$booking->state, $booking->cancelled_by?->value]);
        self::assertSame($program === 'phone' ? '' : 'The ferry is off.', $booking->cancel_note);
        $this->delivered();
        self::assertSame(
            1,
            DB::table('mailroom_messages')
                ->where('recipient', 'wren-halloran@school.example')
                ->where('subject', 'like', 'Cancelled%')
                ->count(),
        );
        // It is read once, and nothing in the mailbox is marked.
        self::assertSame([[], ''], [$this->read(), self::$server->flags()]);
        $this->answer($invitation, 'ama@mail.example', 'DECLINED', $program);
        self::assertSame(['off'], $this->read(), 'a cancelled booking');
    }

    #[DataProvider('programs')]
    public function test_a_host_who_accepts_there_has_accepted_here(string $program): void
    {
        $this->knock();
        $invitation = $this->invitation('wren-halloran@school.example');
        foreach (
            ['METHOD:REQUEST', 'PARTSTAT=NEEDS-ACTION', 'RSVP=TRUE', 'STATUS:TENTATIVE', 'CN=Ama Otoo:mailto:answers+']
            as $line
        ) {
            self::assertStringContainsString($line, str_replace("\r\n ", '', $invitation));
        }
        $this->answer($invitation, 'wren-halloran@school.example', 'TENTATIVE', $program);
        self::assertSame([], $this->read());
        self::assertSame('maybe', Knock::query()->firstOrFail()->state->value);
        // Who said maybe is sure later, with the same entry in front of them.
        CarbonImmutable::setTestNow(CarbonImmutable::now()->addHour());
        $this->answer($invitation, 'wren-halloran@school.example', 'ACCEPTED', $program);
        self::assertSame([], $this->read());
        $booking = Booking::query()->firstOrFail();
        self::assertSame(
            [BookingState::Booked, '14:00', Knock::query()->firstOrFail()->uid],
            [$booking->state, $booking->starts_at->format('H:i'), $booking->uid],
        );
        // The entry in the host's calendar lives on: agreed now, and one change later.
        $agreed = str_replace("\r\n ", '', $this->invitation('wren-halloran@school.example'));
        foreach (
            [
                "UID:$booking->uid",
                'METHOD:REQUEST',
                'STATUS:CONFIRMED',
                "SEQUENCE:$booking->sequence",
                'PARTSTAT=ACCEPTED',
            ]
            as $line
        ) {
            self::assertStringContainsString($line, $agreed);
        }
        // A host who cannot come says so to the other side, and that is a press.
        $this->answer($agreed, 'wren-halloran@school.example', 'DECLINED', $program);
        self::assertSame(['nothing'], $this->read());
    }

    public function test_another_time_that_a_host_asks_for_there_is_named_to_the_visitor_as_a_counter(): void
    {
        $this->knock();
        $invitation = $this->invitation('wren-halloran@school.example');
        $this->answer($invitation, 'wren-halloran@school.example', 'TENTATIVE', 'office', [
            'method' => 'COUNTER',
            'start' => strtotime('2026-12-04T18:10:00Z'),
            'minutes' => 30,
            'comment' => 'After lunch?',
        ]);
        self::assertSame([], $this->read());
        $knock = Knock::query()->firstOrFail();
        self::assertSame(
            ['proposed', 'After lunch?', '04 18:10'],
            [$knock->state->value, $knock->answer_note, $knock->choices->firstOrFail()->starts_at->format('d H:i')],
        );
        $counter = str_replace("\r\n ", '', $this->invitation('ama@mail.example'));
        foreach (
            [
                'METHOD:COUNTER',
                "UID:$knock->uid",
                'SEQUENCE:0',
                'DTSTART;TZID=America/Halifax:20261204T141000',
                'ORGANIZER;CN=Ama Otoo:mailto:ama@mail.example',
                'ATTENDEE;CN=Wren Halloran;ROLE=REQ-PARTICIPANT;PARTSTAT=TENTATIVE:mailto:wren-halloran@school.example',
            ]
            as $line
        ) {
            self::assertStringContainsString($line, $counter);
        }
        // What took the request out of the host's calendar.
        self::assertStringContainsString('METHOD:CANCEL', $this->invitation('wren-halloran@school.example'));
        $this->knock();
        $this->answer(
            $this->invitation('wren-halloran@school.example'),
            'wren-halloran@school.example',
            'DECLINED',
            'office',
            ['comment' => 'I am away.'],
        );
        self::assertSame([], $this->read());
        $reply = str_replace("\r\n ", '', $this->invitation('ama@mail.example'));
        self::assertStringContainsString('METHOD:REPLY', $reply);
        self::assertStringContainsString('PARTSTAT=DECLINED:mailto:wren-halloran@school.example', $reply);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> what a reply can be that is not believed */
    public static function unbelieved(): iterable
    {
        yield 'from a stranger' => [['from' => 'eve@mail.example'], 'stranger'];
        yield 'from a stranger who says that they are another' => [
            ['from' => 'eve@mail.example', 'attendee' => 'ama@mail.example'],
            'stranger',
        ];
        yield 'in the name of a stranger' => [['attendee' => 'eve@mail.example'], 'stranger'];
        // Everybody can write whatever sender they like; the address that only the invited know is the proof.
        yield 'with a forged sender, to an address that was made up' => [
            ['to' => 'answers+000000000000000000000000@school.example', 'envelope' => 'eve@mail.example'],
            'other_address',
        ];
        yield 'to the mailbox itself' => [['to' => 'answers@school.example'], 'other_address'];
        yield 'with an older SEQUENCE' => [['sequence' => 0], 'older'];
        yield 'by a machine that answers by itself' => [
            ['headers' => ['Auto-Submitted' => 'auto-replied']],
            'automatic',
        ];
        yield 'an invitation' => [['method' => 'REQUEST'], 'other_method'];
        yield 'of an entry that is none' => [
            [
                'calendar' =>
                    "BEGIN:VCALENDAR\r\nMETHOD:REPLY\r\nBEGIN:VEVENT\r\nUID:x\r\nDTSTAMP:20261124T120000Z\r\nATTENDEE;PARTSTAT=DECLINED:mailto:ama@mail.example\r\nEND:VEVENT\r\nEND:VCALENDAR\r\n",
            ],
            'unknown_entry',
        ];
        yield 'no calendar' => [['calendar' => 'DECLINED'], 'not_readable'];
        yield 'twenty megabytes' => [
            ['calendar' => 'BEGIN:VCALENDAR' . str_repeat("\r\nX-A:" . str_repeat('x', 70), 70_000)],
            'too_large',
        ];
    }

    /** @param  array<string, mixed>  $how */
    #[DataProvider('unbelieved')]
    public function test_what_is_not_believed_is_left_alone_and_listed(array $how, string $why): void
    {
        $sheet = $this->sheet();
        $path = (string) $this->book($sheet, $this->wish($sheet))->json('path');
        $booking = Booking::query()->firstOrFail();
        $this->ask('post', "/api$path/bookings/$booking->id/move", [
            'slot' => self::EVENING . 'T20:45:00Z',
        ])->assertOk();
        $this->answer(
            $this->invitation('ama@mail.example'),
            is_string($how['from'] ?? null) ? $how['from'] : 'ama@mail.example',
            'DECLINED',
            'office',
            array_diff_key($how, ['from' => true]),
        );
        Artisan::call('recess:answers');
        self::assertSame([$why], DB::table('mail_left')->pluck('why')->all());
        self::assertSame(BookingState::Booked, $booking->refresh()->state);
        $this->office()
            ->get('/staff/mail-left')
            ->assertOk()
            ->assertSee(DB::table('mail_left')->value('sender') ?: 'mail-left');
        $this->actingAs($this->host())->get('/staff/mail-left')->assertForbidden();
    }

    /** A report as RFC 3464 has it, worded by Python's email; 2.3.3: failed is for good, delayed is not. */
    public function test_a_letter_that_comes_back_is_told_to_host_and_office_and_nobody_else_calls_an_address_wrong(): void
    {
        $sheet = $this->sheet();
        $this->book($sheet, $this->wish($sheet))->assertCreated();
        $this->delivered();
        $raw = (string) DB::table('mailroom_messages')->where('recipient', 'ama@mail.example')->value('raw');
        $back = trim(RawMail::read($raw)->header('return-path'), '<>');
        self::assertMatchesRegularExpression('/^answers\+[a-z0-9]{24}@school\.example$/D', $back);
        $report = static fn(string $action, string $to, string $of = 'ama@mail.example'): string => (new Process([
            '/usr/bin/python3',
            __DIR__ . '/bounce.py',
            $action,
            $to,
            $of,
        ]))
            ->mustRun()
            ->getOutput();
        self::$server->take('mailer-daemon@mx.mail.example', $back, $report('delayed', $back));
        self::$server->take(
            'mailer-daemon@mx.mail.example',
            $back,
            $report('failed', $back, 'somebody.else@mail.example'),
        );
        self::$server->take(
            'mailer-daemon@mx.mail.example',
            'answers+x@school.example',
            $report('failed', 'answers+x@school.example'),
        );
        self::assertSame(['nothing', 'other_address', 'other_address'], $this->read());
        self::assertSame(['', 0], [Pass::query()->value('mail_failure'), DB::table('letters_unsent')->count()]);

        DB::table('mail_left')->delete();
        self::$server->take('mailer-daemon@mx.mail.example', $back, $report('failed', $back));
        self::$server->take('mailer-daemon@mx.mail.example', $back, $report('failed', $back));
        self::assertSame([], $this->read());
        self::assertSame('550 5.1.1 No such mailbox, and never was', Pass::query()->value('mail_failure'));
        self::assertStringContainsString('did not arrive', Notices::said(Notice::query()->sole()));
        $this->office();
        Artisan::call('recess:tidy');
        self::assertSame(
            'A letter never went out: to ama@mail.example. The mail server said “550 5.1.1 No such mailbox, and never was”. Reach its reader in another way.',
            Notices::said(Notice::query()->where('key', 'letters|given_up')->firstOrFail()),
        );
    }

    public function test_of_two_answers_the_later_counts_and_a_guest_leaves_for_themselves_alone(): void
    {
        $sheet = $this->sheet(rules: Stated::of(['guests' => 1, 'declined_entry' => 'ask']));
        $path = (string) $this->book($sheet, $this->wish($sheet))->json('path');
        $booking = Booking::query()->firstOrFail();
        $this->ask('post', "/api$path/bookings/$booking->id/guests", [
            'name' => 'Bo Lin',
            'email' => 'bo@mail.example',
            'may_change' => false,
        ])->assertSuccessful();
        $invitation = $this->invitation('bo@mail.example');
        $this->answer($invitation, 'bo@mail.example', 'ACCEPTED', 'office', [
            'stamp' => CarbonImmutable::now()->getTimestamp() + 60,
        ]);
        $this->answer($invitation, 'bo@mail.example', 'DECLINED', 'browser', [
            'stamp' => CarbonImmutable::now()->getTimestamp() - 60,
        ]);
        self::assertSame(
            ['older'],
            $this->read(),
            'DTSTAMP decides between answers to the same SEQUENCE (RFC 5546, 2.1.5)',
        );
        self::assertNull(Guest::query()->firstOrFail()->left_at);
        $this->answer($invitation, 'bo@mail.example', 'DECLINED', 'browser', [
            'stamp' => CarbonImmutable::now()->getTimestamp() + 90,
        ]);
        self::assertSame([], $this->read());
        self::assertNotNull(Guest::query()->firstOrFail()->left_at);
        self::assertSame(BookingState::Booked, $booking->refresh()->state);
        // The visitor is asked first, as the sheet says.
        $this->answer($this->invitation('ama@mail.example'), 'ama@mail.example', 'DECLINED', 'browser', [
            'stamp' => CarbonImmutable::now()->getTimestamp() + 120,
        ]);
        self::assertSame([], $this->read());
        $this->delivered();
        self::assertSame(
            [BookingState::Booked, 1],
            [
                $booking->refresh()->state,
                DB::table('mailroom_messages')
                    ->where('recipient', 'ama@mail.example')
                    ->where('subject', 'like', 'Are you not coming?%')
                    ->count(),
            ],
        );
    }

    public function test_a_mailbox_that_does_not_answer_is_read_the_next_time(): void
    {
        config(['recess.answers.mailbox' => 'imap://127.0.0.1:1']);
        self::assertSame(1, Artisan::call('recess:answers'));
        self::assertStringContainsString('could not be read', Artisan::output());
        self::assertStringNotContainsString(MailServer::PASSWORD, Artisan::output());
    }

    private function office(): static
    {
        $office = $this->host('Nia Barre');
        StaffMember::query()
            ->whereKey($office->id)
            ->update(['office' => true]);

        return $this->actingAs($office->refresh());
    }
}
