<?php

declare(strict_types=1);

namespace Tests\App;

use App\Booking\BookingWish;
use App\Booking\BookSlot;
use App\Booking\BringGuest;
use App\Booking\GuestWish;
use App\Booking\Presser;
use App\Models\Block;
use App\Models\Booking;
use App\Models\LinkMode;
use App\Models\Party;
use App\Models\Pass;
use App\Models\PlaceKind;
use App\Models\Round;
use App\Models\Sheet;
use App\Models\StaffMember;
use App\Rounds\RoundHost;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Recess\Repeat\OnDates;
use Recess\Rules\Stated;
use Recess\Slots\Block as CoreBlock;
use Recess\Slots\Cut;
use Recess\Time\Hours;
use Recess\Time\LocalDate;
use Recess\Time\LocalTime;
use Recess\Time\Span;
use Tests\App\Support\InOrder;

/**
 * Every way in which a meeting comes to be somewhere else, with everything that can hang on a meeting: looked at afterwards, and
 * after it was taken back. Uma's meeting about Ada is at 16:00 with Wren, and goes to 16:40.
 */
final class MovesTest extends RoundTestCase
{
    private const TO = self::EVENING . 'T20:40:00Z';

    private const WORLDS = [
        'plain',
        'interpreter',
        'longer',
        'group',
        'own place',
        'private link',
        'brought guest',
        'way between buildings',
        'second child',
    ];

    private const WAYS = ['own', 'host', 'offer', 'swap', 'leave', 'away', 'colleague', 'evening', 'give back'];

    private Round $round;

    private Pass $uma;

    private Booking $booking;

    /** @return iterable<string, array{string, string}> */
    public static function cells(): iterable
    {
        foreach (self::WAYS as $way) {
            foreach (self::WORLDS as $world) {
                yield "$way, $world" => [$way, $world];
            }
        }
    }

    #[DataProvider('cells')]
    public function test_after_it_all_is_in_order_and_taken_back_all_is_as_it_was(string $way, string $world): void
    {
        $this->world($world);
        $partner = $way === 'swap' ? $this->partner() : null;
        InOrder::check('before');
        $before = InOrder::picture();
        // Another meeting of the family's stands where this one would go, or too near: only what keeps its hour can be, or goes to
        // whom they meet next.
        $refused =
            in_array($world, ['way between buildings', 'second child'], true) &&
            !in_array($way, ['leave', 'evening', 'give back'], true);
        // A longer one changes times with none that is shorter.
        $refused =
            ($refused && !($way === 'colleague' && $world === 'way between buildings')) ||
            ($way === 'swap' && $world === 'longer');
        $answer = $this->go($way, $partner);
        self::assertSame(
            $refused,
            $answer->getStatusCode() >= 400,
            "$way, $world: {$answer->getStatusCode()} " . substr((string) $answer->getContent(), 0, 300),
        );
        InOrder::check("$way, $world");
        $this->booking->refresh();
        if ($refused) {
            self::assertEquals($before, InOrder::picture(), 'What was refused has changed nothing.');

            return;
        }
        self::assertSame($this->expected($way), [
            $this->booking->starts_at->format('m-d H:i'),
            $this->booking->staff_id,
            $this->booking->hold_id !== null,
        ]);
        self::assertSame(
            in_array($way, ['leave', 'colleague'], true) ? [] : ['worry' => 'maths'],
            $this->booking->answers,
            'What only Wren reads stays with Wren.',
        );
        if ($world === 'private link' && !in_array($way, ['leave', 'colleague'], true)) {
            self::assertSame('https://video.example/their-own', $this->booking->link);
        }
        $undo = $this->takeBack($way);
        if ($undo !== null) {
            $undo->assertOk();
            self::assertGreaterThanOrEqual(400, $this->takeBack($way)?->getStatusCode(), 'Once.');
            DB::table('mailroom_messages')->delete();
            $this->delivered();
            self::assertSame(
                0,
                DB::table('mailroom_messages')->where('recipient', 'uma@mail.example')->count(),
                'Nobody hears of it.',
            );
            InOrder::check("$way, $world, taken back");
            self::assertEquals($before, InOrder::picture(), 'Taken back it is as if it had not been.');
        }
    }

    /** @return iterable<string, array{string}> */
    public static function guests(): iterable
    {
        yield 'on the pass they were given' => ['pass'];
        yield 'by their address' => ['address'];
    }

    #[DataProvider('guests')]
    public function test_whoever_is_brought_is_in_that_meeting_too(string $how): void
    {
        $this->world('brought guest');
        $guest = Pass::query()->where('email', 'otto@mail.example')->firstOrFail();
        $maja = Sheet::query()->where('slug', $this->slug($this->maja))->firstOrFail();
        $maja->update(['audience' => 'anyone']);
        $ask = fn(string $time) => $this->book(
            $maja,
            $this->wish(
                $maja,
                $time,
                [
                    'name' => 'Otto Fay',
                    'email' => 'otto@mail.example',
                    'answers' => ['student' => 'Bo Fay', 'phone' => '902 555 0102'],
                ] + ($how === 'pass' ? ['pass' => $guest->token()] : []),
            ),
        );
        $ask('20:00')->assertConflict();
        $ask('20:20')->assertCreated();
        InOrder::check('booked beside it');
    }

