<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\Booking;
use App\Models\HostRole;
use App\Models\Place;
use App\Models\Sheet;
use App\Models\SheetHost;
use App\Models\SlotChange;
use App\Models\Waiting;
use App\Timetables\SheetAtHand;
use App\Waiting\OfferFreed;
use App\Writing\SheetFormData;
use Carbon\CarbonImmutable;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;
use Recess\Rules\Stated;

/** What pages, bookings, keeps, edits and the waiting list once said differently, and now ask one judge. */
final class OneJudgeTest extends TestCase
{
    use RefreshDatabase;

    private function eitherOf(Sheet $sheet, string $colleague = 'Iolo Bevan'): Sheet
    {
        SheetHost::query()->create([
            'sheet_id' => $sheet->id,
            'staff_id' => $this->host($colleague)->id,
            'role' => HostRole::Any,
        ]);

        return $sheet->refresh();
    }

    public function test_saving_an_unchanged_sheet_moves_nobody_with_several_hosts_and_an_added_seat(): void
    {
        $sheet = $this->eitherOf($this->sheet());
        SlotChange::query()->create([
            'sheet_id' => $sheet->id,
            'starts_at' => self::EVENING . ' 20:30:00',
            'ends_at' => self::EVENING . ' 20:45:00',
            'closed' => false,
            'extra_seats' => 1,
        ]);
        foreach (['20:15' => 2, '20:30' => 4] as $time => $visitors) {
            foreach (range(1, $visitors) as $number) {
                $this->book(
                    $sheet,
                    $this->otherWish($sheet, $time, "Visitor $number at " . str_replace(':', '', $time)),
                )->assertCreated();
            }
            $this->book($sheet, $this->otherWish($sheet, $time, 'One Too Many'))->assertConflict();
        }
        $this->ask('get', "/api/s/$sheet->slug")
            ->assertJsonPath('days.0.stretches.0.slots.0.seats_left', null)
            ->assertJsonPath('days.0.stretches.0.slots.2.seats_left', 0);
        $this->actingAs($this->host());
        $form = SheetFormData::of($sheet->refresh());
        $this->ask('post', "/api/staff/sheets/$sheet->id/effect", $form)
            ->assertOk()
            ->assertJsonPath('stays', 6)
            ->assertJsonPath('changes', []);
        $this->ask('put', "/api/staff/sheets/$sheet->id", ['title' => 'Renamed'] + $form)
            ->assertOk()
            ->assertJsonPath('title', 'Renamed');

        // Without the colleague half of them are over, and are offered what the host alone has left.
        $effect = $this->ask('post', "/api/staff/sheets/$sheet->id/effect", ['hosts' => []] + $form)
            ->assertOk()
            ->assertJsonPath('stays', 3);
        self::assertEqualsCanonicalizing(
            ['16:00', '16:45', null],
            array_map(
                static fn(?array $to): ?string => $to === null ? null : substr(explode(', ', $to['said'])[1], 0, 5),
                array_column((array) $effect->json('changes'), 'to'),
            ),
        );
    }

    public function test_until_a_clock_time_is_not_overruled_by_a_lead_that_stands_beside_it(): void
    {
        // As kept by earlier versions, with both; 16:15 in Halifax is 20:15 UTC.
        $sheet = $this->draft(rules: Stated::of(['lead_minutes' => 1440, 'lead_days' => 0, 'lead_by' => '08:00']));
        $sheet->update(['state' => 'open']);
        CarbonImmutable::setTestNow('2026-12-03T11:59:00Z');
        $this->ask('get', "/api/s/$sheet->slug")
            ->assertJsonPath('free', 4)
            ->assertJsonPath('rules.0', 'Can be booked until 08:00 on the day.');
        $this->book($sheet, $this->wish($sheet))->assertCreated();
        CarbonImmutable::setTestNow('2026-12-03T12:00:01Z');
        $this->ask('get', "/api/s/$sheet->slug")
            ->assertJsonPath('free', 0)
            ->assertJsonPath('earliest', null);
        $this->book($sheet, $this->otherWish($sheet, '20:30', 'Bao'))->assertConflict()->assertSee('too soon');
        self::assertNull(SheetFormData::of($sheet->refresh())['rules']['lead_minutes']);
    }

