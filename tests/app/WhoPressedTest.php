<?php

declare(strict_types=1);

namespace Tests\App;

use App\Framework\RawMail;
use App\Models\Booking;
use App\Models\Guest;
use App\Models\Pass;
use App\Models\Reach;
use App\Models\Sheet;
use App\Models\StaffMember;
use App\Visiting\PassData;
use Carbon\CarbonImmutable;
use Demo\MailroomMessage;
use Illuminate\Foundation\Testing\RefreshDatabase;
use PHPUnit\Framework\Attributes\DataProvider;
use Recess\Rules\Stated;

/** Every verb, by everybody who can press it, as everybody reads of it: a letter says who it was, and is never a guess. */
final class WhoPressedTest extends TestCase
{
    use RefreshDatabase;

    private const OWNER = 'ama@mail.example';

    private const MAY = 'orla@mail.example';

    private const MAY_NOT = 'finn@mail.example';

    private const HOST = 'wren-halloran@school.example';

    private const BACK = ' The time is free for others now.';

    private Sheet $sheet;

    private Booking $booking;

    private StaffMember $office;

    /** @var array<string, Pass> by address */
    private array $passes = [];

    protected function setUp(): void
    {
        parent::setUp();
        $host = tap($this->host())->update(['notify' => 'each']);
        $this->office = tap($this->host('Olga Pike'))->update(['office' => true]);
        $this->sheet = $this->sheet($host, rules: Stated::of(['guests' => 4]));
        $this->ask('post', "/api/s/{$this->sheet->slug}/bookings", [
            'name' => 'Ama Otoo',
            'email' => self::OWNER,
            'slot' => self::EVENING . 'T20:00:00Z',
            'place' => $this->sheet->places->firstOrFail()->id,
            'answers' => ['student' => 'Kofi Otoo', 'phone' => '902 555 0144'],
            'request_key' => '3f1f1f0e-0000-4000-8000-000000000001',
        ])->assertCreated();
        $this->booking = Booking::query()->firstOrFail();
        $this->passes[self::OWNER] = $this->booking->pass;
        foreach (
            ['Órla Byrne' => [self::MAY, true], 'Finn Daly' => [self::MAY_NOT, false]]
            as $name => [$email, $may]
        ) {
            $this->pressed(self::OWNER, 'guests', ['name' => $name, 'email' => $email, 'may_change' => $may]);
            $this->passes[$email] = Pass::query()->where('email', $email)->firstOrFail();
        }
        $this->delivered();
        MailroomMessage::query()->delete();
    }

    /** @param  array<string, mixed>  $body */
    private function pressed(string $by, string $what, array $body = []): void
    {
        $id = $this->booking->id;
        if (isset($this->passes[$by])) {
            $this->ask('post', "/api/p/{$this->passes[$by]->token()}/bookings/$id/$what", $body)->assertSuccessful();

            return;
        }
        $this->actingAs($by === self::HOST ? $this->sheet->host : $this->office);
        $this->ask('post', "/api/staff/bookings/$id/" . ($what === 'give-back' ? 'cancel' : $what), $body)->assertOk();
    }

    /** @return array<string, string> what each of them reads first, by address */
    private function letters(): array
    {
        $this->delivered();
        $read = [];
        foreach (MailroomMessage::query()->orderBy('id')->get() as $letter) {
            $text = RawMail::read($letter->raw)->part('text/plain');
            $lines = array_values(array_filter(array_map(trim(...), preg_split('/\n\s*\n/', $text) ?: [])));
            self::assertArrayNotHasKey($letter->recipient, $read, 'one letter each');
            $read[$letter->recipient] = (string) preg_replace('/\s+/', ' ', $lines[1] ?? '');
        }
        ksort($read);

        return $read;
    }

