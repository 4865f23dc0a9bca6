<?php

declare(strict_types=1);

namespace Tests\App;

use App\Framework\RawMail;
use App\Models\Booking;
use App\Models\Pass;
use App\Models\Sheet;
use Carbon\CarbonImmutable;
use Demo\MailroomMessage;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Recess\Rules\Stated;

/** What a family books one after the other: one letter after two quiet minutes, true of then, with an entry each. */
final class SittingTest extends TestCase
{
    use RefreshDatabase;

    private const FAMILY = 'rua@mail.example';

    private Pass $pass;

    private CarbonImmutable $begins;

    /** Those read last, as they came. */
    private string $raw = '';

    protected function setUp(): void
    {
        parent::setUp();
        config(['recess.sitting_quiet' => 120, 'recess.answers.address' => 'answers+{key}@school.example']);
        $this->pass = Pass::query()->create([
            'name' => 'Rua Otene',
            'email' => self::FAMILY,
            'phone' => '902 555 0144',
            'confirmed_at' => CarbonImmutable::now(),
        ]);
        $this->begins = CarbonImmutable::now();
    }

    /** After so many seconds from the beginning. */
    private function at(int $seconds): void
    {
        CarbonImmutable::setTestNow($this->begins->addSeconds($seconds));
    }

    private function takes(Sheet $sheet, string $time): Booking
    {
        $this->book($sheet, $this->wish($sheet, $time, ['pass' => $this->pass->token()]))->assertCreated();

        return Booking::query()->orderByDesc('id')->firstOrFail();
    }

    /** @return list<RawMail> the letters that reached the family until now, and are read */
    private function read(): array
    {
        Artisan::call('queue:work', ['--stop-when-empty' => true, '--sleep' => 0, '--memory' => 1024]);
        self::assertSame(0, DB::table('failed_jobs')->count());
        $mine = MailroomMessage::query()->where('recipient', self::FAMILY)->orderBy('id')->get();
        $this->raw = $mine->implode('raw', '');
        MailroomMessage::query()->delete();

        return array_values($mine->map(static fn(MailroomMessage $one): RawMail => RawMail::read($one->raw))->all());
    }

    public function test_four_bookings_are_one_letter_with_an_entry_each_and_links_that_reach_no_further(): void
    {
        $sheets = [];
        foreach (['Wren Halloran', 'Tom Reef', 'Ada Skerry', 'Cy Shoal'] as $n => $host) {
            $sheets[] = $this->sheet($this->host($host));
            $this->at($n * 60);
            $this->takes($sheets[$n], ['20:00', '20:15', '20:30', '20:45'][$n]);
        }
        $this->at(3 * 60 + 119);
        self::assertSame([], $this->read(), 'it is not quiet yet');
        $this->at(3 * 60 + 121);
        [$letter] = $letters = $this->read();
        self::assertCount(1, $letters);
        $text = $letter->part('text/plain');
        self::assertStringContainsString('These 4 times are yours.', $text);
        foreach (['Wren Halloran', 'Cy Shoal'] as $host) {
            self::assertStringContainsString('Move or cancel', $text);
            self::assertStringContainsString($host, $text);
        }
        // A letter is read along, forwarded, printed: nothing in it opens all that the family has.
        self::assertStringNotContainsString($this->pass->token(), $text);
        self::assertSame(4, substr_count($this->raw, 'method=REQUEST'));
        self::assertSame(0, Booking::query()->where('letter_waits', true)->count());
        $this->at(3600);
        self::assertSame([], $this->read(), 'and no second one');
    }

    /** @return iterable<string, array{list<array{int, string}>, list<string>}> what is pressed when, and what the one letter says */
    public static function presses(): iterable
    {
        yield 'one alone is told as ever' => [[[0, 'book']], ['This time is yours.']];
        yield 'what was cancelled is not in it' => [
            [[0, 'book'], [20, 'other'], [60, 'cancel']],
            ['This time is yours.'],
        ];
        yield 'all cancelled: nothing to tell' => [[[0, 'book'], [60, 'cancel']], []];
        yield 'cancelled and taken back' => [
            [[0, 'book'], [20, 'other'], [60, 'cancel'], [70, 'undo']],
            ['These 2 times'],
        ];
        yield 'moved: where it is now' => [[[0, 'book'], [20, 'other'], [110, 'move']], ['16:30 to 16:45']];
        yield 'moved in the last second, and taken back' => [
            [[0, 'book'], [20, 'other'], [139, 'move'], [155, 'undo']],
            ['16:15 to 16:30'],
        ];
        yield 'the host cancels: that is told at once' => [
            [[0, 'book'], [20, 'other'], [60, 'host cancels']],
            ['had to cancel', 'This time is yours.'],
        ];
    }

    /**
     * @param  list<array{int, string}>  $presses
     * @param  list<string>  $says
     */
    #[DataProvider('presses')]
    public function test_the_letter_says_what_has_come_of_it(array $presses, array $says): void
    {
        [$one, $two] = [$this->sheet(), $this->sheet($this->host('Tom Reef'))];
        $booking = null;
        $letters = [];
        foreach ($presses as [$when, $what]) {
            $this->at($when);
            // The worker looks all the time.
            $letters = [...$letters, ...$this->read()];
            $path = "/api/p/{$this->pass->token()}/bookings/" . ($booking->id ?? 0);
            match ($what) {
                'book' => ($booking = $this->takes($one, '20:15')),
                'other' => $this->takes($two, '20:45'),
                'cancel' => $this->ask('post', "$path/give-back")->assertSuccessful(),
                'undo' => $this->ask('post', "$path/undo")->assertSuccessful(),
                'move' => $this->ask('post', "$path/move", [
                    'slot' => self::EVENING . 'T20:30:00Z',
                ])->assertSuccessful(),
                default => $this->actingAs($one->host)
                    ->ask('post', "/api/staff/bookings/$booking->id/cancel")
                    ->assertOk(),
            };
        }
        foreach ([60, 130, 200, 300, 400] as $more) {
            $this->at($when + $more);
            $letters = [...$letters, ...$this->read()];
        }
        $texts = array_map(static fn(RawMail $one): string => $one->part('text/plain'), $letters);
        self::assertCount(count($says), $texts, implode("\n----\n", $texts));
        foreach ($says as $n => $said) {
            self::assertStringContainsString($said, $texts[$n]);
        }
    }

    public function test_what_begins_soon_and_an_address_that_has_not_answered_hear_of_each_at_once(): void
    {
        $sheet = $this->sheet(rules: Stated::of(['lead_minutes' => 0]));
        CarbonImmutable::setTestNow(CarbonImmutable::parse(self::EVENING . 'T19:40:00Z'));
        $this->takes($sheet, '20:15');
        self::assertCount(1, $this->read());
        $this->pass->update(['confirmed_at' => null]);
        $this->at(0);
        $this->takes($this->sheet($this->host('Tom Reef')), '20:45');
        self::assertCount(1, $this->read());
    }
}
