<?php

declare(strict_types=1);

namespace Tests\App;

use App\Directory\Guardian;
use App\Models\Booking;
use App\Models\Pass;
use App\Models\ReadsAs;
use App\Models\Sheet;
use App\Models\Waiting;
use Demo\MailroomMessage;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Recess\Rules\Stated;

/** Several passes of one mailbox and name become one where it answers; nothing is merged, and nobody else sees more. */
final class TogetherTest extends TestCase
{
    use RefreshDatabase;

    private const AMA = 'ama@mail.example';

    private Sheet $sheet;

    protected function setUp(): void
    {
        parent::setUp();
        $this->sheet = $this->publish($this->sheet(rules: Stated::of(['waiting' => true])));
    }

    /** @return string the path of the pass on which it went */
    private function takes(string $time, string $name, string $student, string $email = self::AMA): string
    {
        return $this->book(
            $this->sheet,
            $this->wish($this->sheet, $time, [
                'name' => $name,
                'email' => $email,
                'answers' => ['phone' => '+1 902 555 0199', 'student' => $student],
            ]),
        )->json('path');
    }

    private static function pass(string $path): Pass
    {
        return Pass::byToken(substr($path, 3)) ?? throw new \LogicException($path);
    }

    /** The page that answers when its mailbox presses the button of a letter. */
    private function answered(Pass $pass): string
    {
        $key = (string) parse_url($pass->confirmLink((string) $pass->email), PHP_URL_PATH);

        return (string) $this->post($key)->assertOk()->getContent();
    }

    private static function pressIn(string $page): ?string
    {
        return preg_match('#action="(/together/[^"]+)"#', $page, $found) === 1 ? $found[1] : null;
    }

    public function test_what_a_mailbox_brings_together_is_on_one_page_and_no_address_of_before_opens_it(): void
    {
        // A name as two keyboards write it; the second page is of somebody who only typed the address.
        $first = $this->takes('20:15', 'Ama O’Toole', 'Kwame Ferreira');
        $second = $this->takes('20:30', 'ama o\'toole', 'Efua Ferreira');
        $letter = parse_url(self::pass($first)->linkTo(Booking::query()->firstOrFail()), PHP_URL_PATH);
        $calendar = $this->getJson("/api$second")->json('calendar_path');
        self::pass($first)->update(['late_by_text' => true]);
        $this->get($second)->assertOk()->assertDontSee('together');

        $page = $this->answered(self::pass($first));
        self::assertStringContainsString('one more page with your name and this address', $page);
        self::assertStringContainsString('One meeting stands there.', $page);
        $press = (string) self::pressIn($page);
        $done = (string) $this->post($press)->assertOk()->assertSee('Everything is on one page')->getContent();
        self::assertSame(1, preg_match('#href="(/p/[^"]+)"#', $done, $found));
        $this->getJson("/api$found[1]")
            ->assertOk()
            ->assertJsonCount(2, 'bookings')
            ->assertJsonPath('students', ['Efua Ferreira', 'Kwame Ferreira']);
        foreach ([$first, $second, $letter, $calendar] as $old) {
            self::assertSame(404, $this->get((string) $old)->status(), (string) $old);
        }
        self::assertSame(
            [false, '+1 902-555-0199'],
            [self::pass($found[1])->late_by_text, self::pass($found[1])->phone],
            'no number that somebody else may have typed hears anything by text message',
        );
        // Pressed twice it says the same, and another address stays what it is.
        $this->post($press)->assertOk()->assertSee($found[1]);
        $this->post($press . 'x')->assertNotFound();
        $this->travel(2)->hours();
        $this->post($press)->assertNotFound();

        $this->delivered();
        self::assertSame(
            1,
            MailroomMessage::query()
                ->where('recipient', self::AMA)
                ->where('subject', 'like', '%new private address%')
                ->count(),
        );
        self::assertSame(
            [2, 1],
            [Booking::query()->whereNotNull('hold_id')->count(), Pass::query()->whereNull('forgotten_at')->count()],
            'both stand, and the page that was left keeps nothing',
        );
    }

    public function test_what_is_booked_on_a_page_that_went_meanwhile_is_not_booked(): void
    {
        $first = $this->takes('20:15', 'Ama Otoo', 'Kwame Ferreira');
        $second = self::pass($this->takes('20:30', 'Ama Otoo', 'Efua Ferreira'));
        $this->post((string) self::pressIn($this->answered(self::pass($first))))->assertOk();
        $this->expectException(\Illuminate\Database\Eloquent\ModelNotFoundException::class);
        Pass::ofVisitor($second->id, 'Ama Otoo', self::AMA, '', new ReadsAs());
    }

