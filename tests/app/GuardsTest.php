<?php

declare(strict_types=1);

namespace Tests\App;

use App\Booking\BookingNews;
use App\Booking\CancelBooking;
use App\Booking\Ending;
use App\Booking\Presser;
use App\Framework\Clock;
use App\Framework\Contended;
use App\Framework\Limits;
use App\Framework\Words;
use App\Models\Booking;
use App\Models\Party;
use App\Timetables\Guards;
use Carbon\CarbonImmutable;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Event;
use PHPUnit\Framework\Attributes\DataProvider;
use Recess\Rules\Because;
use Recess\Rules\Rulebook;
use Recess\Rules\Stated;

/** Locks that are rows, transactions that are tried again, and limits that all servers share. */
final class GuardsTest extends TestCase
{
    use RefreshDatabase;

    private static function failure(int $number): \PDOException
    {
        $failure = new \PDOException("SQLSTATE[40001]: $number");
        $failure->errorInfo = ['40001', $number, ''];

        return $failure;
    }

    /** @return iterable<string, array{int, int, bool}> MariaDB's error, how often it comes, and whether it ends well */
    public static function failures(): iterable
    {
        yield 'a deadlock' => [1213, 1, true];
        yield 'a lock that was waited for too long' => [1205, 7, true];
        yield 'one deadlock after the other' => [1213, 8, false];
        yield 'something else' => [1062, 1, false];
    }

    #[DataProvider('failures')]
    public function test_a_transaction_is_tried_again_where_that_helps_also_when_it_is_the_commit_that_fails(
        int $number,
        int $times,
        bool $well,
    ): void {
        $runs = 0;
        // A bare PDOException is what a failed commit comes as, which no statement of the work has raised.
        $work = static function () use ($number, $times, &$runs): string {
            return ++$runs <= $times ? throw self::failure($number) : 'done';
        };
        try {
            self::assertSame(['done', true], [Contended::transaction($work), $well]);
        } catch (\PDOException $failure) {
            self::assertSame([false, $number], [$well, $failure->errorInfo[1] ?? 0]);
        }
        self::assertSame($well ? $times + 1 : ($number === 1062 ? 1 : 8), $runs);
    }

    public function test_inside_another_one_only_the_whole_is_tried_again(): void
    {
        $sheet = $this->sheet();
        $outer = $inner = 0;
        Contended::transaction(static function () use ($sheet, &$outer, &$inner): void {
            $outer++;
            DB::table('sheets')->where('id', $sheet->id)->increment('version');
            Contended::transaction(static function () use (&$inner): void {
                if (++$inner === 1) {
                    throw self::failure(1213);
                }
            });
        });
        self::assertSame([2, 2, $sheet->version + 1], [$outer, $inner, $sheet->refresh()->version]);
    }

    public function test_whoever_decides_raises_those_it_decides_for_and_nobody_else(): void
    {
        $sheet = $this->sheet();
        $raised = static fn(string $name): int => (int) DB::table('guards')
            ->where('digest', hash('sha256', $name))
            ->value('raised');
        $all = ["sheet|$sheet->id", 'visitor|ama@mail.example', 'student|kwame ferreira', "host|$sheet->staff_id"];
        $before = array_map($raised, $all);
        $this->book($sheet, $this->wish($sheet))->assertCreated();
        self::assertSame(
            [1, 1, 1, 1],
            array_map(static fn(int $now, int $then): int => $now - $then, array_map($raised, $all), $before),
        );
        $booking = Booking::query()->firstOrFail();
        app(CancelBooking::class)($booking, Ending::by(Presser::side(Party::Host), ''));
        self::assertSame(
            [2, 2, 2, 2],
            array_map(static fn(int $now, int $then): int => $now - $then, array_map($raised, $all), $before),
        );
        // An edit: the sheet first, and then everybody who has booked, in order; here nobody has any more.
        Contended::transaction(static fn() => Guards::edit($sheet));
        self::assertSame(
            [3, 2, 2, 3],
            array_map(static fn(int $now, int $then): int => $now - $then, array_map($raised, $all), $before),
        );
        $this->book($sheet, $this->otherWish($sheet, '20:30', 'Bao'))->assertCreated();
        DB::flushQueryLog();
        DB::enableQueryLog();
        Contended::transaction(static fn() => Guards::edit($sheet));
        $asked = array_values(
            array_filter(DB::getQueryLog(), static fn(array $one): bool => str_contains($one['query'], 'guards')),
        );
        self::assertSame(
            [
                [hash('sha256', "sheet|$sheet->id")],
                array_map(static fn(string $name): string => hash('sha256', $name), [
                    'student|child of bao',
                    'visitor|bao@mail.example',
                    "host|$sheet->staff_id",
                ]),
            ],
            array_column($asked, 'bindings'),
        );
    }

