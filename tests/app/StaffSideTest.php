<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\Booking;
use App\Models\HostRole;
use App\Models\Pass;
use App\Models\Sheet;
use App\Models\SheetHost;
use Carbon\CarbonImmutable;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Recess\Rules\Stated;

/** What staff do with their own sheets: beyond what they ask of visitors, and nothing by accident. */
final class StaffSideTest extends TestCase
{
    use RefreshDatabase;

    public function test_what_comes_next_stands_first_and_then_what_was_begun_last(): void
    {
        $names = ['Later' => '2026-12-04', 'Sooner' => self::EVENING, 'Empty' => self::EVENING];
        foreach ($names as $title => $date) {
            $sheet = $this->sheet(title: $title, date: $date);
            $title === 'Empty' ||
                $this->book($sheet, ['slot' => "{$date}T20:15:00Z"] + $this->wish($sheet))->assertCreated();
        }
        $this->draft(title: 'Draft');
        $page = (string) $this->actingAs($this->host())->get('/staff')->assertOk()->getContent();
        preg_match('#id="page-data">(.*)</script>#', $page, $data);
        self::assertSame(
            ['Sooner', 'Later', 'Draft', 'Empty'],
            array_column(json_decode($data[1], true)['sheets'], 'title'),
        );
    }

    public function test_the_next_seven_days_stand_on_ones_first_page_with_what_one_has_to_be_at(): void
    {
        // Seen on Thursday 26 November, noon: Thursday 3 December is in it no more, Wednesday evening is.
        $mine = $this->sheet(date: '2026-12-02');
        $later = $this->sheet(title: 'Later');
        $theirs = $this->draft($this->host('Iolo Bevan'), title: 'Together', date: '2026-11-30');
        SheetHost::query()->create([
            'sheet_id' => $theirs->id,
            'staff_id' => $this->host()->id,
            'role' => HostRole::Must,
        ]);
        $theirs = $this->publish($theirs->refresh());
        foreach (['20:00', '20:15', '20:30', '20:45'] as $n => $time) {
            $this->book(
                $mine,
                ['slot' => "2026-12-02T$time:00Z"] + $this->otherWish($mine, $time, "Visitor $n"),
            )->assertCreated();
        }
        $this->book($theirs, ['slot' => '2026-11-30T20:15:00Z'] + $this->wish($theirs))->assertCreated();
        $this->book($later, $this->otherWish($later, '20:15', 'Too late'))->assertCreated();
        CarbonImmutable::setTestNow('2026-11-26T16:00:00Z');
        $page = (string) $this->actingAs($this->host())->get('/staff/sheets')->assertOk()->getContent();
        preg_match('#id="page-data">(.*)</script>#', $page, $data);
        $week = json_decode($data[1], true)['week'];
        self::assertSame(['2026-11-30', '2026-12-02'], array_column($week, 'date'));
        self::assertSame(
            [['from' => '16:15', 'who' => 'Kwame Ferreira', 'sheet' => $theirs->id]],
            $week[0]['meetings'],
        );
        self::assertSame(['Child of Visitor 0', 0], [$week[1]['meetings'][0]['who'], $week[1]['more']]);
        CarbonImmutable::setTestNow('2026-12-02T20:05:00Z');
        $page = (string) $this->actingAs($this->host()->refresh())
            ->get('/staff/sheets')
            ->getContent();
        preg_match('#id="page-data">(.*)</script>#', $page, $data);
        self::assertSame(
            ['2026-12-02', '2026-12-03'],
            array_column(json_decode($data[1], true)['week'], 'date'),
            'what is over by then is not ahead',
        );
    }

