<?php

declare(strict_types=1);

namespace Tests\App;

use App\AccountLetters\AccountLetter;
use App\Framework\LogBook;
use App\Models\Booking;
use App\Models\BookingState;
use App\Models\Hold;
use App\Models\Notice;
use App\Models\Pass;
use App\Models\SheetState;
use App\Models\StaffMember;
use App\Plans\Shortlist;
use Carbon\CarbonImmutable;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Mail;
use PDOException;

/** What is kept of people and for how long, who did what, and what stays when somebody goes. */
final class KeepingTest extends TestCase
{
    use RefreshDatabase;

    private StaffMember $office;

    protected function setUp(): void
    {
        parent::setUp();
        $this->office = tap($this->host('Ngozi Barre'))->update(['office' => true]);
    }

    public function test_what_visitors_told_goes_when_its_time_is_over_and_hosts_hear_of_it_a_week_before(): void
    {
        $sheet = $this->sheet();
        $pass = $this->book($sheet, $this->wish($sheet))->json('path');
        $this->office->school->update(['keep_days' => 30]);
        $after = static fn(int $days) => CarbonImmutable::setTestNow(
            CarbonImmutable::parse(self::EVENING . 'T21:00:00Z')->addDays($days),
        );

        foreach (
            [[15, 0, 'Ama Otoo'], [17, 1, 'Ama Otoo'], [18, 1, 'Ama Otoo'], [29, 1, 'Ama Otoo'], [31, 2, '']]
            as [$days, $notices, $name]
        ) {
            $after($days);
            self::assertSame(0, Artisan::call('recess:expire'));
            self::assertSame(
                [$notices, $name],
                [Notice::query()->where('key', 'like', 'goes%')->count(), Pass::query()->value('name')],
                "after $days days",
            );
        }
        $booking = Booking::query()->firstOrFail();
        self::assertSame(
            ['', '', [], null],
            [$booking->student, $booking->student_key, $booking->answers, $booking->pass->email],
        );
        self::assertSame(BookingState::Booked, $booking->state, 'that somebody met somebody stays');
        $this->get($pass)->assertNotFound();
    }

    public function test_a_visitor_reads_takes_along_and_has_taken_away_what_is_kept_of_them(): void
    {
        $sheet = $this->sheet();
        $pass = $this->book($sheet, $this->wish($sheet))->json('path');
        $this->book($sheet, $this->otherWish($sheet, '20:30', 'Bao'))->assertCreated();
        $wished = ['picks' => [['sheet' => 'x', 'student' => 'Kwame Ferreira']], 'windows' => []];
        $ama = Pass::query()->where('email', 'ama@mail.example')->firstOrFail()->id;
        Shortlist::query()->create([
            'round_id' => AccessTest::round($sheet->host->school_id)->id,
            'pass_id' => $ama,
            'asked' => $wished,
            'wished' => $wished,
        ]);
        $this->get("$pass/kept")
            ->assertOk()
            ->assertSee('ama@mail.example')
            ->assertSee('Kwame Ferreira')
            ->assertDontSee('Bao');
        $this->getJson("$pass/kept.json")
            ->assertOk()
            ->assertJsonPath('you.email', 'ama@mail.example')
            ->assertJsonPath('meetings.0.student', 'Kwame Ferreira')
            ->assertJsonCount(1, 'meetings')
            ->assertJsonPath('wishes.0.sent.picks.0.student', 'Kwame Ferreira');

        $this->post("$pass/forget")->assertRedirect("$pass/kept");
        $this->post("$pass/forget", ['sure' => 'yes'])
            ->assertOk()
            ->assertSee('opens nothing any more');
        $this->get($pass)->assertNotFound();
        self::assertSame(
            [1, 1],
            [Hold::query()->count(), Booking::query()->where('state', 'booked')->count()],
            'their time is free again, the other one stands',
        );
        foreach (['passes', 'bookings', 'shortlists', 'activity_log'] as $table) {
            self::assertStringNotContainsString('ama@mail.example', (string) json_encode(DB::table($table)->get()));
            self::assertStringNotContainsString('Kwame Ferreira', (string) json_encode(DB::table($table)->get()));
        }
    }