    private function world(string $world): void
    {
        $this->round = $this->published(['opens_at' => null]);
        $this->uma = self::guardian('Uma Fay')->pass();
        $wren = Sheet::query()->where('slug', $this->slug($this->wren))->firstOrFail();
        $questions = $wren->questions->toArray();
        $questions[] = [
            'key' => 'worry',
            'kind' => 'short',
            'label' => 'What worries you?',
            'help' => '',
            'required' => false,
            'on_run_sheet' => false,
            'choices' => [],
        ];
        DB::table('sheets')
            ->where('round_id', $this->round->id)
            ->update(['questions' => json_encode($questions)]);
        $more = [];
        match ($world) {
            'interpreter' => ($more = $this->interpreter()),
            'longer' => DB::table('round_longer')->insert([
                'round_host_id' => $this->hers($this->wren)->id,
                'times' => 2,
                'student_id' => self::guardian('Uma Fay')->students()->where('name', 'Ada Fay')->firstOrFail()->id,
            ]),
            'group' => $this->group($wren),
            'own place' => $this->ownPlaces($wren),
            'private link' => $wren->places()->update([
                'kind' => PlaceKind::Video,
                'link_mode' => LinkMode::Each,
                'link' => null,
                'label' => 'Video',
            ]),
            default => null,
        };
        $this->keep(
            $this->round,
            $this->uma,
            [['sheet' => $wren->slug, 'student' => 'Ada Fay', 'start' => self::EVENING . 'T20:00:00Z']],
            null,
            $more,
        )->assertCreated();
        $this->booking = $this->uma->bookings()->firstOrFail();
        DB::table('bookings')->update(['answers' => json_encode(['worry' => 'maths'])]);
        match ($world) {
            'private link' => $this->booking->update(['link' => 'https://video.example/their-own']),
            'brought guest' => app(BringGuest::class)(
                $this->booking,
                Presser::pass($this->booking->pass),
                new GuestWish('Otto Fay', 'otto@mail.example', true),
                (int) strtotime(self::NOW),
            ),
            'group' => $this->other('Ed Nox', 'ed@mail.example', '20:00'),
            'second child' => $this->otherOfFamily('Cy Fay', '20:40', null),
            'way between buildings' => $this->otherOfFamily('Cy Fay', '21:00', 'Hall'),
            default => null,
        };
        DB::table('jobs')->delete();
        DB::table('changes')->delete();
        $this->booking->refresh();
        $this->actingAs($this->office);
    }

    /** @return array{interpreter: string} */
    private function interpreter(): array
    {
        DB::table('round_interpreters')->insert([
            'round_id' => $this->round->id,
            'staff_id' => $this->host('Sol Ito')->id,
            'language' => 'fr',
        ]);

        return ['interpreter' => 'fr'];
    }

    private function group(Sheet $wren): void
    {
        $wren->update(['rules' => Stated::of(['seats' => 2] + $wren->rules->toArray())]);
        $maja = Sheet::query()->where('slug', $this->slug($this->maja))->firstOrFail();
        $maja->update(['rules' => Stated::of(['seats' => 2] + $maja->rules->toArray())]);
    }

    /** Until 16:35 in Room 12, from 16:40 in the hall. */
    private function ownPlaces(Sheet $wren): void
    {
        $wren->places()->create([
            'kind' => PlaceKind::Room,
            'label' => 'Hall',
            'link' => null,
            'directions' => '',
            'link_mode' => LinkMode::One,
            'position' => 1,
        ]);
        $wren->blocks()->delete();
        foreach ([[[16, 0], [16, 35], 0], [[16, 40], [18, 0], 1]] as [$from, $until, $place]) {
            $hours = Hours::between(LocalTime::of(...$from), LocalTime::of(...$until));
            $wren
                ->blocks()
                ->create(
                    Block::columnsOf(
                        CoreBlock::of(OnDates::of(LocalDate::parse(self::EVENING)), $hours, Cut::of(15, 5))->at([
                            $place,
                        ]),
                    ),
                );
        }
    }

    /** Uma, about another child, with Maja. */
    private function otherOfFamily(string $student, string $time, ?string $room): void
    {
        if ($room !== null) {
            $this->round->school->update(['travel_minutes' => 10]);
            DB::table('places')
                ->where('sheet_id', Sheet::query()->where('slug', $this->slug($this->maja))->value('id'))
                ->update(['label' => $room]);
        }
        $this->keep($this->round, $this->uma, [
            ['sheet' => $this->slug($this->maja), 'student' => $student, 'start' => self::EVENING . "T$time:00Z"],
        ])->assertCreated();
    }

