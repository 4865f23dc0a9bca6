<?php

declare(strict_types=1);

namespace Tests\App;

use App\CalendarServers\CalendarServer;
use App\CalendarServers\DavFailed;
use App\CalendarServers\KeepInStep;
use App\CalendarServers\Multistatus;
use App\Models\Booking;
use App\Models\Sheet;
use Carbon\CarbonImmutable;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\App\Support\DavServer;

/**
 * A host's own calendar both ways, with servers and a program out of Debian that nobody here wrote: Radicale, Xandikos,
 * python3-caldav.
 */
final class CalendarServersTest extends TestCase
{
    use RefreshDatabase;

    private ?DavServer $server = null;

    protected function tearDown(): void
    {
        $this->server?->stop();
        parent::tearDown();
    }

    /** @return iterable<string, array{string, string}> */
    public static function servers(): iterable
    {
        // What one has to give: the whole server, and a person's own part of it.
        yield 'Radicale' => ['radicale', '/'];
        yield 'Xandikos' => ['xandikos', '/'];
        yield 'Radicale, by one calendar’s address' => ['radicale', '/wren/work/'];
    }

    private function connect(string $kind, string $path = '/'): DavServer
    {
        $server = $this->server = new DavServer($kind);
        config(['recess.feed_hosts' => ['127.0.0.1']]);
        $server->program('make', 'Work');
        $this->actingAs($this->host());
        $this->postJson('/api/staff/calendar-server', [
            'address' => $server->origin . $path,
            'name' => DavServer::NAME,
            'password' => DavServer::PASSWORD,
        ])->assertCreated();

        return $server;
    }

    /** @return array<string, mixed> */
    private function tick(bool $busy = true, bool $meetings = true): array
    {
        $work = $this->work()['id'];

        return $this->putJson('/api/staff/calendar-server', [
            'busy' => $busy ? [$work] : [],
            'meetings' => $meetings ? $work : null,
        ])
            ->assertOk()
            ->json();
    }

    /** @return array<string, mixed> the calendar called work, as its owner sees it */
    private function work(): array
    {
        $server = CalendarServer::query()->firstOrFail();
        $one = $server->calendars()->where('path', 'like', '%/work/')->firstOrFail();

        return ['id' => $one->id, 'name' => $one->name, 'can_write' => $one->can_write];
    }

    private function step(): void
    {
        $keep = app(KeepInStep::class);
        self::assertTrue($keep(CalendarServer::query()->firstOrFail(), true, CarbonImmutable::now()->getTimestamp()));
    }

    private function isFree(Sheet $sheet, string $time): bool
    {
        $days = (array) $this->getJson("/api/s/$sheet->slug")->json('days');
        foreach ($days as $day) {
            foreach (array_merge(...array_column($day['stretches'], 'slots')) as $slot) {
                if ($slot['key'] === self::EVENING . "T$time:00Z") {
                    return $slot['state'] === 'free';
                }
            }
        }
        self::fail("No time begins at $time.");
    }

