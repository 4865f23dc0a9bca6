<?php

declare(strict_types=1);

namespace Tests\App\Mail;

use App\Models\Booking;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\DB;
use Recess\Rules\Stated;
use Tests\App\TestCase;

/** What stands in messages, and on their outside. */
final class WordsInMailTest extends TestCase
{
    use RefreshDatabase;

    protected function setUp(): void
    {
        parent::setUp();
        config(['mail.default' => 'mailroom', 'recess.demo' => true, 'mail.from.address' => 'meetings@school.example']);
    }

    /** @return array<string, string> the newest message to each, decoded as far as words go */
    private function sent(string $subject): array
    {
        $this->delivered();
        $mails = DB::table('mailroom_messages')
            ->where('subject', 'like', "$subject%")
            ->orderBy('id')
            ->pluck('raw', 'recipient')
            ->all();
        DB::table('mailroom_messages')->delete();

        return array_map(
            static fn(string $raw): string => (string) preg_replace_callback(
                '/^[A-Za-z0-9+\/=\r\n]{80,}$/m',
                static fn(array $base64): string => (string) base64_decode($base64[0], true),
                quoted_printable_decode($raw),
            ),
            $mails,
        );
    }

    public function test_a_moved_meeting_names_its_old_time_and_a_message_says_that_a_machine_wrote_it(): void
    {
        $sheet = $this->sheet();
        $path = '/api' . $this->book($sheet, $this->wish($sheet, '20:15'))->json('path');
        $booked = $this->sent('Booked');
        $this->ask('post', "$path/bookings/" . Booking::query()->max('id') . '/move', [
            'slot' => self::EVENING . 'T20:45:00Z',
        ])->assertOk();
        $moved = $this->sent('Moved');
        self::assertSame(['ama@mail.example', 'wren-halloran@school.example'], array_keys($moved));
        foreach ($moved as $mail) {
            self::assertStringContainsString('No longer: Thursday 3 December, 16:15', $mail);
            // RFC 3834, 5; RFC 5322, 3.6.4.
            self::assertStringContainsString('Auto-Submitted: auto-generated', $mail);
            self::assertMatchesRegularExpression('/^Message-ID: <[\w.-]+@school\.example>\r?$/mi', $mail);
            self::assertStringNotContainsString('List-Unsubscribe', $mail, 'It is about their own booking.');
        }
        self::assertStringNotContainsString('No longer', implode('', $booked));
    }

    public function test_a_wish_that_is_moved_stays_a_wish_and_says_how_long_it_is_held(): void
    {
        $sheet = $this->sheet(rules: Stated::of(['approve' => true, 'asked_hours' => 24 * 30]));
        $path =
            '/api' .
            $this->book($sheet, $this->wish($sheet, '20:45'))
                ->assertJsonPath('bookings.0.held_until', 'Thursday 3 December, 16:45')
                ->json('path');
        $booking = Booking::query()->sole();
        $this->ask('post', "$path/bookings/$booking->id/move", ['slot' => self::EVENING . 'T20:15:00Z'])
            ->assertOk()
            ->assertJsonPath('bookings.0.state', 'asked')
            ->assertJsonPath('bookings.0.held_until', 'Thursday 3 December, 16:15');
        $moved = $this->sent('Moved');
        self::assertCount(2, $moved);
        foreach ($moved as $reader => $mail) {
            self::assertStringNotContainsString('BEGIN:VCALENDAR', $mail, $reader);
            self::assertSame(
                $reader === 'ama@mail.example',
                str_contains($mail, 'but no longer than Thursday 3 December, 16:15'),
            );
        }
        // RFC 5545, 3.8.1.11: a file of it says that it is not sure.
        self::assertStringContainsString(
            'STATUS:TENTATIVE',
            (string) $this->get(substr($path, 4) . "/bookings/$booking->id.ics")->getContent(),
        );
        $this->ask('post', "$path/bookings/$booking->id/give-back", [])->assertOk();
        $cancelled = $this->sent('Cancelled');
        self::assertCount(2, $cancelled);
        self::assertStringNotContainsString('BEGIN:VCALENDAR', implode('', $cancelled), 'No calendar has it.');
    }

    public function test_the_entry_names_the_child_and_leads_to_the_pass_of_its_reader_alone(): void
    {
        $sheet = $this->sheet();
        $path = (string) $this->book($sheet, $this->wish($sheet, '20:15'))->json('path');
        $calendar = (string) $this->get("$path/bookings.ics")
            ->assertOk()
            ->getContent();
        $unfolded = str_replace("\r\n ", '', $calendar);
        self::assertStringContainsString('SUMMARY:Conferences: Wren Halloran\, about Kwame Ferreira', $unfolded);
        $booking = \App\Models\Booking::query()->sole();
        self::assertStringContainsString(
            'Your bookings: ' . $booking->pass->linkTo($booking),
            str_replace('\\', '', $unfolded),
        );
        $feed = (string) $this->get('/feeds/' . $this->host()->feedToken() . '.ics')->getContent();
        self::assertStringNotContainsString(substr($path, 3), str_replace("\r\n ", '', $feed));
    }

    public function test_whoever_brings_somebody_and_whoever_is_brought_read_what_is_theirs(): void
    {
        $sheet = $this->sheet(rules: Stated::of(['guests' => 1]));
        $path = '/api' . $this->book($sheet, $this->wish($sheet))->json('path');
        $this->sent('Booked');
        $this->ask('post', "$path/bookings/" . Booking::query()->max('id') . '/guests', [
            'name' => 'Kofi Ferreira',
            'email' => 'kofi@mail.example',
        ])->assertOk();
        $mails = $this->sent('');
        self::assertStringContainsString('You added Kofi Ferreira to this meeting.', $mails['ama@mail.example']);
        self::assertStringContainsString('Ama Otoo added you to this meeting.', $mails['kofi@mail.example']);
        self::assertStringContainsString(
            'Ama Otoo added Kofi Ferreira to this meeting.',
            $mails['wren-halloran@school.example'],
        );
    }

    public function test_who_is_asked_whether_they_wait_can_say_that_they_do_not(): void
    {
        $sheet = $this->sheet();
        $this->ask('post', "/api/s/$sheet->slug/waiting", ['name' => 'Bao', 'email' => 'bao@mail.example'])->assertOk();
        $mail = $this->sent('Would you like')['bao@mail.example'];
        self::assertStringContainsString('If not, do nothing. You hear no more.', $mail);
        self::assertMatchesRegularExpression(
            '#^List-Unsubscribe: <' . preg_quote((string) config('app.url'), '#') . '/w/[\w-]{43}>#m',
            $mail,
        );
    }
}
