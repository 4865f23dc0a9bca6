<?php

declare(strict_types=1);

namespace Tests\App\Mail;

use App\Booking\Occasion;
use App\Calendars\Reader;
use App\Framework\Notices;
use App\Framework\Undoable;
use App\Models\Booking;
use App\Models\Notice;
use App\Models\Party;
use App\Models\Pass;
use App\Models\School;
use App\Models\StaffMember;
use App\Telling\BookingMessage;
use Carbon\CarbonImmutable;
use Demo\MailroomMessage;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Mail;
use Symfony\Component\Process\Process;
use Tests\App\TestCase;

/** Messages go through a real SMTP server and are read back by mailparser, ical.js and python-icalendar. */
final class MessagesTest extends TestCase
{
    use RefreshDatabase;

    public function test_booked_and_cancelled_reach_both_sides_with_one_calendar_entry_that_lives(): void
    {
        [$server, $port] = $this->smtp();
        config(['mail.default' => 'smtp', 'mail.mailers.smtp.port' => $port]);

        $sheet = $this->sheet();
        $path = (string) $this->book(
            $sheet,
            $this->wish(
                $sheet,
                changes: [
                    'name' => 'Ama Òtóo',
                    'answers' => ['phone' => '902 555 0199', 'student' => 'Kwame; Ferreira, "K" \o'],
                ],
            ),
        )->json('path');
        $link = Pass::query()
            ->sole()
            ->linkTo(Booking::query()->sole());
        CarbonImmutable::setTestNow('2026-11-25T09:30:00Z');
        $this->actingAs($this->host())
            ->ask('post', '/api/staff/bookings/' . Booking::query()->min('id') . '/cancel', [
                'note' => "I am ill.\nSorry!",
            ])
            ->assertOk();
        // Once the host cannot take it back any more.
        CarbonImmutable::setTestNow(CarbonImmutable::now()->addSeconds(Undoable::TOLD));
        Artisan::call('queue:work', ['--stop-when-empty' => true, '--sleep' => 0, '--memory' => 1024]);

        $mails = $this->received($server, 4);
        [$yours, $hosts, $sorry, $hostsToo] = $mails;
        self::assertSame(
            [
                ['ama@mail.example'],
                ['wren-halloran@school.example'],
                ['ama@mail.example'],
                ['wren-halloran@school.example'],
            ],
            array_column($mails, 'recipients'),
        );

        self::assertSame('Booked: Thu 3 Dec 16:15 with Wren Halloran – Conferences', $yours['subject']);
        self::assertSame('wren-halloran@school.example', $yours['replyTo']['address']);
        foreach (['text', 'html'] as $form) {
            foreach (
                [
                    'This time is yours.',
                    'Thursday 3 December 2026, 16:15 to 16:30 (Halifax time)',
                    'Room 12',
                    'Up the stairs.',
                    $link,
                ]
                as $fact
            ) {
                self::assertStringContainsString($fact, $yours[$form]);
            }
            self::assertStringContainsString('+1 902-555-0199', $hosts[$form]);
            self::assertStringContainsString('Sorry!', $sorry[$form]);
            self::assertStringNotContainsString($link, $hosts[$form]);
            self::assertStringNotContainsString($path, $yours[$form], 'All of the pass is in no letter.');
        }
        self::assertStringContainsString('Wren Halloran had to cancel this meeting.', $sorry['text']);
        self::assertCount(4, array_unique(array_column($mails, 'messageId')));

        $booking = Booking::query()->firstOrFail();
        foreach (
            [[$yours, 'REQUEST', 0], [$hosts, 'PUBLISH', 0], [$sorry, 'CANCEL', 1], [$hostsToo, 'CANCEL', 1]]
            as [$mail, $method, $sequence]
        ) {
            $entry = $mail['entry'];
            self::assertSame($method, $mail['method'], 'The MIME type names the method too (RFC 6047, 2.4).');
            self::assertSame(
                [$method, $booking->uid, $sequence],
                [$entry['method'], $entry['uid'], $entry['sequence']],
            );
            // 16:15 in Halifax in December is 20:15 UTC (tz database).
            self::assertSame(
                ['2026-12-03T20:15:00.000Z', '2026-12-03T20:30:00.000Z', 'America/Halifax'],
                [$entry['start'], $entry['end'], $entry['zone']],
            );
            self::assertSame('mailto:wren-halloran@school.example', $entry['organizer']);
            self::assertSame($method === 'PUBLISH' ? [] : ['mailto:ama@mail.example'], $entry['attendees']);
            self::assertSame($sequence === 0 ? 'CONFIRMED' : 'CANCELLED', $entry['status']);
            self::assertSame('Room 12', $entry['location']);
            self::assertStringContainsString('About: Kwame; Ferreira, "K" \o', $entry['description']);
            self::assertEquals(
                $entry,
                $this->readByPython($mail['source']),
                'ical.js and python-icalendar read it alike.',
            );
        }
        self::assertSame(
            ['2026-11-24T12:00:00.000Z', '2026-11-25T09:30:00.000Z'],
            [$yours['entry']['stamp'], $sorry['entry']['stamp']],
        );
    }