    #[DataProvider('servers')]
    public function test_what_is_busy_there_is_not_offered_and_what_is_booked_here_stands_there(
        string $kind,
        string $path,
    ): void {
        $server = $this->connect($kind, $path);
        self::assertTrue($this->work()['can_write']);
        $sheet = $this->sheet();
        $day = str_replace('-', '', self::EVENING);
        $server->program('add', 'Work', DavServer::event('choir@hers', 'Choir', "{$day}T201500Z", "{$day}T203000Z"));
        self::assertTrue($this->isFree($sheet, '20:15'));
        $this->tick();
        self::assertFalse($this->isFree($sheet->refresh(), '20:15'), 'what is busy is taken at once');

        // Only what has changed is fetched from then on.
        $server->program('write', 'Work', 'choir@hers', "{$day}T201500Z", "{$day}T202000Z");
        $server->program(
            'add',
            'Work',
            DavServer::event('free@hers', 'Not there', "{$day}T204500Z", "{$day}T210000Z", "TRANSP:TRANSPARENT\r\n"),
        );
        $this->step();
        self::assertTrue($this->isFree($sheet->refresh(), '20:45'), 'what is marked as free is');
        self::assertFalse($this->isFree($sheet, '20:15'));
        $server->program('take out', 'Work', 'choir@hers');
        $this->step();
        self::assertTrue($this->isFree($sheet->refresh(), '20:15'));

        // Booked here: within seconds there, by the worker; not in its own way here.
        $this->book($sheet, $this->wish($sheet, '20:30'))->assertCreated();
        $this->delivered();
        $booking = Booking::query()->sole();
        [$entry] = $this->ours($server, $booking);
        self::assertStringContainsString('Kwame Ferreira', $entry);
        self::assertStringNotContainsString('METHOD:', $entry, 'RFC 4791, 4.1');
        $this->step();
        self::assertFalse(
            DB::table('busy_spans')->where('title', 'like', '%Ferreira%')->exists(),
            'a meeting is not in its own way',
        );
        $before = DB::table('server_entries')->get();
        $this->step();
        self::assertEquals($before, DB::table('server_entries')->get(), 'nothing is written twice');

        // What she adds survives our next write.
        $server->program('write', 'Work', $booking->uid, 'END:VEVENT', "CATEGORIES:Parents\nCOLOR:teal\nEND:VEVENT");
        $this->ask('post', "/api/p/{$booking->pass->token()}/bookings/$booking->id/move", [
            'slot' => self::EVENING . 'T20:45:00Z',
        ])->assertOk();
        $this->delivered();
        [$entry] = $this->ours($server, $booking);
        self::assertMatchesRegularExpression('/DTSTART;TZID[^:]*:(\d{8}T164500|\d{8}T204500Z)/', $entry);
        self::assertStringContainsString('COLOR:teal', $entry);
        self::assertStringContainsString('CATEGORIES:Parents', $entry);

        // Into none: what nobody brings up to date stands there no more. And back again.
        $this->tick(meetings: false);
        self::assertSame([], $this->ours($server, $booking));
        $this->tick();
        self::assertCount(1, $this->ours($server, $booking));

        $this->ask('post', "/api/p/{$booking->pass->token()}/bookings/$booking->id/give-back")->assertOk();
        $this->delivered();
        self::assertSame([], $this->ours($server, $booking), 'what is off stands there no more');
    }