    /** @return iterable<string, array{string, string, array<string, mixed>, array<string, string>}> */
    public static function presses(): iterable
    {
        $again = ' The time is free again.';
        $new = ' This is the new time.';
        $slot = ['slot' => self::EVENING . 'T20:30:00Z'];
        yield 'the visitor cancels' => [
            self::OWNER,
            'give-back',
            [],
            [
                self::OWNER => 'You cancelled this meeting.' . self::BACK,
                self::MAY => 'Ama Otoo cancelled this meeting.',
                self::MAY_NOT => 'Ama Otoo cancelled this meeting.',
                self::HOST => 'Ama Otoo cancelled this meeting.' . $again,
            ],
        ];
        yield 'a guest cancels' => [
            self::MAY,
            'give-back',
            [],
            [
                self::OWNER => 'Órla Byrne cancelled this meeting.',
                self::MAY => 'You cancelled this meeting.' . self::BACK,
                self::MAY_NOT => 'Órla Byrne cancelled this meeting.',
                self::HOST => 'Órla Byrne cancelled this meeting.' . $again,
            ],
        ];
        yield 'the host cancels' => [
            self::HOST,
            'give-back',
            [],
            [
                self::OWNER => 'Wren Halloran had to cancel this meeting. We are sorry.',
                self::MAY => 'Wren Halloran had to cancel this meeting. We are sorry.',
                self::MAY_NOT => 'Wren Halloran had to cancel this meeting. We are sorry.',
                self::HOST => 'You cancelled this meeting.' . $again,
            ],
        ];
        yield 'the office cancels' => [
            'office',
            'give-back',
            [],
            [
                self::OWNER => 'The school office cancelled this meeting.',
                self::MAY => 'The school office cancelled this meeting.',
                self::MAY_NOT => 'The school office cancelled this meeting.',
                self::HOST => 'The office cancelled this meeting.' . $again,
            ],
        ];
        yield 'the visitor moves it' => [
            self::OWNER,
            'move',
            $slot,
            [
                self::OWNER => 'You moved this meeting.' . $new,
                self::MAY => 'Ama Otoo moved this meeting.' . $new,
                self::MAY_NOT => 'Ama Otoo moved this meeting.' . $new,
                self::HOST => 'Ama Otoo moved this meeting.' . $new,
            ],
        ];
        yield 'a guest moves it' => [
            self::MAY,
            'move',
            $slot,
            [
                self::OWNER => 'Órla Byrne moved this meeting.' . $new,
                self::MAY => 'You moved this meeting.' . $new,
                self::MAY_NOT => 'Órla Byrne moved this meeting.' . $new,
                self::HOST => 'Órla Byrne moved this meeting.' . $new,
            ],
        ];
        yield 'the host moves it' => [
            self::HOST,
            'move',
            $slot,
            [
                self::OWNER => 'Wren Halloran had to move this meeting.' . $new,
                self::MAY => 'Wren Halloran had to move this meeting.' . $new,
                self::MAY_NOT => 'Wren Halloran had to move this meeting.' . $new,
                self::HOST => 'You moved this meeting.' . $new,
            ],
        ];
        yield 'the office moves it' => [
            'office',
            'move',
            $slot,
            [
                self::OWNER => 'The school office moved this meeting.' . $new,
                self::MAY => 'The school office moved this meeting.' . $new,
                self::MAY_NOT => 'The school office moved this meeting.' . $new,
                self::HOST => 'The office moved this meeting.' . $new,
            ],
        ];
        yield 'a guest leaves' => [
            self::MAY_NOT,
            'leave',
            [],
            [
                self::OWNER => 'Finn Daly does not come to this meeting any more. The meeting itself stays.',
                self::MAY => 'Finn Daly does not come to this meeting any more. The meeting itself stays.',
                self::MAY_NOT => 'You do not come to this meeting any more. The meeting itself stays.',
                self::HOST => 'Finn Daly does not come to this meeting any more. The meeting itself stays.',
            ],
        ];
        yield 'the visitor adds somebody' => [
            self::OWNER,
            'guests',
            ['name' => 'Ines Paz', 'email' => 'ines@mail.example'],
            [
                self::OWNER => 'You added Ines Paz to this meeting. They get a private page of their own.',
                self::MAY => 'Ama Otoo added Ines Paz to this meeting.',
                self::MAY_NOT => 'Ama Otoo added Ines Paz to this meeting.',
                'ines@mail.example' => 'Ama Otoo added you to this meeting.',
                self::HOST => 'Ama Otoo added Ines Paz to this meeting.',
            ],
        ];
        yield 'the visitor tells something else' => [
            self::OWNER,
            'answers',
            ['answers' => ['phone' => '902 555 0155']],
            [self::HOST => 'Ama Otoo changed what they told you.'],
        ];
    }

    /**
     * @param  array<string, mixed>  $body
     * @param  array<string, string>  $read  by address
     */
    #[DataProvider('presses')]
    public function test_who_it_was_stands_in_every_letter(string $by, string $what, array $body, array $read): void
    {
        $this->pressed($by, $what, $body);
        ksort($read);
        self::assertSame($read, $this->letters());
        if ($what === 'give-back') {
            // On the pages too, for as long as they show it.
            foreach ($this->passes as $email => $pass) {
                $shown = PassData::of($pass->refresh(), CarbonImmutable::now()->getTimestamp())['bookings'][0][
                    'off_said'
                ];
                self::assertSame(str_replace(' We are sorry.', '', $read[$email]), $shown);
            }
            $this->actingAs($this->office);
            self::assertSame(
                match ($by) {
                    self::OWNER => 'by Ama Otoo',
                    self::MAY => 'by Órla Byrne',
                    self::HOST => 'by Wren Halloran',
                    default => 'by the office',
                },
                $this->ask('get', "/api/staff/sheets/{$this->sheet->id}")->json('bookings.0.off_said'),
            );
        }
    }

