<?php

declare(strict_types=1);

namespace Tests\App;

use App\Booking\BookingNews;
use App\Models\Booking;
use App\Models\Hold;
use App\Models\Pass;
use Carbon\CarbonImmutable;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Event;
use PHPUnit\Framework\Attributes\DataProvider;

final class BookingTest extends TestCase
{
    use RefreshDatabase;

    public function test_a_free_time_is_theirs_at_once_and_gone_for_everybody_else(): void
    {
        $sheet = $this->sheet();

        $pass = $this->book($sheet, $this->wish($sheet))->assertCreated();
        $pass
            ->assertJsonPath('bookings.0.from', '16:15')
            ->assertJsonPath('bookings.0.zone', 'Halifax time')
            ->assertJsonPath('bookings.0.student', 'Kwame Ferreira')
            ->assertJsonPath('bookings.0.place.directions', 'Up the stairs.');
        $this->ask('get', '/api' . $pass->json('path'))
            ->assertOk()
            ->assertJsonPath('bookings.0.state', 'booked');

        $this->book($sheet, $this->otherWish($sheet, '20:15', 'Bao'))
            ->assertConflict()
            ->assertJsonPath('message', 'Somebody has just taken 16:15. 16:00, 16:30 and 16:45 are free.')
            ->assertJsonPath('nearest.0.from', '16:00');
        $this->ask('get', "/api/s/$sheet->slug")->assertJsonPath('days.0.stretches.0.slots.1.state', 'taken');
        self::assertSame(1, Booking::query()->count());
    }

    public function test_pressing_twice_or_a_lost_answer_books_once(): void
    {
        $sheet = $this->sheet();
        $wish = $this->wish($sheet);

        $first = $this->book($sheet, $wish)->assertCreated();
        $again = $this->book($sheet, ['request_key' => strtoupper($wish['request_key'])] + $wish)->assertOk();

        self::assertSame($first->json('path'), $again->json('path'));
        self::assertSame(1, Booking::query()->count());
        self::assertSame(2, $this->lettersWaiting());
    }

    public function test_a_key_is_good_for_one_wish_only(): void
    {
        $sheet = $this->sheet();
        $wish = $this->wish($sheet);
        $this->book($sheet, $wish)->assertCreated();

        $this->book(
            $sheet,
            ['answers' => ['student' => 'Somebody Else', 'phone' => '902 555 0150']] + $wish,
        )->assertConflict();
        self::assertSame(1, Booking::query()->count());
    }

    public function test_a_group_slot_gives_out_its_seats_and_no_more(): void
    {
        $sheet = $this->sheet(seats: 3);
        foreach (['Ama', 'Bao', 'Cleo'] as $who) {
            $this->book($sheet, $this->otherWish($sheet, '20:15', $who))->assertCreated();
        }
        $this->book($sheet, $this->wish($sheet))->assertConflict();

        self::assertSame([1, 2, 3], Booking::query()->orderBy('seat')->pluck('seat')->all());
        self::assertSame(1, Hold::query()->count());
    }

    public function test_a_host_is_never_in_two_meetings_on_two_sheets(): void
    {
        $quarter = $this->sheet(minutes: 15, title: 'Conferences');
        $twenty = $this->sheet(minutes: 20, title: 'Office hours');
        $this->book($quarter, $this->wish($quarter, '20:15'))->assertCreated();

        // 16:00 to 16:20 and 16:20 to 16:40 both touch 16:15 to 16:30.
        $this->book($twenty, $this->otherWish($twenty, '20:20', 'Bao'))
            ->assertConflict()
            ->assertJsonPath('message', '16:20 is not free any more. 16:40 is free.');
        $this->book($twenty, $this->wish($twenty, '20:40'))->assertCreated();
    }

    public function test_giving_back_frees_the_time_that_instant_and_twice_is_once(): void
    {
        $sheet = $this->sheet();
        $path = '/api' . $this->book($sheet, $this->wish($sheet))->json('path');
        $booking = Booking::query()->firstOrFail();

        foreach ([1, 2] as $press) {
            $this->ask('post', "$path/bookings/$booking->id/give-back", ['note' => 'The ferry is cancelled.'])
                ->assertOk()
                ->assertJsonPath('bookings.0.state', 'cancelled')
                ->assertJsonPath('bookings.0.off_said', 'You cancelled this meeting. The time is free for others now.');
        }
        self::assertSame(1, $booking->refresh()->sequence);
        self::assertSame(4, $this->lettersWaiting());
        $this->book($sheet, $this->wish($sheet))->assertCreated();
    }

    public function test_one_of_a_group_gives_back_a_seat_and_the_others_keep_theirs(): void
    {
        $sheet = $this->sheet(seats: 2);
        $path = '/api' . $this->book($sheet, $this->wish($sheet))->json('path');
        $this->book($sheet, $this->otherWish($sheet, '20:15', 'Bao'))->assertCreated();
        $this->ask('post', "$path/bookings/" . Booking::query()->min('id') . '/give-back')->assertOk();

        self::assertSame(1, Hold::query()->count());
        $this->book($sheet, $this->otherWish($sheet, '20:15', 'Cleo'))->assertCreated();
        $this->book($sheet, $this->otherWish($sheet, '20:15', 'Davi'))->assertConflict();
    }

