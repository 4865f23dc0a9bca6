<?php

declare(strict_types=1);

namespace Tests\App;

use App\Booking\BookingWish;
use App\Booking\BookSlot;
use App\Framework\Clock;
use App\Models\Booking;
use App\Models\BookingState;
use App\Models\Pass;
use App\Models\PlaceKind;
use App\Models\Round;
use App\Models\Sheet;
use App\Models\SheetState;
use App\Models\SlotChange;
use App\Replanning\ReplanData;
use App\RoundLetters\MovedLetter;
use App\Rounds\RoundHost;
use App\Telling\BookingMessage;
use App\Telling\WriteLetters;
use Carbon\CarbonImmutable;
use Illuminate\Mail\SendQueuedMailable;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Str;

/** What comes between a round and its evening: a teacher who falls ill, snow; looked at before it happens, and all of it or nothing. */
final class ReplanningTest extends RoundTestCase
{
    public function test_a_teacher_falls_ill_and_all_meet_elsewhere_moved_as_little_as_can_be(): void
    {
        [$round, $uma, $ed] = $this->booked();
        $iolo = $this->partOf($this->iolo->id);
        // Both of Iolo's meetings of the first hour: at another of his times, or with whoever else teaches the child.
        $form = ['host' => $iolo->id, 'times' => [self::hours('16:00', '16:40')]];
        $effect = $this->ask('post', "/api/staff/rounds/$round->id/away/effect", $form)->assertOk();
        self::assertSame(
            '2 meetings with Iolo Bevan cannot be. For 2 there are other times, moved as little as can be.',
            $effect->json('said'),
        );
        $hits = $effect->json('hits');
        self::assertSame(['Ada Fay', 'Lo Nox'], array_column($hits, 'student'));
        $best = array_map(
            static fn(array $hit): string => array_column($hit['others'], 'said', 'key')[$hit['best']],
            $hits,
        );
        // Ada is with Wren at 16:20; Lo has nobody else that evening: one has 16:40, the other 17:00.
        self::assertEqualsCanonicalizing(['16:40 with Iolo Bevan', '17:00 with Iolo Bevan'], $best);
        // Of what they have about that child already, the office gives them no more.
        self::assertNotContains(
            'with Wren Halloran',
            array_map(static fn(array $one): string => substr($one['said'], 6), $hits[0]['others']),
        );
        self::assertContains('16:00 with Maja Kos', array_column($hits[1]['others'], 'said'));

        // Nothing happens before it is chosen for everybody, and others than were seen are not moved unseen.
        $this->ask('post', "/api/staff/rounds/$round->id/away", $form + ['choices' => []])->assertConflict();
        $choice = static fn(array $hit, string $said): array => ['booking' => $hit['booking']] +
            array_intersect_key(array_column($hit['others'], null, 'said')[$said], ['sheet' => 1, 'start' => 1]);
        Queue::fake();
        $choices = [$choice($hits[0], '16:40 with Iolo Bevan'), $choice($hits[1], '16:20 with Maja Kos')];
        $this->ask(
            'post',
            "/api/staff/rounds/$round->id/away",
            $form + ['choices' => $choices, 'word' => 'Iolo is at the dentist.'],
        )->assertOk();
        $ada = $uma->bookings()->where('student', 'Ada Fay')->where('staff_id', $this->iolo->id)->firstOrFail();
        self::assertSame(self::EVENING . ' 20:40:00', $ada->starts_at->format('Y-m-d H:i:s'));
        $lo = $ed->bookings()->firstOrFail();
        self::assertSame(
            [$this->maja->id, self::EVENING . ' 20:20:00', 'Room 12'],
            [$lo->staff_id, $lo->starts_at->format('Y-m-d H:i:s'), $lo->place->label],
        );
        self::assertSame($lo->sheet_id, Sheet::query()->where('staff_id', $this->maja->id)->firstOrFail()->id);
        // Both families, both of whom they meet, and Iolo for the one who is not his any more.
        Queue::pushed(WriteLetters::class)->each(static fn(WriteLetters $left) => $left->handle());
        $letters = Queue::pushed(SendQueuedMailable::class)->filter(
            static fn(SendQueuedMailable $job): bool => $job->mailable instanceof BookingMessage,
        );
        self::assertCount(5, $letters);
        // Nobody books those times any more.
        $plan = $this->plan(
            $round,
            $ed,
            [['sheet' => $this->slug($this->iolo), 'student' => 'Lo Nox']],
            [self::hours('16:00', '16:40')],
        )->assertOk();
        self::assertSame(
            [],
            array_filter($plan->json('days.0.meetings') ?? [], static fn(array $one): bool => !$one['booked']),
        );

        // All of the rest: who has no other time is given back, with the word.
        $this->actingAs($this->office);
        $hits = $this->ask('post', "/api/staff/rounds/$round->id/away/effect", ['host' => $iolo->id, 'times' => []])
            ->assertOk()
            ->json('hits');
        $this->ask('post', "/api/staff/rounds/$round->id/away", [
            'host' => $iolo->id,
            'times' => [],
            'choices' => [['booking' => $hits[0]['booking'], 'sheet' => null, 'start' => null]],
        ])->assertOk();
        self::assertSame(BookingState::Cancelled, $ada->refresh()->state);
        $this->comesAfterAll($round, $iolo, $ed);
        foreach (
            [
                'host' => ['host' => 999_999],
                'times.0.from' => ['times' => [self::hours('17:00', '16:00')]],
                'times' => ['times' => 'all'],
            ]
            as $field => $wrong
        ) {
            $this->ask(
                'post',
                "/api/staff/rounds/$round->id/away/effect",
                $wrong + ['host' => $iolo->id, 'times' => []],
            )
                ->assertUnprocessable()
                ->assertJsonValidationErrors($field);
        }
    }