    #[DataProvider('servers')]
    public function test_what_is_done_to_a_meeting_there_is_said_and_nothing_is_called_off(
        string $kind,
        string $path,
    ): void {
        $server = $this->connect($kind, $path);
        $this->tick();
        $sheet = $this->sheet();
        $this->book($sheet, $this->wish($sheet, '20:30'))->assertCreated();
        $this->delivered();
        $booking = Booking::query()->sole();
        [$entry] = $this->ours($server, $booking);
        self::assertSame(1, preg_match('/DTSTART;TZID[^:]*:(\S+)/', $entry, $start));
        self::assertSame(1, preg_match('/DTEND;TZID[^:]*:(\S+)/', $entry, $end));
        $later = static fn(string $at): string => (string) preg_replace('/T(\d\d)/', 'T23', $at);
        $this->step();
        // With what stands before them, for the zone beside it has times, too.
        [$begins, $ends] = [":$start[1]", ":$end[1]"];
        $server->program('write', 'Work', $booking->uid, $ends, $later($ends), $begins, $later($begins));
        $this->step();
        $this->step();
        self::assertSame(1, DB::table('notices')->where('says', 'servers.moved_there')->count());

        // To a time that the sheet could give: the family is asked, and theirs is the press that moves it.
        $to = static fn(string $at, string $local, string $utc): string => (string) preg_replace(
            '/T\d{6}/',
            str_ends_with($at, 'Z') ? "T$utc" : "T$local",
            $at,
        );
        $server->program(
            'write',
            'Work',
            $booking->uid,
            $later($begins),
            $to($begins, '164500', '204500'),
            $later($ends),
            $to($ends, '170000', '210000'),
        );
        $this->step();
        self::assertSame(1, DB::table('notices')->where('says', 'servers.proposed')->count());
        self::assertSame('2026-12-03 20:30:00', $booking->refresh()->starts_at->format('Y-m-d H:i:s'));
        $pass = "/api/p/{$booking->pass->token()}/bookings/$booking->id";
        $this->ask('post', "$pass/offer", ['take' => true])->assertOk();
        self::assertSame('2026-12-03 20:45:00', $booking->refresh()->starts_at->format('Y-m-d H:i:s'));
        $this->delivered();
        self::assertStringContainsString($to($start[1], '164500', '204500'), $this->ours($server, $booking)[0]);
        $this->step();

        $server->program('take out', 'Work', $booking->uid);
        $this->step();
        $this->step();
        self::assertSame(1, DB::table('notices')->where('says', 'servers.taken_out_there')->count());
        self::assertSame('booked', $booking->refresh()->state->value, 'a machine calls nothing off');
        self::assertSame([], $this->ours($server, $booking), 'and does not argue with its owner');

        // Agreed anew, it is there again.
        $this->ask('post', "$pass/move", [
            'slot' => self::EVENING . 'T20:15:00Z',
        ])->assertOk();
        $this->delivered();
        self::assertCount(1, $this->ours($server, $booking));
    }

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        foreach ([3, 8, 21] as $seed) {
            yield "seed $seed" => [$seed];
        }
    }

    /** After any row of presses here and changes there both say the same, one look later. */
    #[DataProvider('seeds')]
    public function test_both_sides_say_the_same_after_whatever_was_done_on_either(int $seed): void
    {
        $any = new Randomizer(new Mt19937($seed));
        $server = $this->connect($seed % 2 === 0 ? 'radicale' : 'xandikos');
        $this->tick();
        $sheet = $this->sheet();
        $times = ['20:15', '20:30', '20:45'];
        $day = str_replace('-', '', self::EVENING);
        /** @var array<string, string> $hers busy times of her own, by their UID */
        $hers = $done = [];
        for ($step = 0; $step < 10; $step++) {
            $time = $times[$any->getInt(0, 2)];
            $booking = Booking::query()
                ->where('state', 'booked')
                ->inRandomOrder($seed + $step)
                ->first();
            $at = $booking === null ? '' : "/api/p/{$booking->pass->token()}/bookings/$booking->id";
            $what = ['book', 'book', 'move', 'cancel', 'busy', 'not busy', 'note'][$any->getInt(0, 6)];
            $done[] = "$what $time";
            match (true) {
                $what === 'book' => $this->book($sheet, $this->otherWish($sheet, $time, "Visitor $step")),
                $what === 'busy' => $server->program(
                    'add',
                    'Work',
                    DavServer::event(
                        $uid = "own$step@hers",
                        'Own',
                        "{$day}T" . strtr($time, [':' => '']) . '00Z',
                        "{$day}T" . strtr($time, [':' => '']) . '30Z',
                    ),
                ),
                $what === 'not busy' => $hers === []
                    ? null
                    : $server->program('take out', 'Work', (string) array_key_last($hers)),
                $booking === null => null,
                $what === 'move' => $this->ask('post', "$at/move", ['slot' => self::EVENING . "T$time:00Z"]),
                $what === 'cancel' => $this->ask('post', "$at/give-back"),
                default => str_contains($this->ours($server, $booking)[0] ?? '', 'END:VEVENT')
                    ? $server->program('write', 'Work', $booking->uid, 'END:VEVENT', "COMMENT:Hers $step\nEND:VEVENT")
                    : null,
            };
            $what !== 'busy' || ($hers["own$step@hers"] = $time);
            $what !== 'not busy' || array_pop($hers);
            $any->getInt(0, 1) === 0 || $this->delivered();
        }
        CarbonImmutable::setTestNow(CarbonImmutable::now()->addMinute());
        $this->delivered();
        $this->step();

        $said = implode(', ', $done);
        $here = Booking::query()->where('state', 'booked')->orderBy('starts_at')->get();
        $there = array_filter($server->entries('Work'), static fn(string $one): bool => !str_contains($one, '@hers'));
        self::assertCount($here->count(), $there, $said);
        foreach ($here as $booking) {
            $start = $booking->starts_at->setTimezone('America/Halifax')->format('Ymd\\THis');
            self::assertMatchesRegularExpression(
                "/DTSTART;TZID[^:]*:$start/",
                $this->ours($server, $booking)[0] ?? '',
                $said,
            );
        }
        foreach ($times as $time) {
            $isTaken =
                in_array($time, $hers, true) ||
                $here->contains(static fn(Booking $one): bool => $one->starts_at->format('H:i') === $time);
            self::assertSame(!$isTaken, $this->isFree($sheet->refresh(), $time), "$time after $said");
        }
    }

    public function test_whoever_is_about_to_book_waits_for_a_look_and_no_longer_than_they_notice(): void
    {
        $server = $this->connect('xandikos');
        $this->tick(meetings: false);
        $sheet = $this->sheet();
        $day = str_replace('-', '', self::EVENING);
        $server->program('add', 'Work', DavServer::event('choir@hers', 'Choir', "{$day}T201500Z", "{$day}T203000Z"));
        CarbonImmutable::setTestNow(CarbonImmutable::now()->addMinute());
        $this->book($sheet, $this->wish($sheet, '20:15'))->assertConflict();

        // One that takes the connection and says nothing.
        $silent = stream_socket_server('tcp://127.0.0.1:0');
        self::assertNotFalse($silent);
        CalendarServer::query()
            ->firstOrFail()
            ->update(['address' => 'http://' . stream_socket_get_name($silent, false)]);
        CarbonImmutable::setTestNow(CarbonImmutable::now()->addMinute());
        $start = hrtime(true);
        $this->book($sheet, $this->wish($sheet, '20:30'))->assertCreated();
        // With all that a booking takes on a machine that does other things too.
        self::assertLessThan(5, (hrtime(true) - $start) / 1e9);
        self::assertNull(CalendarServer::query()->firstOrFail()->says);
    }

    public function test_what_cannot_be_done_is_said_once_and_what_was_known_still_counts(): void
    {
        $server = $this->connect('radicale');
        $day = str_replace('-', '', self::EVENING);
        $server->program('add', 'Work', DavServer::event('choir@hers', 'Choir', "{$day}T201500Z", "{$day}T203000Z"));
        $this->tick();
        $sheet = $this->sheet();
        $server->stop();
        self::assertNotSame('', $this->postJson('/api/staff/calendar-server/look')->assertOk()->json('failure'));
        self::assertFalse($this->isFree($sheet, '20:15'));
        $this->book($sheet, $this->wish($sheet, '20:30'))->assertCreated();
        $this->delivered();
        self::assertSame(1, DB::table('notices')->where('says', 'servers.not_in_step')->count());

        $form = ['address' => 'http://127.0.0.1:9', 'name' => 'wren', 'password' => 'x'];
        $this->postJson('/api/staff/calendar-server', $form)
            ->assertUnprocessable()
            ->assertJsonStructure(['errors' => ['address']]);
        config(['recess.feed_hosts' => []]);
        foreach (
            [
                'http://calendar.example/',
                'https://127.0.0.1/',
                'https://[::1]/',
                'ftp://x.example',
                'https://u:p@x.example',
            ]
            as $address
        ) {
            $this->postJson('/api/staff/calendar-server', ['address' => $address] + $form)
                ->assertUnprocessable()
                ->assertJsonStructure(['errors' => ['address']]);
        }
        // Nobody else's, and nothing that its owner gave is told to anybody.
        $said = (string) $this->get('/staff/calendar-server')->assertOk()->getContent();
        self::assertStringNotContainsString(DavServer::PASSWORD, $said);
        $this->actingAs($this->host('Iolo Bevan'));
        $this->putJson('/api/staff/calendar-server', [
            'busy' => [$this->work()['id']],
            'meetings' => null,
        ])->assertNotFound();
        $this->actingAs($this->host());
        $this->putJson('/api/staff/calendar-server', ['busy' => [999_999], 'meetings' => null])->assertUnprocessable();
        $this->deleteJson('/api/staff/calendar-server')->assertOk()->assertJsonPath('connected', false);
        self::assertTrue($this->isFree($sheet->refresh(), '20:15'), 'what was read there counts no more');
        self::assertSame(0, DB::table('server_objects')->count());
    }

    public function test_a_calendar_that_its_owner_has_deleted_there_is_said_and_the_others_go_on(): void
    {
        $server = $this->connect('radicale');
        $server->program('make', 'Home');
        $form = ['address' => $server->origin, 'name' => DavServer::NAME, 'password' => DavServer::PASSWORD];
        $this->postJson('/api/staff/calendar-server', $form)->assertCreated();
        $day = str_replace('-', '', self::EVENING);
        $server->program('add', 'Home', DavServer::event('swim@hers', 'Swim', "{$day}T201500Z", "{$day}T203000Z"));
        $ids = CalendarServer::query()->firstOrFail()->calendars()->pluck('id')->all();
        self::assertCount(2, $ids);
        $this->putJson('/api/staff/calendar-server', ['busy' => $ids, 'meetings' => $this->work()['id']])->assertOk();
        $sheet = $this->sheet();
        self::assertFalse($this->isFree($sheet, '20:15'));
        $server->program('give up', 'Work');
        $this->step();
        self::assertSame(1, DB::table('notices')->where('says', 'servers.calendar_gone')->count());
        self::assertFalse($this->isFree($sheet->refresh(), '20:15'), 'the other one still counts');
        self::assertCount(1, (array) $this->postJson('/api/staff/calendar-server/look')->assertOk()->json('calendars'));
    }

    public function test_a_wrong_password_is_said_at_its_field_and_left_alone_for_an_hour(): void
    {
        $server = $this->connect('radicale');
        $form = ['address' => $server->origin, 'name' => DavServer::NAME, 'password' => 'wrong'];
        $this->postJson('/api/staff/calendar-server', $form)
            ->assertUnprocessable()
            ->assertJsonStructure(['errors' => ['password']]);
        $one = CalendarServer::query()->firstOrFail();
        self::assertSame(DavServer::PASSWORD, $one->password, 'the one that works is kept');
        $one->update(['password' => 'changed there']);
        $this->tick();
        self::assertTrue($one->refresh()->rests(CarbonImmutable::now()->getTimestamp()));
        self::assertFalse($one->rests(CarbonImmutable::now()->getTimestamp() + 3_601));
    }

    public function test_what_is_no_answer_of_a_calendar_server_is_refused(): void
    {
        $bomb =
            '<?xml version="1.0"?><!DOCTYPE d [<!ENTITY a "' .
            str_repeat('x', 99) .
            '">]><d:multistatus xmlns:d="DAV:">&a;</d:multistatus>';
        foreach (['', '<html></html>', 'no xml', $bomb] as $xml) {
            try {
                Multistatus::read($xml);
                self::fail("Taken: $xml");
            } catch (DavFailed $failure) {
                self::assertSame('servers.not_understood', $failure->said->key);
            }
        }
        // What lies on another server is none of this one's.
        foreach (['https://elsewhere.example/x', '//elsewhere.example/x', "/a\nb", 'x'] as $href) {
            self::assertNull(Multistatus::path($href, 'https://dav.example'));
        }
        self::assertSame('/x', Multistatus::path('https://dav.example/x', 'https://dav.example'));
    }

    /** @return list<string> */
    private function ours(DavServer $server, Booking $booking): array
    {
        return array_values(
            array_filter($server->entries('Work'), static fn(string $one): bool => str_contains($one, $booking->uid)),
        );
    }
}