    public function test_the_office_finds_a_visitor_and_does_the_same_for_them(): void
    {
        $sheet = $this->sheet();
        $this->book($sheet, $this->wish($sheet))->assertCreated();
        $this->actingAs($this->office);
        $this->ask('get', '/api/staff/visitors?sought=am')->assertJsonPath('visitors', []);
        $id = $this->ask('get', '/api/staff/visitors?sought=ama@mail.example')
            ->assertJsonPath('visitors.0.meetings', 1)
            ->json('visitors.0.id');
        $this->ask('get', "/api/staff/visitors/$id")
            ->assertOk()
            ->assertJsonPath('you.name', 'Ama Otoo');
        $this->ask('delete', "/api/staff/visitors/$id")->assertOk();
        $this->ask('get', '/api/staff/visitors?sought=Otoo')->assertJsonPath('visitors', []);
        $this->get('/staff/log')
            ->assertOk()
            ->assertSee('took away what was kept of a visitor')
            ->assertSee('took out all that is kept of a visitor');
    }

    public function test_the_log_says_what_was_done_by_nobody_who_is_signed_in(): void
    {
        // At the server: nobody's name is known.
        LogBook::note('let_in', null, ['about' => 'Inês Tavares']);
        $this->actingAs($this->office)
            ->get('/staff/log')
            ->assertOk()
            ->assertSee('Nobody who is signed in')
            ->assertSee('at the server made a way in for Inês Tavares');
    }

    public function test_what_was_written_down_is_changed_by_nobody_and_stays_a_month(): void
    {
        LogBook::note('school', $this->office->school, [], $this->office);
        foreach (
            [['UPDATE activity_log SET description = ?', ['else']], ['DELETE FROM activity_log WHERE id > ?', [0]]]
            as [$statement, $values]
        ) {
            try {
                DB::statement($statement, $values);
                self::fail($statement);
            } catch (PDOException $refused) {
                self::assertStringContainsString('What was written down', $refused->getMessage());
            }
        }
        // Somebody of another school reads none of it.
        $other = StaffMember::query()->create([
            'school_id' => \App\Models\School::query()->create([
                'name' => 'Elsewhere',
                'zone' => 'Europe/Lisbon',
                'country' => 'PT',
                'confirm_addresses' => false,
            ])->id,
            'name' => 'Io Sand',
            'email' => 'io@else.example',
            'subject' => 'Office',
            'password' => 'chalk-and-slate',
            'office' => true,
            'came_at' => self::NOW,
        ]);
        $this->actingAs($other->refresh())->get('/staff/log')->assertOk()->assertDontSee('Ngozi Barre');
    }

    public function test_somebody_leaves_and_a_colleague_takes_the_meetings_they_have_time_for(): void
    {
        $wren = $this->host();
        $iolo = $this->host('Iolo Bevan');
        $sheet = $this->sheet($wren);
        $theirs = $this->sheet($iolo, title: 'Mine');
        $this->book($sheet, $this->wish($sheet, '20:00'))->assertCreated();
        $this->book($sheet, $this->otherWish($sheet, '20:15', 'Bao'))->assertCreated();
        // At that time the colleague meets somebody else already.
        $this->book($theirs, $this->otherWish($theirs, '20:15', 'Cleo'))->assertCreated();

        $this->actingAs($this->office);
        $this->ask('get', "/api/staff/people/$wren->id/leaving")
            ->assertOk()
            ->assertJsonPath('count', 2)
            ->assertJsonPath('sheets', ['Conferences']);
        $this->ask('post', "/api/staff/people/$wren->id/leaving", ['to' => $iolo->id, 'word' => 'Wren has left us.'])
            ->assertOk()
            ->assertJsonPath(
                'said',
                'Wren Halloran has left. One sheet is Iolo Bevan’s now; one meeting changed hands, one was cancelled. Everybody concerned gets a letter.',
            );
        self::assertSame(
            [[$iolo->id, 'booked'], [$wren->id, 'cancelled']],
            Booking::query()
                ->where('sheet_id', $sheet->id)
                ->orderBy('starts_at')
                ->get()
                ->map(static fn(Booking $one): array => [$one->staff_id, $one->state->value])
                ->all(),
        );
        self::assertSame($iolo->id, $sheet->refresh()->staff_id);
        Auth::logout();
        $this->ask('post', '/api/staff/session', [
            'email' => $wren->email,
            'password' => 'chalk-and-slate',
        ])->assertUnprocessable();
        self::assertSame('Wren Halloran', $wren->refresh()->name);

        // With nobody to take it, it is closed.
        $this->actingAs($this->office)
            ->ask('post', "/api/staff/people/$iolo->id/leaving", ['to' => null, 'word' => ''])
            ->assertOk();
        self::assertSame([SheetState::Closed, 0], [$theirs->refresh()->state, Hold::query()->count()]);
        $this->ask('post', "/api/staff/people/{$this->office->id}/leaving", [
            'to' => null,
            'word' => '',
        ])->assertConflict();
    }