    public function test_whoever_stands_in_has_the_same_hours_and_what_they_have_already_stays(): void
    {
        [$round, $uma, $ed] = $this->booked();
        $form = ['host' => $this->partOf($this->iolo->id)->id, 'times' => []];
        foreach ([$form['host'], 999_999] as $wrong) {
            $this->ask('post', "/api/staff/rounds/$round->id/away/effect", $form + ['substitute' => $wrong])
                ->assertUnprocessable()
                ->assertOnlyJsonValidationErrors(['substitute']);
        }
        $form += ['substitute' => $this->partOf($this->wren->id)->id];
        $hits = $this->ask('post', "/api/staff/rounds/$round->id/away/effect", $form)
            ->assertOk()
            ->json('hits');
        $kept = Booking::query()->where('staff_id', $this->wren->id)->pluck('starts_at', 'id');
        $choices = array_map(static function (array $hit): array {
            $to = array_column($hit['others'], null, 'key')[$hit['best']];

            return ['booking' => $hit['booking'], 'sheet' => $to['sheet'], 'start' => $to['start']];
        }, $hits);
        $before = Booking::query()->whereKey(array_column($hits, 'booking'))->orderBy('id')->pluck('starts_at', 'id');
        $this->ask('post', "/api/staff/rounds/$round->id/away", $form + ['choices' => $choices])
            ->assertOk()
            ->assertJsonPath('away.0.id', $form['host']);
        $after = Booking::query()->whereKey(array_column($hits, 'booking'))->orderBy('id')->get()->keyBy('id');
        foreach ($after as $id => $meeting) {
            // At their hour with Wren, but for a family that is with somebody then, or an hour that Wren has given already.
            $isTaken = $kept->contains(fn($at): bool => $at->equalTo($before[$id]));
            self::assertSame(
                [$this->wren->id, true],
                [$meeting->staff_id, $isTaken || $meeting->starts_at->equalTo($before[$id])],
            );
        }
        self::assertEquals($kept, Booking::query()->whereKey($kept->keys())->orderBy('id')->pluck('starts_at', 'id'));
        // Taken back as a whole, as any absence is.
        $this->ask('post', "/api/staff/rounds/$round->id/undo")
            ->assertOk()
            ->assertJsonPath('away', []);
        self::assertEquals(
            $before,
            Booking::query()->whereKey($before->keys())->orderBy('id')->pluck('starts_at', 'id'),
        );
        self::assertSame(
            [$this->iolo->id],
            Booking::query()->whereKey($before->keys())->distinct()->pluck('staff_id')->all(),
        );
        self::assertSame(0, SlotChange::query()->count());
    }