    public function test_one_entry_lives_from_booked_through_moved_and_link_added_to_cancelled(): void
    {
        [$server, $port] = $this->smtp();
        config(['mail.default' => 'smtp', 'mail.mailers.smtp.port' => $port]);
        $sheet = $this->sheet();
        $sheet
            ->places()
            ->reorder()
            ->update(['kind' => 'video', 'label' => 'Video', 'link_mode' => 'later']);
        $path = '/api' . $this->book($sheet->refresh(), $this->wish($sheet))->json('path');
        $id = (int) Booking::query()->min('id');
        $deliver = $this->delivered(...);
        $this->ask('post', "$path/bookings/$id/move", ['slot' => self::EVENING . 'T20:45:00Z'])->assertOk();
        // Moved before the first message went out: each still says its own time.
        $deliver();
        $this->actingAs($this->host())
            ->ask('post', "/api/staff/sheets/$sheet->id/link", ['link' => 'https://video.school.example/r/7'])
            ->assertOk();
        $deliver();
        $this->ask('post', "$path/bookings/$id/give-back", ['note' => 'The ferry is cancelled.'])->assertOk();
        $deliver();

        $visitors = array_values(
            array_filter(
                $this->received($server, 7),
                static fn(array $mail): bool => $mail['recipients'] === ['ama@mail.example'],
            ),
        );
        $uid = Booking::query()->firstOrFail()->uid;
        $lived = array_map(
            static fn(array $mail): array => [
                $mail['method'],
                $mail['entry']['uid'],
                $mail['entry']['sequence'],
                substr($mail['entry']['start'], 11, 5),
                $mail['entry']['location'],
            ],
            $visitors,
        );
        self::assertSame(
            [
                ['REQUEST', $uid, 0, '20:15', 'Video'],
                ['REQUEST', $uid, 1, '20:45', 'Video'],
                ['REQUEST', $uid, 2, '20:45', 'https://video.school.example/r/7'],
                ['CANCEL', $uid, 3, '20:45', 'Video'],
            ],
            $lived,
        );
        foreach ($visitors as $mail) {
            self::assertEquals(
                $mail['entry'],
                $this->readByPython($mail['source']),
                'ical.js and python-icalendar read it alike.',
            );
        }
        // 1 day before, and 15 min before: common practice, no published source.
        self::assertSame(2, substr_count($visitors[0]['source'], 'BEGIN:VALARM'));
        self::assertSame('Link added: Thu 3 Dec 16:45 with Wren Halloran – Conferences', $visitors[2]['subject']);
    }

    public function test_an_address_that_the_mail_server_refuses_is_shown_to_the_host(): void
    {
        [$server, $port] = $this->smtp();
        config(['mail.default' => 'smtp', 'mail.mailers.smtp.port' => $port]);
        $sheet = $this->sheet();
        $this->book($sheet, $this->wish($sheet, changes: ['email' => 'refused@mail.example']))->assertCreated();
        Artisan::call('queue:work', ['--stop-when-empty' => true, '--sleep' => 0, '--memory' => 1024]);
        $this->received($server, 1);

        self::assertStringContainsString(
            'A message to Ama Otoo (refused@mail.example) did not arrive.',
            \App\Framework\Notices::said(\App\Models\Notice::query()->firstOrFail()),
        );
        $this->actingAs($this->host());
        self::assertStringContainsString(
            '550',
            (string) $this->ask('get', "/api/staff/sheets/$sheet->id")->json('bookings.0.mail_failure'),
        );
    }