    public function test_an_edit_leaves_a_family_time_to_walk(): void
    {
        $sheet = $this->sheet();
        $other = $this->sheet($this->host('Iolo Bevan'), title: 'Bevan');
        Place::query()
            ->where('sheet_id', $other->id)
            ->update(['label' => 'Hall']);
        $pass = substr((string) $this->book($sheet, $this->wish($sheet, '20:00'))->json('path'), 3);
        $this->book($other->refresh(), ['pass' => $pass] + $this->wish($other, '20:30'))->assertCreated();
        // The sheet now begins at 16:15: nearest is 16:15, but that ends as the meeting in the hall begins, five minutes away.
        $form = SheetFormData::of($sheet->refresh());
        $form['blocks'][0]['hours'] = [['from' => '16:15', 'until' => '17:30']];
        $this->actingAs($this->host());
        $change = $this->ask('post', "/api/staff/sheets/$sheet->id/effect", $form)
            ->assertOk()
            ->json('changes.0');
        self::assertSame(
            ['Thu 3 Dec, 17:00 to 17:15', 'Thu 3 Dec, 17:15 to 17:30'],
            array_column($change['nearest'], 'said'),
        );
    }

    public function test_the_waiting_list_offers_nothing_longer_than_the_rules_let_it_be_booked(): void
    {
        $sheet = $this->sheet(minutes: 60, rules: Stated::of(['lead_days' => 1, 'lead_by' => '09:00']));
        $booked = $this->book($sheet, $this->wish($sheet, '20:00'))->assertCreated();
        $this->ask('post', "/api/s/$sheet->slug/waiting", ['name' => 'Bao', 'email' => 'bao@mail.example'])->assertOk();
        Waiting::query()->update(['confirmed_at' => '2026-11-24 12:00:00']);
        // Nine in Halifax, the day before, is 13:00 UTC.
        CarbonImmutable::setTestNow('2026-12-02T12:30:00Z');
        $this->ask(
            'post',
            '/api' . $booked->json('path') . '/bookings/' . $booked->json('bookings.0.id') . '/give-back',
        )->assertOk();
        $this->delivered();
        app(OfferFreed::class)($sheet, CarbonImmutable::now()->getTimestamp());
        self::assertSame('2026-12-02 13:00:00', (string) Waiting::query()->firstOrFail()->offered_until);
        // And nothing at all when it could not be taken any more.
        CarbonImmutable::setTestNow('2026-12-02T13:00:01Z');
        app(OfferFreed::class)($sheet, CarbonImmutable::now()->getTimestamp());
        self::assertNull(Waiting::query()->firstOrFail()->offered_until);
    }

    public function test_what_a_visitor_keeps_is_free_to_them_and_hides_no_true_reason(): void
    {
        $sheet = $this->sheet(rules: Stated::of(['per_student' => 1]));
        $key = Str::uuid()->toString();
        $this->ask('post', "/api/s/$sheet->slug/keep", [
            'slot' => self::EVENING . 'T20:15:00Z',
            'keep_key' => $key,
        ])->assertOk();
        $state = fn(string $query): string => $this->ask('get', "/api/s/$sheet->slug?$query")->json(
            'days.0.stretches.0.slots.1.state',
        );
        self::assertSame(
            ['taken', 'free', 'taken'],
            [$state(''), $state("kept=$key"), $state('kept=' . Str::uuid()->toString())],
        );

        // Somebody of that name is booked already: that is what they hear, and not that somebody was quicker.
        $this->book($sheet, $this->wish($sheet, '20:30'))->assertCreated();
        $this->book($sheet, ['keep_key' => $key] + $this->wish($sheet, '20:15'))
            ->assertConflict()
            ->assertSee('cannot be booked as it is filled in')
            ->assertDontSee('Somebody has just taken');
        $elsewhere = $this->sheet($this->host('Iolo Bevan'), title: 'Bevan');
        $pass = substr(
            (string) $this->book($elsewhere, $this->otherWish($elsewhere, '20:15', 'Cleo'))->json('path'),
            3,
        );
        $this->book($sheet, ['keep_key' => $key, 'pass' => $pass] + $this->otherWish($sheet, '20:15', 'Cleo'))
            ->assertConflict()
            ->assertSee('You are in another meeting around 16:15');
        $this->book($sheet, ['keep_key' => $key] + $this->otherWish($sheet, '20:15', 'Davi'))->assertCreated();
    }