    public function test_a_letter_offers_what_its_reader_may_do_and_nothing_else(): void
    {
        $this->pressed(self::HOST, 'move', ['slot' => self::EVENING . 'T20:30:00Z']);
        $this->letters();
        $press = static fn(string $to): string => preg_match(
            '/^(Your bookings.*):\r?$/m',
            RawMail::read(MailroomMessage::query()->where('recipient', $to)->sole()->raw)->part('text/plain'),
            $found,
        )
            ? $found[1]
            : '';
        self::assertSame(
            ['Your bookings: look, move or cancel', 'Your bookings: look, move or cancel', 'Your bookings'],
            array_map($press, [self::OWNER, self::MAY, self::MAY_NOT]),
        );
    }

    public function test_a_guest_who_is_removed_loses_the_entry_and_the_others_keep_theirs(): void
    {
        $this->pressed(self::OWNER, 'leave', [
            'guest' => Guest::query()->where('pass_id', $this->passes[self::MAY_NOT]->id)->value('id'),
        ]);
        $read = $this->letters();
        self::assertSame('Ama Otoo removed you from this meeting. The meeting itself stays.', $read[self::MAY_NOT]);
        self::assertSame('You removed Finn Daly from this meeting. The meeting itself stays.', $read[self::OWNER]);
        $entry = static fn(string $to): string => (string) preg_replace(
            '/.*^METHOD:(\w+).*/ms',
            '$1',
            RawMail::read(MailroomMessage::query()->where('recipient', $to)->sole()->raw)->part('text/calendar'),
        );
        self::assertSame(['CANCEL', 'REQUEST'], [$entry(self::MAY_NOT), $entry(self::MAY)]);
    }

    public function test_whoever_does_not_come_any_more_reads_so_where_their_letter_leads(): void
    {
        $this->pressed(self::MAY_NOT, 'leave');
        $pass = $this->passes[self::MAY_NOT];
        $page = $this->ask('get', '/api/p/' . $pass->within(Reach::booking($this->booking))->token())->assertOk();
        self::assertSame([], $page->json('bookings'));
        self::assertStringContainsString('You do not come to “Conferences” on ', (string) $page->json('left.0'));
        self::assertStringContainsString(
            'You do not come to “Conferences”',
            html_entity_decode(
                (string) $this->get("/p/{$pass->token()}")
                    ->assertOk()
                    ->getContent(),
            ),
        );
        $this->pressed(self::OWNER, 'guests', ['name' => 'Finn Daly', 'email' => self::MAY_NOT]);
        $again = Guest::query()->whereNull('left_at')->orderByDesc('id')->firstOrFail()->pass;
        self::assertSame([], $this->ask('get', "/api/p/{$again->token()}")->json('left'));
    }

    public function test_no_letter_says_here_of_what_stands_on_a_page(): void
    {
        $this->booking->place->update(['kind' => 'video', 'link' => 'https://video.example/room', 'label' => 'Video']);
        $this->sheet->update(['rules' => Stated::of(['guests' => 4, 'link_shown' => 'before', 'link_minutes' => 15])]);
        $this->pressed(self::HOST, 'move', ['slot' => self::EVENING . 'T20:30:00Z']);
        $this->delivered();
        $said = RawMail::read(MailroomMessage::query()->where('recipient', self::OWNER)->sole()->raw)->part(
            'text/plain',
        );
        self::assertStringContainsString(
            'The link appears on your page with your bookings 15 minutes before the meeting.',
            (string) preg_replace('/\s+/', ' ', $said),
        );
        $shown = fn(): string => PassData::of(
            $this->passes[self::OWNER]->refresh(),
            CarbonImmutable::now()->getTimestamp(),
        )['bookings'][0]['place']['promise'];
        self::assertSame('The link appears here 15 minutes before the meeting.', $shown());
        // Once it is over none is promised.
        $this->booking->place->update(['link' => null]);
        CarbonImmutable::setTestNow($this->booking->refresh()->ends_at->addMinute());
        self::assertSame('', $shown());
    }
}