    /** Who is not in a published round is taken into it, stands in, and is out again when nobody has booked with them. */
    public function test_somebody_who_is_not_in_it_yet_stands_in(): void
    {
        [$round] = $this->booked();
        $new = $this->host('Noor Haas');
        $reader = $this->host('Elin Reed');
        $reader->update(['reader' => true]);
        $at = "/api/staff/rounds/$round->id/parts";
        $form = ['staff' => $new->id, 'kind' => 'room', 'label' => 'Room 31'];
        foreach (
            [
                'staff' => ['staff' => $reader->id],
                'label' => ['label' => ''],
                'kind' => ['kind' => 'boat'],
                'link' => ['link' => 'x'],
            ]
            as $field => $wrong
        ) {
            $this->ask('post', $at, $wrong + $form)->assertOnlyJsonValidationErrors([$field]);
        }
        $others = static fn(): array => array_column(
            ReplanData::page($round->refresh(), Clock::now())['others'],
            'name',
        );
        self::assertContains('Noor Haas', $others());
        $part = $this->ask('post', $at, $form)->assertCreated()->json('id');
        // Pressed twice they are in it once, and stay where they were said to be.
        $this->ask('post', $at, ['label' => 'Room 32'] + $form)
            ->assertCreated()
            ->assertJsonPath('label', 'Room 31');
        self::assertNotContains('Noor Haas', $others());
        $sheet = Sheet::query()->where('staff_id', $new->id)->sole();
        self::assertSame([$round->id, SheetState::Open], [$sheet->round_id, $sheet->state]);

        $away = ['host' => $this->partOf($this->iolo->id)->id, 'times' => [], 'substitute' => $part];
        $hits = $this->ask('post', "/api/staff/rounds/$round->id/away/effect", $away)
            ->assertOk()
            ->json('hits');
        foreach ($hits as $hit) {
            // All of theirs at the same hour: Noor has nothing else.
            self::assertStringEndsWith('with Noor Haas', array_column($hit['others'], 'said', 'key')[$hit['best']]);
        }
        $choices = array_map(static function (array $hit): array {
            $to = array_column($hit['others'], null, 'key')[$hit['best']];

            return ['booking' => $hit['booking'], 'sheet' => $to['sheet'], 'start' => $to['start']];
        }, $hits);
        $this->ask('post', "/api/staff/rounds/$round->id/away", $away + ['choices' => $choices])->assertOk();
        self::assertSame(count($hits), Booking::query()->where('staff_id', $new->id)->count());
        $this->json('delete', "/api/staff/round-parts/$part")->assertConflict();
        $this->ask('post', "/api/staff/rounds/$round->id/undo")->assertOk();
        $this->json('delete', "/api/staff/round-parts/$part")->assertNoContent();
        self::assertContains('Noor Haas', $others());
        // Over, it takes nobody in.
        CarbonImmutable::setTestNow((string) $round->dates()->last->plusDays(2));
        $this->actingAs($this->office->refresh());
        $this->ask('post', $at, $form)->assertConflict();
    }

    /** The way back: only what was closed for it is open again, what was moved or cancelled stays, and nobody is full. */
    private function comesAfterAll(Round $round, RoundHost $iolo, Pass $ed): void
    {
        $fill = fn(): mixed => collect(
            $this->ask('get', "/api/staff/rounds/$round->id")
                ->assertOk()
                ->json('hosts'),
        )->firstWhere('name', 'Iolo Bevan');
        self::assertSame(
            ['taken' => 0, 'slots' => 0, 'away' => true],
            array_diff_key($fill(), ['sheet' => 0, 'name' => 0]),
        );
        $this->get("/staff/rounds/$round->id/changes")
            ->assertOk()
            ->assertSee('Iolo Bevan is away: ');
        // One that he had closed by hand before stays closed.
        $iolo->sheet
            ?->slotChanges()
            ->where('away', true)
            ->orderBy('starts_at')
            ->firstOrFail()
            ->update(['away' => false]);
        $meetings = Booking::query()->orderBy('id')->pluck('starts_at', 'id')->all();
        $this->ask('delete', "/api/staff/rounds/$round->id/away/{$iolo->id}")
            ->assertOk()
            ->assertJsonPath('away', []);
        $this->ask('delete', "/api/staff/rounds/$round->id/away/{$iolo->id}")->assertConflict();
        self::assertSame([5, false], [$fill()['slots'], $fill()['away']]);
        self::assertEquals($meetings, Booking::query()->orderBy('id')->pluck('starts_at', 'id')->all());
        $plan = $this->plan(
            $round,
            $ed,
            [['sheet' => $this->slug($this->iolo), 'student' => 'Lo Nox']],
            [self::hours('16:00', '18:00')],
        )->assertOk();
        self::assertSame('16:20', $plan->json('days.0.meetings.0.from'));
    }