    public function test_a_meeting_that_has_begun_is_not_given_back(): void
    {
        $sheet = $this->sheet();
        $path = '/api' . $this->book($sheet, $this->wish($sheet))->json('path');
        CarbonImmutable::setTestNow(self::EVENING . 'T20:15:01Z');

        $this->ask('post', "$path/bookings/" . Booking::query()->min('id') . '/give-back')->assertConflict();
        self::assertSame(1, Hold::query()->count());
    }

    public function test_what_hangs_on_a_booking_is_kept_or_dropped_with_it(): void
    {
        $sheet = $this->sheet();
        Event::listen(BookingNews::class, static fn() => throw new \RuntimeException('The listener broke.'));

        $this->postJson("/api/s/$sheet->slug/bookings", $this->wish($sheet))->assertServerError();
        self::assertSame(
            [0, 0, 0, 0],
            [Booking::query()->count(), Hold::query()->count(), Pass::query()->count(), DB::table('jobs')->count()],
        );
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function badAnswers(): iterable
    {
        yield 'no name' => [['name' => ''], 'name'];
        yield 'a name of 10 000 characters' => [['name' => str_repeat('ä', 10_000)], 'name'];
        yield 'a name on two lines' => [['name' => "Ama\nBcc: all@mail.example"], 'name'];
        yield 'a student of 10 000 characters' => [
            ['answers' => ['student' => str_repeat('x', 10_000), 'phone' => '902 555 0150']],
            'answers.student',
        ];
        yield 'no student' => [['answers' => ['student' => '  ', 'phone' => '902 555 0150']], 'answers.student'];
        yield 'an address that is none' => [['email' => 'ama'], 'email'];
        yield 'an address with a line break' => [['email' => "ama@mail.example\r\nBcc: b@mail.example"], 'email'];
        yield 'a phone number of words' => [
            ['answers' => ['student' => 'Kwame', 'phone' => 'ring me']],
            'answers.phone',
        ];
        yield 'an answer that is a list' => [
            ['answers' => ['student' => ['Kwame'], 'phone' => '902 555 0150']],
            'answers.student',
        ];
        yield 'no slot' => [['slot' => ''], 'slot'];
        yield 'a slot in words' => [['slot' => 'tomorrow'], 'slot'];
        yield 'a place that is a list' => [['place' => [1]], 'place'];
        yield 'a key that is none' => [['request_key' => 'abc'], 'request_key'];
    }

    /** @param  array<string, mixed>  $changes */
    #[DataProvider('badAnswers')]
    public function test_a_bad_answer_is_said_at_its_field_and_nothing_is_kept(array $changes, string $field): void
    {
        $sheet = $this->sheet();
        $this->book($sheet, $this->wish($sheet, changes: $changes))
            ->assertUnprocessable()
            ->assertOnlyJsonValidationErrors([$field]);
        self::assertSame([0, 0, 0], [Booking::query()->count(), Hold::query()->count(), Pass::query()->count()]);
    }

    public function test_what_is_not_offered_cannot_be_booked(): void
    {
        $sheet = $this->sheet();
        $other = $this->sheet($this->host('Iolo Bevan'), title: 'Other');

        $this->book($sheet, $this->wish($sheet, '20:07'))
            ->assertConflict()
            ->assertJsonPath('message', 'There is no such time on this sheet. 16:00, 16:15 and 16:30 are free.');
        $this->book($sheet, ['place' => $other->places->firstOrFail()->id] + $this->wish($sheet))
            ->assertUnprocessable()
            ->assertOnlyJsonValidationErrors(['place']);
        $draft = $this->draft(title: 'Draft');
        $this->book($draft, $this->wish($draft))->assertNotFound();
        $this->get("/s/$draft->slug")->assertNotFound();

        CarbonImmutable::setTestNow(self::EVENING . 'T12:00:00Z');
        $this->book($sheet, $this->wish($sheet))
            ->assertConflict()
            ->assertJsonPath('message', '16:15 is too soon to be booked now. Nothing else is free on this sheet now.');
        CarbonImmutable::setTestNow(self::EVENING . 'T22:00:00Z');
        $this->book($sheet, $this->wish($sheet))->assertConflict()->assertJsonPath('nearest', []);
    }

    public function test_names_of_every_script_come_back_as_they_were(): void
    {
        $sheet = $this->sheet();
        [$name, $student] = ['ندى المنصوري', 'Zoë <b>Ng̃</b> 💡 𝒜'];
        $this->book(
            $sheet,
            $this->wish(
                $sheet,
                changes: [
                    'name' => $name,
                    'answers' => ['student' => $student, 'phone' => '+961 1 234 567', 'never asked' => 'x'],
                ],
            ),
        )
            ->assertCreated()
            ->assertJsonPath('name', $name)
            ->assertJsonPath('bookings.0.student', $student)
            ->assertJsonPath('phone', '+961 1 234 567');
        $this->get(substr((string) Pass::query()->firstOrFail()->link(), strlen((string) config('app.url'))))
            ->assertOk()
            ->assertDontSee('<b>Ng', false);
    }
}