    public function test_nothing_is_told_of_what_was_undone(): void
    {
        $sheet = $this->sheet();
        $this->book($sheet, $this->wish($sheet))->assertCreated();
        $jobs = DB::table('jobs')->count();
        Event::listen(
            BookingNews::class,
            static fn() => throw new \RuntimeException('Something went wrong on the way out.'),
        );
        try {
            app(CancelBooking::class)(Booking::query()->firstOrFail(), Ending::by(Presser::side(Party::Host), ''));
            self::fail('It went through.');
        } catch (\RuntimeException) {
        }
        self::assertSame([true, $jobs], [Booking::query()->firstOrFail()->stands(), DB::table('jobs')->count()]);
    }

    public function test_a_limit_is_counted_in_the_database_and_holds_on_all_servers(): void
    {
        $now = Clock::now();
        $hit = static fn(int $later = 0): ?int => Limits::hit('presses|203.0.113.9', 5, 60, $now + $later);
        $now -= $now % 60;
        // Two web servers: what one of them shares between its processes the other does not know.
        self::assertSame([null, null], [$hit(), $hit(1)]);
        apcu_clear_cache();
        self::assertSame([null, null], [$hit(1), $hit(2)]);
        apcu_clear_cache();
        self::assertNull($hit(3));
        self::assertSame(57, $hit(3), 'The sixth is one too many, and is told how long to wait.');
        self::assertNull(Limits::hit('presses|203.0.113.10', 5, 60, $now + 3), 'Somebody else is somebody else.');
        self::assertNull($hit(60), 'A minute later it begins anew.');
        CarbonImmutable::setTestNow(CarbonImmutable::createFromTimestamp($now + 60));
        Artisan::call('recess:tidy');
        self::assertSame(1, DB::table('limits')->count());
        // Many at once cost few statements.
        DB::flushQueryLog();
        DB::enableQueryLog();
        $told = array_map(static fn(): ?int => Limits::hit('flood', 30, 60, $now), range(1, 60));
        self::assertSame(30, count(array_filter($told, is_int(...))));
        self::assertLessThan(8, count(DB::getQueryLog()));
    }

    public function test_nobody_is_flooded_with_their_own_passes_whoever_asks(): void
    {
        $sheet = $this->sheet();
        $this->book($sheet, $this->wish($sheet))->assertCreated();
        foreach (range(1, 5) as $time) {
            $this->ask('post', '/api/pass-again', [
                'email' => $time === 3 ? 'ama@MAIL.example' : 'ama@mail.example',
            ])->assertOk();
        }
        $this->ask('post', '/api/pass-again', ['email' => 'ama@mail.example'])
            ->assertTooManyRequests()
            ->assertHeader('Retry-After')
            ->assertJsonPath('message', 'That was a lot at once. Wait a minute and press again; nothing is lost.');
        $this->ask('post', '/api/pass-again', ['email' => 'bao@mail.example'])->assertOk();
    }

    public function test_the_catalogue_has_words_for_every_rule_and_reason_and_all_of_them_can_be_said(): void
    {
        foreach (Because::cases() as $because) {
            self::assertStringNotContainsString(
                '{',
                Words::say("rules.why.$because->name", ['time' => '16:15', 'until' => 'Monday 30 November, 18:00']),
            );
        }
        foreach (Rulebook::terms() as $term) {
            self::assertNotSame('', Words::say("rules.asks.$term->name"), 'The form asks for it.');
        }
        $sheet = $this->sheet();
        $said = [];
        foreach (
            [
                ['lead_minutes' => 0],
                ['lead_minutes' => 90],
                ['lead_days' => 0],
                ['lead_days' => 1, 'lead_working' => true],
                ['lead_days' => 3, 'lead_by' => '12:00'],
                ['opens_at' => '2026-11-30T18:00', 'closes_at' => '2026-12-02T12:00'],
                ['per_student' => 1, 'per_visitor' => 3],
                ['approve' => true, 'asked_hours' => 48],
                ['seats' => 4, 'show_who' => true],
                ['show_who' => true],
            ]
            as $rules
        ) {
            $sheet->update(['rules' => Stated::of($rules)]);
            $said[] = implode(' ', (array) $this->ask('get', "/api/s/$sheet->slug")->json('rules'));
        }
        self::assertSame(
            [
                'Can be booked until the meeting begins.',
                'Can be booked until 90 minutes before the meeting.',
                'Can be booked until 08:00 on the day.',
                'Can be booked until 08:00 on the working day before.',
                'Can be booked until 12:00, 3 days before.',
                'Can be booked until 24 hours before the meeting. Booking opens Monday 30 November, 18:00. Booking closes Wednesday 2 December, 12:00.',
                'Can be booked until 24 hours before the meeting. One time for each student. At most 3 times for each visitor.',
                'Can be booked until 24 hours before the meeting. You ask for a time; it is yours when the answer comes, within 2 days.',
                'Can be booked until 24 hours before the meeting. Whoever comes to the same time sees your name.',
                'Can be booked until 24 hours before the meeting.',
            ],
            $said,
        );
    }
}