    public function test_staff_are_not_bound_by_what_they_ask_of_visitors_and_are_told_so(): void
    {
        $sheet = $this->sheet(rules: Stated::of(['lead_minutes' => 1440]));
        $this->book($sheet, $this->wish($sheet, '20:15'))->assertCreated();
        CarbonImmutable::setTestNow(self::EVENING . 'T12:00:00Z');
        $this->book($sheet, $this->otherWish($sheet, '20:45', 'Bao'))->assertConflict();

        $this->actingAs($this->host());
        $id = (int) Booking::query()->min('id');
        $times = $this->ask('get', "/api/staff/bookings/$id/times")->assertOk();
        self::assertSame(
            [
                '16:00 is too soon to be booked now.',
                '16:15 is too soon to be booked now.',
                '16:30 is too soon to be booked now.',
                '16:45 is too soon to be booked now.',
            ],
            array_values((array) $times->json('beyond')),
        );
        $this->ask('post', "/api/staff/bookings/$id/move", ['slot' => self::EVENING . 'T20:30:00Z'])->assertOk();
        $this->ask(
            'post',
            "/api/staff/sheets/$sheet->id/bookings",
            $this->otherWish($sheet, '20:45', 'Bao'),
        )->assertCreated();
        // What stands in nobody's power stays so: a time that somebody has, and one that is over.
        $this->ask(
            'post',
            "/api/staff/sheets/$sheet->id/bookings",
            $this->otherWish($sheet, '20:45', 'Cleo'),
        )->assertConflict();
        CarbonImmutable::setTestNow(self::EVENING . 'T20:05:00Z');
        $this->ask(
            'post',
            "/api/staff/sheets/$sheet->id/bookings",
            $this->otherWish($sheet, '20:00', 'Cleo'),
        )->assertConflict();
    }

    public function test_a_sheet_that_is_put_away_takes_no_bookings_until_it_is_brought_back(): void
    {
        $sheet = $this->sheet();
        $this->actingAs($this->host());
        $away = fn(bool $to) => $this->ask('post', "/api/staff/sheets/$sheet->id/put-away", [
            'away' => $to,
        ])->assertOk();
        $away(true)->assertJsonPath('state', 'open');
        $this->book($sheet, $this->wish($sheet))->assertConflict();
        $this->ask('get', "/api/s/$sheet->slug")->assertJsonPath('state', 'closed');
        $this->ask('post', "/api/s/$sheet->slug/waiting", [
            'name' => 'Bao',
            'email' => 'bao@mail.example',
        ])->assertConflict();
        $away(false);
        $this->book($sheet, $this->wish($sheet))->assertCreated();
    }

    public function test_a_sheet_that_nobody_ever_booked_can_be_thrown_away_and_no_other(): void
    {
        $draft = $this->draft(title: 'Draft');
        $sheet = $this->sheet();
        $this->ask('post', "/api/s/$sheet->slug/keep", [
            'slot' => self::EVENING . 'T20:15:00Z',
            'keep_key' => '7f3c1f0e-2b1d-4c55-9b6e-0a4f6d3c9a11',
        ])->assertOk();
        $this->actingAs($this->host('Iolo Bevan'))
            ->ask('delete', "/api/staff/sheets/$draft->id")
            ->assertForbidden();
        $this->actingAs($this->host());
        foreach ([$draft, $sheet] as $one) {
            $this->ask('get', "/api/staff/sheets/$one->id")->assertJsonPath('can_throw_away', true);
            $this->ask('delete', "/api/staff/sheets/$one->id")
                ->assertOk()
                ->assertJsonPath('to', '/staff/sheets');
        }
        self::assertSame(0, Sheet::query()->count());

        $booked = $this->sheet(title: 'Booked');
        $pass = '/api' . $this->book($booked, $this->wish($booked))->json('path');
        $this->ask('post', "$pass/bookings/" . Booking::query()->max('id') . '/give-back')->assertOk();
        $this->ask('get', "/api/staff/sheets/$booked->id")->assertJsonPath('can_throw_away', false);
        $this->ask('delete', "/api/staff/sheets/$booked->id")->assertConflict();
    }

    public function test_what_was_put_away_goes_for_good_once_its_time_is_over(): void
    {
        $sheet = $this->sheet();
        $kept = $this->sheet(title: 'Kept', date: '2026-12-04');
        $this->book($sheet, $this->wish($sheet))->assertCreated();
        $this->actingAs($this->host())
            ->ask('post', "/api/staff/sheets/$sheet->id/put-away", ['away' => true])
            ->assertOk();
        CarbonImmutable::setTestNow('2028-11-20T12:00:00Z');
        $this->artisan('recess:forget')->assertSuccessful();
        self::assertSame(2, Sheet::query()->count(), 'Two years after the last meeting, not before.');
        CarbonImmutable::setTestNow('2028-12-10T12:00:00Z');
        $this->artisan('recess:forget')->assertSuccessful();
        self::assertSame([$kept->id], Sheet::query()->pluck('id')->all());
        self::assertSame([0, 0], [Booking::query()->count(), Pass::query()->count()]);
    }