    public function test_the_mailroom_shows_each_message_as_its_reader_sees_it(): void
    {
        config(['recess.demo' => true, 'mail.default' => 'mailroom']);
        $sheet = $this->sheet();
        $this->book(
            $sheet,
            $this->wish(
                $sheet,
                changes: ['answers' => ['phone' => '902 555 0199', 'student' => '<img src=x onerror=alert(1)>']],
            ),
        )->assertCreated();
        Artisan::call('queue:work', ['--stop-when-empty' => true, '--sleep' => 0, '--memory' => 1024]);

        self::assertSame(2, MailroomMessage::query()->count());
        $first = MailroomMessage::query()->orderBy('id')->firstOrFail();
        self::assertSame('ama@mail.example', $first->recipient);
        $this->get("/mailroom/$first->id")
            ->assertOk()
            ->assertSee('METHOD:REQUEST')
            ->assertSee('This time is yours.');
        $frame = $this->get("/mailroom/$first->id/html")
            ->assertOk()
            ->assertSee('Your bookings')
            ->assertDontSee('<img', false);
        self::assertStringContainsString(
            "default-src 'none'",
            (string) $frame->headers->get('Content-Security-Policy'),
        );
        self::assertStringContainsString('sandbox', (string) $frame->headers->get('Content-Security-Policy'));
    }

    public function test_the_pass_gives_the_entry_as_a_file(): void
    {
        $sheet = $this->sheet();
        $path = (string) $this->book($sheet, $this->wish($sheet))->json('path');
        $file = $this->get("$path/bookings/" . Booking::query()->min('id') . '.ics')
            ->assertOk()
            ->assertHeader('Content-Type', 'text/calendar; charset=utf-8');

        self::assertSame(
            Booking::query()->firstOrFail()->uid,
            $this->readByPython((string) $file->getContent())['uid'],
        );
    }

