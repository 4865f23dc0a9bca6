<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\Booking;
use App\Models\Sheet;
use Carbon\CarbonImmutable;
use Illuminate\Foundation\Testing\RefreshDatabase;
use PHPUnit\Framework\Attributes\DataProvider;

final class WorksheetTest extends TestCase
{
    use RefreshDatabase;

    private const FORM = [
        'title' => 'Autumn conferences', 'intro' => '', 'date' => self::EVENING, 'from' => '1625', 'until' => '5:35pm', 'minutes' => 15, 'gap' => 0,
        'place_kind' => 'room', 'place_label' => 'Room 12', 'place_link' => '', 'directions' => '', 'seats' => 1, 'lead_hours' => 24,
    ];

    public function test_the_ruler_is_drawn_by_the_core_and_says_what_is_left_over(): void
    {
        $this->actingAs($this->host());
        $drawing = $this->ask('post', '/api/staff/ruler', self::FORM)->assertOk();

        // A planning period of 70 min by 15: common practice, no published source.
        $drawing->assertJsonPath('slots', 4)->assertJsonPath('left_over', 10)
            ->assertJsonPath('sentence', '4 meetings on Thursday 3 December 2026; 10 minutes left over.')
            ->assertJsonPath('days.0.stretches.0.slots.3.from', '17:10')->assertJsonPath('days.0.stretches.0.slots.3.at', 70)
            ->assertJsonPath('days.0.length', 120)->assertJsonPath('days.0.marks.0.label', '16:00');
        self::assertSame(0, Sheet::query()->count());
    }

    public function test_write_publish_rewrite(): void
    {
        $this->actingAs($this->host());
        $sheet = $this->ask('post', '/api/staff/sheets', self::FORM)->assertCreated()->assertJsonPath('state', 'draft');
        $id = (int) $sheet->json('id');
        $this->get('/s/autumn-conferences')->assertNotFound();

        $this->ask('post', "/api/staff/sheets/$id/publish")->assertOk()->assertJsonPath('state', 'open')->assertJsonPath('link', url('/s/autumn-conferences'));
        $this->get('/s/autumn-conferences')->assertOk()->assertSee('Autumn conferences');
        $this->ask('put', "/api/staff/sheets/$id", ['minutes' => 10] + self::FORM)->assertOk()->assertJsonPath('slots', 7)->assertJsonPath('form.minutes', 10);

        $this->book(Sheet::query()->findOrFail($id), $this->wish(Sheet::query()->findOrFail($id), '20:25'))->assertCreated();
        $this->ask('put', "/api/staff/sheets/$id", self::FORM)->assertConflict();
        $this->ask('get', "/api/staff/sheets/$id")->assertJsonPath('slots', 7)->assertJsonPath('taken', 1)
            ->assertJsonPath('bookings.0.student', 'Kwame Ferreira')->assertJsonPath('bookings.0.phone', '+1 902 555 0199');

        // The same title again: the link says whose it is.
        $this->ask('post', '/api/staff/sheets', self::FORM)->assertJsonPath('link', url('/s/autumn-conferences-wren-halloran'));
        $this->ask('post', '/api/staff/sheets', self::FORM)->assertJsonPath('link', url('/s/autumn-conferences-wren-halloran-2'));
    }

    public function test_the_host_cancels_with_a_word(): void
    {
        $this->actingAs($this->host());
        $sheet = $this->sheet();
        $this->book($sheet, $this->wish($sheet))->assertCreated();

        $this->ask('post', '/api/staff/bookings/'.Booking::query()->min('id').'/cancel', ['note' => 'I am ill. Please pick another time.'])->assertOk()
            ->assertJsonPath('taken', 0)->assertJsonPath('bookings.0.cancelled_by', 'host')->assertJsonPath('bookings.0.cancel_note', 'I am ill. Please pick another time.');
    }

    public function test_a_sheet_with_nothing_left_to_book_is_not_published(): void
    {
        $this->actingAs($this->host());
        $draft = $this->draft();
        CarbonImmutable::setTestNow(self::EVENING.'T12:00:00Z');

        $this->ask('post', "/api/staff/sheets/$draft->id/publish")->assertConflict();
        self::assertSame('draft', $draft->refresh()->state->value);
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function badInput(): iterable
    {
        yield 'end before start' => [['from' => '16:00', 'until' => '4:00'], 'until', 'has to be later than the start, 16:00'];
        yield 'no time at all' => [['from' => 'after lunch'], 'from', 'is not a time of day'];
        yield 'longer than the block' => [['minutes' => 71], 'minutes', 'does not fit between 16:25 and 17:35'];
        yield 'no minutes' => [['minutes' => 0], 'minutes', 'from 1 to 1440'];
        yield 'minutes below nothing' => [['minutes' => -15], 'minutes', '-15 was given'];
        yield 'half minutes' => [['minutes' => 7.5], 'minutes', 'whole number'];
        yield 'a gap below nothing' => [['gap' => -1], 'gap', 'from 0 to 1440'];
        yield 'more than 24 h' => [['until' => '41:00'], 'until', '24 hours at most'];
        yield 'a past date' => [['date' => '2026-11-23'], 'date', 'is past'];
        yield 'a date that is none' => [['date' => '2026-13-01'], 'date', 'no date “2026-13-01”'];
        yield 'a year with a digit wrong' => [['date' => '2126-12-03'], 'date', 'Look at the year again'];
        yield 'a title of 10 000 characters' => [['title' => str_repeat('x', 10_000)], 'title', '120 characters fit'];
        yield 'no title' => [['title' => ''], 'title', 'fill this in'];
        yield 'a link that runs a script' => [['place_kind' => 'video', 'place_link' => 'javascript:alert(1)'], 'place_link', 'begin with https://'];
        yield 'a link by ftp' => [['place_kind' => 'video', 'place_link' => 'ftp://video.school.example/'], 'place_link', 'begin with https://'];
        yield 'video without a link' => [['place_kind' => 'video'], 'place_link', 'fill this in'];
        yield 'nobody to a slot' => [['seats' => 0], 'seats', 'from 1 to 500'];
        yield 'a kind of place there is not' => [['place_kind' => 'cave'], 'place_kind', 'cannot be chosen'];
    }

    /** @param  array<string, mixed>  $changes */
    #[DataProvider('badInput')]
    public function test_a_bad_blank_is_said_there_and_nothing_is_saved(array $changes, string $field, string $says): void
    {
        $this->actingAs($this->host());
        $answer = $this->ask('post', '/api/staff/sheets', $changes + self::FORM)->assertUnprocessable()->assertOnlyJsonValidationErrors([$field]);

        self::assertStringContainsString($says, (string) $answer->json("errors.$field.0"));
        self::assertSame(0, Sheet::query()->count());
    }

    public function test_today_is_the_schools_today(): void
    {
        $this->actingAs($this->host());
        // 02:00 UTC on the 25th is still the evening of the 24th in Halifax.
        CarbonImmutable::setTestNow('2026-11-25T02:00:00Z');

        $this->ask('post', '/api/staff/ruler', ['date' => '2026-11-24', 'from' => '23:00', 'until' => '24:00'] + self::FORM)->assertOk()->assertJsonPath('slots', 4);
        $this->ask('post', '/api/staff/ruler', ['date' => '2026-11-23'] + self::FORM)->assertUnprocessable();
    }
}