    public function test_a_sheet_that_opens_later_can_be_published_and_says_when_not_that_all_is_taken(): void
    {
        // From five days before each meeting: the first opens on Saturday 28 November, 16:00 in Halifax.
        $sheet = $this->sheet(rules: Stated::of(['furthest_days' => 5]));
        $this->ask('get', "/api/s/$sheet->slug")
            ->assertJsonPath('earliest', null)
            ->assertJsonPath('opens', 'Saturday 28 November, 16:00');
        CarbonImmutable::setTestNow('2026-11-28T20:00:00Z');
        $this->ask('get', "/api/s/$sheet->slug")
            ->assertJsonPath('earliest.from', '16:00')
            ->assertJsonPath('opens', null);
        foreach (['20:00', '20:15', '20:30', '20:45'] as $time) {
            CarbonImmutable::setTestNow("2026-11-28T$time:00Z");
            $this->book($sheet, $this->otherWish($sheet, $time, "Visitor at $time"))->assertCreated();
        }
        $this->ask('get', "/api/s/$sheet->slug")
            ->assertJsonPath('earliest', null)
            ->assertJsonPath('opens', null);
    }

    /** @return iterable<string, array{string, bool}> */
    public static function mornings(): iterable
    {
        yield 'half past six' => ['06:30-06:50', true];
        yield 'a minute before seven' => ['06:59-07:30', true];
        yield 'seven' => ['07:00-07:30', false];
    }

    #[DataProvider('mornings')]
    public function test_what_is_early_is_early_to_the_line_and_to_the_worksheet(string $hours, bool $early): void
    {
        $this->actingAs($this->host());
        $drawn = $this->ask('post', '/api/staff/worksheet', [
            'form' => self::form(),
            'typed' => true,
            'line' => self::EVENING . " $hours /10",
        ])->assertOk();
        self::assertSame(
            [$early, $early],
            [
                str_contains(implode(' ', array_column((array) $drawn->json('notes'), 'message')), 'early morning'),
                str_contains(implode(' ', array_column((array) $drawn->json('warnings'), 'message')), 'small hours'),
            ],
        );
    }

    public function test_a_look_at_a_sheet_changes_nothing_of_it_and_what_is_new_is_each_readers_own(): void
    {
        $sheet = $this->eitherOf($this->sheet());
        $slug = $sheet->slug;
        $known = SheetAtHand::now($slug);
        $this->book($sheet, $this->wish($sheet))->assertCreated();
        $fresh = fn(string $who): int => $this->actingAs($this->host($who))
            ->ask('get', "/api/staff/sheets/$sheet->id")
            ->json('fresh');
        self::assertSame([1, 1], [$fresh('Wren Halloran'), $fresh('Iolo Bevan')]);
        CarbonImmutable::setTestNow(CarbonImmutable::now()->addMinute());
        $this->actingAs($this->host())
            ->get("/staff/sheets/$sheet->id")
            ->assertOk();
        self::assertSame([0, 1], [$fresh('Wren Halloran'), $fresh('Iolo Bevan')]);
        self::assertSame($known?->stamp, Sheet::query()->findOrFail($sheet->id)->stamp);
    }

    public function test_a_booking_that_is_moved_is_no_meeting_more_and_may_touch_its_own_old_time(): void
    {
        $sheet = $this->sheet(rules: Stated::of(['per_day' => 1]));
        $path = '/api' . $this->book($sheet, $this->wish($sheet, '20:15'))->json('path');
        $id = Booking::query()->firstOrFail()->id;
        $this->ask('post', "$path/bookings/$id/move", ['slot' => self::EVENING . 'T20:30:00Z'])->assertOk();
        // A worksheet that cuts anew leaves it where it is, across two slots; moved onto one of them it overlaps itself.
        $form = SheetFormData::of($sheet->refresh());
        $form['blocks'][0]['minutes'] = 20;
        $this->actingAs($this->host());
        $this->ask(
            'put',
            "/api/staff/sheets/$sheet->id",
            ['settle' => ['word' => '', 'bookings' => [['id' => $id, 'do' => 'leave']]]] + $form,
        )->assertOk();
        $this->ask('post', "$path/bookings/$id/move", ['slot' => self::EVENING . 'T20:20:00Z'])
            ->assertOk()
            ->assertJsonPath('bookings.0.from', '16:20');
    }
}