    /** What the server minds is our sender and not its reader: in earlier versions each such letter was lost at once. */
    public function test_a_mail_server_that_takes_nothing_is_waited_for_and_the_office_reads_of_it(): void
    {
        $minds = (string) tempnam(sys_get_temp_dir(), 'minds');
        [$server, $port] = $this->smtp($minds);
        config(['mail.default' => 'smtp', 'mail.mailers.smtp.port' => $port]);
        $sheet = $this->sheet();
        $office = $this->host('Office Lead');
        $office->update(['office' => true]);
        $elsewhere = StaffMember::query()->create([
            ...$office->only(['password', 'subject']),
            'school_id' => School::query()->create(['name' => 'Tui', 'zone' => 'Pacific/Auckland', 'country' => 'NZ'])
                ->id,
            'name' => 'Tui Marsh',
            'email' => 'tui@mail.example',
            'office' => true,
        ]);
        $this->book($sheet, $this->wish($sheet))->assertCreated();
        $work = static fn(): int => Artisan::call('queue:work', [
            '--stop-when-empty' => true,
            '--sleep' => 0,
            '--memory' => 1024,
        ]);
        $work();
        self::assertSame([2, 0], [DB::table('letters_unsent')->count(), Notice::query()->count()]);

        $later = CarbonImmutable::now()->addMinutes(16);
        CarbonImmutable::setTestNow($later);
        Artisan::call('recess:tidy');
        $said = Notices::said(Notice::query()->where('staff_id', $office->id)->firstOrFail());
        self::assertStringStartsWith('2 letters do not go out, and are tried again, for three days: to ', $said);
        self::assertStringContainsString('ama@mail.example', $said);
        self::assertStringContainsString('550', $said);
        self::assertSame(
            0,
            Notice::query()
                ->whereIn('staff_id', [$elsewhere->id, $sheet->staff_id])
                ->count(),
        );
        // On a day with meetings of their own, too.
        $this->actingAs($office)
            ->get("/staff/desk/$sheet->staff_id")
            ->assertOk()
            ->assertSee('2 letters do not go out');
        $this->getJson('/up')->assertJsonPath('parts.letters', 'behind');
        $metrics = fn(): string => (string) $this->call(
            'GET',
            '/metrics',
            server: ['RECESS_WATCH' => 'yes'],
        )->getContent();
        self::assertStringContainsString("\nrecess_letters_retried 2\n", $metrics());
        self::assertStringContainsString("\nrecess_letters_oldest_unsent_seconds 960\n", $metrics());
        self::assertSame(0, Artisan::call('recess:mail-server'), 'it lets us in; what it minds comes after');

        // For three days, with growing pauses; then nothing is lost in silence.
        for ($pauses = []; ($due = DB::table('jobs')->min('available_at')) !== null; ) {
            $pauses[] = (int) $due - CarbonImmutable::now()->getTimestamp();
            CarbonImmutable::setTestNow(
                CarbonImmutable::createFromTimestamp(max((int) $due, CarbonImmutable::now()->getTimestamp())),
            );
            $work();
        }
        self::assertGreaterThan(70 * 3600, CarbonImmutable::now()->getTimestamp() - $later->getTimestamp());
        self::assertSame(14_400, max($pauses));
        self::assertSame(2, DB::table('letters_unsent')->whereNotNull('given_up_at')->count());
        Artisan::call('recess:tidy');
        self::assertSame(['letters|given_up'], Notice::query()->where('staff_id', $office->id)->pluck('key')->all());
        self::assertStringContainsString("\nrecess_letters_given_up 2\n", $metrics());
        self::assertSame(1, Artisan::call('recess:doctor'));
        self::assertStringContainsString('2 letters were given up within a day', Artisan::output());

        // It takes them again: what is sent anew goes out, and what was said of it is over.
        unlink($minds);
        $this->book($sheet, $this->wish($sheet, '20:30'))->assertCreated();
        // Nobody is reminded of what has begun, however long that letter was tried.
        $booking = Booking::query()->orderByDesc('id')->firstOrFail();
        $begun = (clone $booking)->forceFill([
            'starts_at' => '2026-11-01 12:00:00',
            'ends_at' => '2026-11-01 12:15:00',
        ]);
        Mail::to('ama@mail.example')->queue(
            new BookingMessage($begun, Occasion::Reminder, Reader::pass($booking->pass), Party::Host),
        );
        $work();
        $received = $this->received($server, 2);
        self::assertCount(2, $received);
        // From the school that it is of, whatever the installation is called.
        self::assertSame('Test Point School', $received[0]['from']['name']);
        self::assertStringContainsString("\nrecess_letters_retried 0\n", $metrics());
        self::assertSame(0, DB::table('letters_unsent')->whereNull('given_up_at')->count());
    }

    /** @return array{Process, int} the server and its port */
    private function smtp(string ...$minds): array
    {
        $server = new Process(['node', __DIR__ . '/smtp.mjs', ...$minds], timeout: 60);
        $server->start();
        $server->waitUntil(static fn(string $type, string $output): bool => str_contains($output, '"port"'));

        return [
            $server,
            (int) json_decode((string) strtok($server->getOutput(), "\n"), true, flags: JSON_THROW_ON_ERROR)['port'],
        ];
    }

    /** @return list<array<string, mixed>> */
    private function received(Process $server, int $count): array
    {
        for ($wait = 0; $wait < 200 && substr_count($server->getOutput(), "\n") < $count + 1; $wait++) {
            usleep(50_000);
        }
        $server->stop();
        $mails = array_map(
            static fn(string $line): array => json_decode($line, true, flags: JSON_THROW_ON_ERROR),
            array_slice(array_filter(explode("\n", $server->getOutput())), 1),
        );
        self::assertCount($count, $mails, $server->getErrorOutput());

        return array_values($mails);
    }

    /** @return array<string, mixed> */
    private function readByPython(string $source): array
    {
        $python = new Process(['/usr/bin/python3', __DIR__ . '/entry.py'], input: $source);

        return json_decode($python->mustRun()->getOutput(), true, flags: JSON_THROW_ON_ERROR);
    }
}