    public function test_a_letter_that_waits_and_a_time_that_waits_for_its_address_go_along(): void
    {
        config(['recess.sitting_quiet' => 120]);
        $first = self::pass($this->takes('20:15', 'Ama Otoo', 'Kwame Ferreira'));
        $second = self::pass($this->takes('20:30', 'Ama Otoo', 'Efua Ferreira'));
        $this->delivered();
        MailroomMessage::query()->delete();
        $second->update(['confirmed_at' => now()]);
        $this->book(
            $this->sheet,
            $this->wish($this->sheet, '20:45', [
                'pass' => $second->token(),
                'answers' => ['student' => 'Third Ferreira'],
            ]),
        )->assertCreated();
        $this->post((string) self::pressIn($this->answered($first)))->assertOk();
        $this->travel(3)->minutes();
        $this->delivered();
        self::assertStringContainsString(
            'Third Ferreira',
            quoted_printable_decode(MailroomMessage::query()->where('recipient', self::AMA)->get()->implode('raw', '')),
        );
        self::assertSame(0, DB::table('bookings')->where('letter_waits', true)->count());
    }

    /** @return iterable<string, array{callable(Pass, Pass, self): void, string|null}> what is arranged, and what is said */
    public static function apart(): iterable
    {
        yield 'another name is somebody else' => [
            static fn(Pass $one, Pass $other) => $other->update(['name' => 'Kofi Otoo']),
            null,
        ];
        yield 'who works here' => [
            static fn(Pass $one, Pass $other, self $test) => $other->update(['staff_id' => $test->sheet->staff_id]),
            null,
        ];
        yield 'another guardian of the directory' => [
            static function (Pass $one, Pass $other, self $test): void {
                foreach ([$one, $other] as $pass) {
                    $pass->update(['guardian_id' => self::guardian($test->sheet->host->school_id)]);
                }
            },
            null,
        ];
        yield 'a place in one line on both' => [
            static function (Pass $one, Pass $other, self $test): void {
                foreach ([$one, $other] as $n => $pass) {
                    Waiting::query()->create(['sheet_id' => $test->sheet->id, 'pass_id' => $pass->id, 'wants' => []]);
                }
            },
            'Not everything could be put on one page',
        ];
        yield 'a guest of the other' => [
            static function (Pass $one, Pass $other): void {
                DB::table('guests')->insert([
                    'booking_id' => $one->bookings()->firstOrFail()->id,
                    'pass_id' => $other->id,
                ]);
            },
            'One page stays by itself.',
        ];
    }

    private static function guardian(int $school): int
    {
        return Guardian::query()->create(['school_id' => $school, 'name' => 'Ama Otoo', 'email' => self::AMA])->id;
    }

    #[DataProvider('apart')]
    public function test_what_is_somebody_elses_or_would_stand_twice_stays_on_its_page(
        callable $arrange,
        ?string $said,
    ): void {
        $first = self::pass($this->takes('20:15', 'Ama Otoo', 'Kwame Ferreira'));
        $second = self::pass($this->takes('20:30', 'Ama Otoo', 'Efua Ferreira'));
        $arrange($first, $second, $this);
        $press = self::pressIn($this->answered($first));
        self::assertSame($said === null, $press === null);
        $press === null || $this->post($press)->assertOk()->assertSee((string) $said);
        self::assertSame([1, 1], [$first->bookings()->count(), $second->bookings()->count()]);
        // Nothing was brought: both open as they did.
        $this->get("/p/{$first->token()}")->assertOk();
        $this->get("/p/{$second->refresh()->token()}")->assertOk();
    }

    public function test_whom_the_school_knows_is_known_on_the_page_that_stays(): void
    {
        $first = self::pass($this->takes('20:15', 'Ama Otoo', 'Kwame Ferreira'));
        $guardian = self::guardian($this->sheet->host->school_id);
        self::pass($this->takes('20:30', 'Ama Otoo', 'Efua Ferreira'))->update(['guardian_id' => $guardian]);
        $this->post((string) self::pressIn($this->answered($first)))->assertOk();
        self::assertSame([$guardian, 2], [$first->refresh()->guardian_id, $first->bookings()->count()]);
        self::assertSame(1, Pass::query()->where('guardian_id', $guardian)->count());
    }
}