    public function test_a_copy_opens_and_closes_as_much_later_as_its_dates_are(): void
    {
        $sheet = $this->sheet(rules: Stated::of(['opens_at' => '2026-11-23 18:00', 'closes_at' => '2026-12-02 12:00']));
        $this->actingAs($this->host());
        $copy = Sheet::query()->findOrFail(
            $this->ask('post', "/api/staff/sheets/$sheet->id/copy", ['start' => '2027-03-04'])
                ->assertCreated()
                ->json('id'),
        );
        self::assertSame(
            ['2027-02-22 18:00', '2027-03-03 12:00'],
            [$copy->rules->toArray()['opens_at'], $copy->rules->toArray()['closes_at']],
        );
    }

    public function test_after_a_refused_publishing_the_next_save_is_ones_own(): void
    {
        $this->actingAs($this->host());
        $form = self::form(rules: ['closes_at' => '2026-11-20T10:00']);
        $saved = $this->ask('post', '/api/staff/sheets', $form)->assertCreated();
        $id = (int) $saved->json('id');
        $this->ask('post', "/api/staff/sheets/$id/publish")->assertConflict();
        $again = $this->ask(
            'put',
            "/api/staff/sheets/$id",
            ['version' => $saved->json('version')] + self::form(),
        )->assertOk();
        $this->ask('put', "/api/staff/sheets/$id", ['version' => $again->json('version')] + self::form())->assertOk();
        $this->ask('post', "/api/staff/sheets/$id/publish")->assertOk();
    }

    public function test_a_sheet_is_a_draft_again_as_long_as_nobody_has_used_it(): void
    {
        $sheet = $this->sheet();
        $this->actingAs($this->host());
        $draft = fn() => $this->ask('post', "/api/staff/sheets/$sheet->id/state", ['state' => 'draft']);
        $this->ask('get', "/api/staff/sheets/$sheet->id")->assertJsonPath('can_be_draft', true);
        $draft()->assertOk()->assertJsonPath('state', 'draft');
        $this->ask('get', "/api/s/$sheet->slug")->assertNotFound();
        $this->ask('post', "/api/staff/sheets/$sheet->id/publish")->assertOk();
        $this->book($sheet, $this->wish($sheet))->assertCreated();
        $draft()->assertConflict();
        $this->ask('get', "/api/staff/sheets/$sheet->id")
            ->assertJsonPath('can_be_draft', false)
            ->assertJsonPath('state', 'open');
    }

    public function test_a_pasted_link_is_looked_at_and_overwrites_no_other(): void
    {
        $this->actingAs($this->host());
        $video = ['kind' => 'video', 'label' => 'Video', 'link_mode' => 'later'];
        $sheet = Sheet::query()->findOrFail(
            $this->ask(
                'post',
                '/api/staff/sheets',
                self::form([], ['hours' => [['from' => '16:00', 'until' => '17:00']]], $video),
            )
                ->assertCreated()
                ->json('id'),
        );
        $this->publish($sheet);
        foreach (['20:00' => 'Bao', '20:15' => 'Cleo'] as $time => $who) {
            $this->book($sheet, $this->otherWish($sheet, $time, $who))->assertCreated();
        }
        [$first, $second] = Booking::query()->orderBy('id')->pluck('id')->all();
        $set = fn(string $link, array $more = []) => $this->ask(
            'post',
            "/api/staff/sheets/$sheet->id/link",
            ['link' => $link] + $more,
        );
        foreach (['https://video.example/room?token=abc', 'https://video.example/room#token=abc&lang=en'] as $keyed) {
            $set($keyed)
                ->assertUnprocessable()
                ->assertOnlyJsonValidationErrors(['link']);
        }
        self::assertStringContainsString(
            'https://video.example/room#lang=en',
            (string) $set('https://video.example/room#token=abc&lang=en')->json('errors.link.0'),
        );
        $set('https://video.example/one', ['bookings' => [$first]])->assertOk();
        $set('https://video.example/two', ['bookings' => [$first, $second]])
            ->assertUnprocessable()
            ->assertOnlyJsonValidationErrors(['bookings']);
        $set('https://video.example/two')->assertOk();
        self::assertSame(
            ['https://video.example/one', 'https://video.example/two'],
            Booking::query()->orderBy('id')->pluck('link')->all(),
        );
        $set('https://video.example/new?token=mine', [
            'bookings' => [$first],
            'replace' => true,
            'anyway' => true,
        ])->assertOk();
        self::assertSame('https://video.example/new?token=mine', Booking::query()->findOrFail($first)->link);
    }
}