    public function test_a_colleague_looks_after_the_sheets_of_somebody_who_is_away_until_the_day_is_over(): void
    {
        $sheet = $this->sheet();
        $iolo = $this->host('Iolo Bevan');
        $this->actingAs($iolo)
            ->ask('get', "/api/staff/sheets/$sheet->id")
            ->assertForbidden();
        Mail::fake();
        $lending = "/api/staff/people/$sheet->staff_id/lending";
        $lend = ['to' => $iolo->id, 'until' => '2026-11-25'];
        $this->actingAs($this->office)->ask('put', $lending, $lend)->assertOk();
        // Both are told, once; and when it is over before its day.
        $told = static fn(): array => Mail::queued(AccountLetter::class)
            ->map(static fn(AccountLetter $one): string => "{$one->to[0]['name']}: " . $one->envelope()->subject)
            ->all();
        $both = [
            'Wren Halloran: A colleague looks after your sheets',
            'Iolo Bevan: You look after a colleague’s sheets',
        ];
        $this->ask('put', $lending, $lend)->assertOk();
        self::assertSame($both, $told());
        self::assertStringContainsString(
            'Until 25 November 2026 you look after the sheets of Wren Halloran.',
            Mail::queued(AccountLetter::class)[1]->render(),
        );
        $this->ask('delete', $lending)->assertOk();
        $over = [
            'Wren Halloran: Your sheets are yours alone again',
            'Iolo Bevan: A colleague’s sheets are not with you any more',
        ];
        self::assertSame([...$both, ...$over], $told());
        $this->ask('put', $lending, $lend)->assertOk();
        $this->actingAs($this->host('Iolo Bevan'))
            ->ask('get', "/api/staff/sheets/$sheet->id")
            ->assertOk()
            ->assertJsonPath('can_change', true);
        $this->get('/staff')->assertSee($sheet->title);
        // Midnight in Halifax.
        CarbonImmutable::setTestNow('2026-11-26T04:00:01Z');
        $this->actingAs($this->host('Iolo Bevan'))
            ->ask('get', "/api/staff/sheets/$sheet->id")
            ->assertForbidden();
    }

    public function test_the_front_desk_sees_who_comes_and_nothing_that_was_told_to_one_person(): void
    {
        $sheet = $this->sheet();
        $this->book($sheet, $this->wish($sheet))->assertCreated();
        $desk = tap($this->host('Maja Kos'))->update(['reader' => true]);
        $this->ask('post', '/api/staff/session', [
            'email' => $desk->email,
            'password' => 'chalk-and-slate',
        ])->assertJsonPath('to', '/staff/day');
        $this->get('/staff/day?day=' . self::EVENING)
            ->assertOk()
            ->assertSee('Ama Otoo')
            ->assertSee('Room 12')
            ->assertDontSee('ama@mail.example')
            ->assertDontSee('555');
        $this->get('/staff')->assertForbidden();
    }
}