    public function test_snow_moves_the_whole_evening_with_one_letter_for_each_family(): void
    {
        [$round, $uma, $ed] = $this->booked();
        // Ed's time with Iolo cannot be then: Iolo has another sheet on that date.
        $other = $this->sheet($this->iolo, date: '2026-12-10');
        app(BookSlot::class)(
            $other,
            new BookingWish(
                start: (int) strtotime('2026-12-10T20:15:00Z'),
                placeId: $other->places->firstOrFail()->id,
                name: 'Zoe Ash',
                email: 'zoe@mail.example',
                phone: '',
                student: 'Kim Ash',
                requestKey: Str::uuid()->toString(),
            ),
            (int) strtotime(self::NOW),
        );
        foreach (['to' => ['to' => self::EVENING], 'from' => ['from' => '2026-12-04']] as $field => $wrong) {
            $this->ask(
                'post',
                "/api/staff/rounds/$round->id/evening/effect",
                $wrong + ['from' => self::EVENING, 'to' => '2026-12-10'],
            )
                ->assertUnprocessable()
                ->assertJsonValidationErrors($field);
        }
        $this->ask('post', "/api/staff/rounds/$round->id/evening/effect", [
            'from' => self::EVENING,
            'to' => '2026-11-01',
        ])->assertUnprocessable();
        $this->ask('post', "/api/staff/rounds/$round->id/evening/effect", [
            'from' => self::EVENING,
            'to' => '9999-12-31',
        ])->assertUnprocessable();
        $form = ['from' => self::EVENING, 'to' => '2026-12-10'];
        $effect = $this->ask('post', "/api/staff/rounds/$round->id/evening/effect", $form)->assertOk();
        self::assertSame(['Lo Nox'], array_column($effect->json('cannot'), 'student'));
        $this->ask('post', "/api/staff/rounds/$round->id/evening", $form)->assertConflict();
        self::assertSame(
            3,
            Booking::query()->where('starts_at', '<', '2026-12-05')->whereNotNull('hold_id')->count(),
            'nothing was moved',
        );

        Mail::fake();
        Queue::fake();
        $this->ask(
            'post',
            "/api/staff/rounds/$round->id/evening",
            $form + ['seen' => array_column($effect->json('cannot'), 'booking'), 'word' => 'Snow.'],
        )->assertOk();
        self::assertSame(
            ['2026-12-10 20:00:00', '2026-12-10 20:20:00'],
            $uma
                ->bookings()
                ->orderBy('starts_at')
                ->get()
                ->map(static fn(Booking $one): string => $one->starts_at->format('Y-m-d H:i:s'))
                ->all(),
        );
        self::assertNull($ed->bookings()->firstOrFail()->hold_id);
        Mail::assertQueued(MovedLetter::class, 1);
        // Families plan on the other date now, and whoever still had the old evening before them hears why it is not there.
        $page = $this->ask('get', "/api/r/$round->slug?pass={$uma->token()}")->assertOk();
        self::assertSame(['2026-12-10'], array_column($page->json('dates'), 'date'));
        $late = $this->keep($round->refresh(), $ed, [
            ['sheet' => $this->slug($this->maja), 'student' => 'Lo Nox', 'start' => self::EVENING . 'T21:00:00Z'],
        ])->assertConflict();
        self::assertStringContainsString('The school has moved or closed that time', $late->json('message'));
        // Snow again: to the evening after that.
        $this->actingAs($this->office);
        $this->ask('post', "/api/staff/rounds/$round->id/evening", [
            'from' => '2026-12-10',
            'to' => '2026-12-11',
        ])->assertOk();
        self::assertSame(2, $uma->bookings()->where('starts_at', '>', '2026-12-11')->count());
        $this->get("/staff/rounds/$round->id")->assertOk();
    }

    public function test_all_of_it_goes_on_by_video_and_back_to_the_rooms(): void
    {
        [$round] = $this->booked();
        $this->partOf($this->wren->id)->update(['link' => 'https://video.example/wren']);
        $page = $this->ask('post', "/api/staff/rounds/$round->id/by-video")->assertOk();
        self::assertTrue($page->json('was_in_rooms'));
        self::assertSame(
            PlaceKind::Video,
            Sheet::query()->where('staff_id', $this->wren->id)->firstOrFail()->places->first()?->kind,
        );
        $this->ask('delete', "/api/staff/rounds/$round->id/by-video")
            ->assertOk()
            ->assertJsonPath('was_in_rooms', false);
        self::assertSame(
            'Room 12',
            Sheet::query()->where('staff_id', $this->wren->id)->firstOrFail()->places->first()?->label,
        );
        $this->actingAs($this->wren);
        $this->json('post', "/api/staff/rounds/$round->id/by-video")->assertForbidden();
        $this->get("/staff/rounds/$round->id/changes")->assertForbidden();
    }

    /** @return array{Round, Pass, Pass} Ada with Iolo at 16:00 and with Wren at 16:20, Lo with Iolo at 16:20; the office is signed in */
    private function booked(): array
    {
        $round = $this->published();
        [$uma, $ed] = [self::guardian('Uma Fay')->pass(), self::guardian('Ed Nox')->pass()];
        $this->keep($round, $uma, [
            ['sheet' => $this->slug($this->iolo), 'student' => 'Ada Fay', 'start' => self::EVENING . 'T20:00:00Z'],
            ['sheet' => $this->slug($this->wren), 'student' => 'Ada Fay', 'start' => self::EVENING . 'T20:20:00Z'],
        ])->assertCreated();
        $this->keep($round, $ed, [
            ['sheet' => $this->slug($this->iolo), 'student' => 'Lo Nox', 'start' => self::EVENING . 'T20:20:00Z'],
        ])->assertCreated();
        $this->actingAs($this->office);

        return [$round, $uma, $ed];
    }

    private function partOf(int $staff): RoundHost
    {
        return RoundHost::query()->where('staff_id', $staff)->firstOrFail();
    }
}