    private function other(string $name, string $email, string $time, ?StaffMember $host = null): Booking
    {
        $sheet = Sheet::query()->where('slug', $this->slug($host ?? $this->wren))->firstOrFail();
        $start = (int) strtotime(self::EVENING . "T$time:00Z");

        return app(
            BookSlot::class,
        )($sheet, new BookingWish(start: $start, placeId: (int) array_key_first($sheet->toCore()->placesAt(Span::of($start, $start + 900))), name: $name, email: $email, phone: '', student: "Child of $name", requestKey: Str::uuid()->toString(), by: Party::Office, answers: ['worry' => 'maths']), (int) strtotime(self::NOW));
    }

    /** Somebody else has the time to which Uma's goes. */
    private function partner(): Booking
    {
        return $this->other('Zoe Ash', 'zoe@mail.example', '20:40');
    }

    private function hers(StaffMember $host): RoundHost
    {
        return RoundHost::query()
            ->where(['round_id' => $this->round->id, 'staff_id' => $host->id])
            ->firstOrFail();
    }

    /** @return TestResponse<\Illuminate\Http\JsonResponse> */
    private function go(string $way, ?Booking $partner): TestResponse
    {
        $pass = "/api/p/{$this->uma->token()}/bookings/{$this->booking->id}";
        $staff = "/api/staff/bookings/{$this->booking->id}";
        $away = fn(StaffMember $to): array => [
            'host' => $this->hers($this->wren)->id,
            'times' => [self::hours('16:00', '16:20')],
            'word' => '',
            'choices' => Booking::query()
                ->where('staff_id', $this->wren->id)
                ->where('starts_at', self::EVENING . ' 20:00:00')
                ->get()
                ->map(
                    fn(Booking $one): array => [
                        'booking' => $one->id,
                        'sheet' => Sheet::query()->where('slug', $this->slug($to))->value('id'),
                        'start' => self::TO,
                    ],
                )
                ->all(),
        ];

        return match ($way) {
            'own' => $this->ask('post', "$pass/move", ['slot' => self::TO]),
            'give back' => $this->ask('post', "$pass/give-back"),
            'host' => $this->actingAs($this->wren)->ask('post', "$staff/move", ['slot' => self::TO, 'note' => '']),
            'offer' => $this->offered($pass, $staff),
            'swap' => $this->onTheDay('presses', [
                'what' => 'swap',
                'who' => ["b{$this->booking->id}", "b{$partner?->id}"],
            ]),
            'leave' => $this->actingAs($this->office)->ask('post', "/api/staff/people/{$this->wren->id}/leaving", [
                'to' => $this->host('Nia Roe')->id,
                'word' => '',
            ]),
            'away' => $this->actingAs($this->office)->ask(
                'post',
                "/api/staff/rounds/{$this->round->id}/away",
                $away($this->wren),
            ),
            'colleague' => $this->actingAs($this->office)->ask(
                'post',
                "/api/staff/rounds/{$this->round->id}/away",
                $away($this->maja),
            ),
            default => $this->actingAs($this->office)->ask('post', "/api/staff/rounds/{$this->round->id}/evening", [
                'from' => self::EVENING,
                'to' => '2026-12-10',
                'seen' => [],
            ]),
        };
    }

    /** @return TestResponse<\Illuminate\Http\JsonResponse> */
    private function offered(string $pass, string $staff): TestResponse
    {
        $offer = $this->actingAs($this->wren)->ask('post', "$staff/offer", ['slot' => self::TO, 'word' => '']);

        return $offer->getStatusCode() >= 400 ? $offer : $this->ask('post', "$pass/offer", ['take' => true]);
    }

    /**
     * @param  array<string, mixed>  $body
     * @return TestResponse<\Illuminate\Http\JsonResponse>
     */
    private function onTheDay(string $what, array $body): TestResponse
    {
        CarbonImmutable::setTestNow(self::EVENING . 'T20:03:00Z');
        $this->actingAs($this->wren);
        $desk = $this->ask('get', "/api/staff/desk/{$this->wren->id}")->assertOk();

        return $this->ask(
            'post',
            "/api/staff/desk/{$this->wren->id}/$what",
            ['revision' => $desk->json('revision')] + $body + ['key' => $desk->json('undo.key')],
        );
    }

    /** @return array{string, int, bool} when, with whom, and whether it stands */
    private function expected(string $way): array
    {
        return match ($way) {
            'leave' => ['12-03 20:00', $this->host('Nia Roe')->id, true],
            'colleague' => ['12-03 20:40', $this->maja->id, true],
            'evening' => ['12-10 20:00', $this->wren->id, true],
            'give back' => ['12-03 20:00', $this->wren->id, false],
            default => ['12-03 20:40', $this->wren->id, true],
        };
    }

    /** @return TestResponse<\Illuminate\Http\JsonResponse>|null where it can be taken back */
    private function takeBack(string $way): ?TestResponse
    {
        return match ($way) {
            'own', 'give back' => $this->ask('post', "/api/p/{$this->uma->token()}/bookings/{$this->booking->id}/undo"),
            'swap' => $this->onTheDay('undo', []),
            'host' => $this->ask('post', "/api/staff/bookings/{$this->booking->id}/undo"),
            'away', 'colleague', 'evening' => $this->ask('post', "/api/staff/rounds/{$this->round->id}/undo"),
            default => null,
        };
    }
}
