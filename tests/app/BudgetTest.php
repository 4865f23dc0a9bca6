<?php

declare(strict_types=1);

namespace Tests\App;

use App\Framework\Budget;
use App\Models\Booking;
use App\Models\Secret;
use App\Models\Waiting;
use App\School\Kiosk;
use App\School\UsualQuestions;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Routing\Route as RoutingRoute;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use PHPUnit\Framework\Attributes\DataProvider;

/** What one request can use up: every route says how much it takes, and takes no longer over it than a moment. */
final class BudgetTest extends TestCase
{
    use RefreshDatabase;

    /** Seconds of processor time that the largest request of a stranger may take. */
    private const MOMENT = 0.3;

    /** @return list<RoutingRoute> those that take something in */
    private static function writing(): array
    {
        return array_values(
            array_filter(
                Route::getRoutes()->getRoutes(),
                static fn(RoutingRoute $one): bool => array_diff($one->methods(), ['GET', 'HEAD', 'OPTIONS']) !== [],
            ),
        );
    }

    public function test_every_route_that_takes_something_in_says_how_much(): void
    {
        $without = array_filter(
            self::writing(),
            static fn(RoutingRoute $one): bool => Budget::of($one) === null || Budget::of($one) > Budget::MOST,
        );
        self::assertSame([], array_values(array_map(static fn(RoutingRoute $one): string => $one->uri(), $without)));
        self::assertGreaterThan(150, count(self::writing()));
    }

    /** The names that lists have in our requests: each is filled to the brim. */
    private const LISTS = [
        'with',
        'picks',
        'windows',
        'answers',
        'choices',
        'own',
        'about',
        'who',
        'lengths',
        'place_ids',
        'questions',
        'hours',
        'classes',
    ];

    public function test_the_largest_body_of_every_public_route_takes_a_moment(): void
    {
        foreach (
            [
                'visitor-writes',
                'pass-reads',
                'reads',
                'kiosk',
                'waiting',
                'waiting-address',
                'knocks',
                'knock-address',
                'calendar-looks',
                'plans',
                'account-keys',
                'holder',
                'everything',
                'pass-again',
            ]
            as $limit
        ) {
            config(["recess.limits.$limit.most" => 100_000]);
        }
        $paths = $this->paths();
        $slow = [];
        $walked = 0;
        foreach (self::writing() as $route) {
            if (in_array('auth', $route->gatherMiddleware(), true)) {
                continue;
            }
            $path =
                '/' .
                preg_replace_callback(
                    '/\{(\w+)\}/',
                    static fn(array $name): string => $paths[$name[1]] ?? 'x',
                    $route->uri(),
                );
            $method = current(array_diff($route->methods(), ['HEAD', 'OPTIONS']));
            $budget = (int) Budget::of($route);
            foreach (self::LISTS as $field) {
                // A list of words, and one of lists of three, as large as is let in; in each a word as long as is let in.
                foreach (
                    [
                        array_map(static fn(int $n): string => "word $n", range(1, $budget - 2)),
                        array_fill(0, intdiv($budget - 2, 4), ['sheet' => 'a', 'student' => 'b', 'start' => 'c']),
                    ]
                    as $list
                ) {
                    $body = json_encode([$field => $list, 'request_key' => 'x'], JSON_THROW_ON_ERROR);
                    // Once more where it took long: what a busy machine takes longer for is not what this route asks of it.
                    for ($try = 0, $took = self::MOMENT; $try < 3 && $took >= self::MOMENT; $try++) {
                        DB::beginTransaction();
                        Auth::forgetGuards();
                        $before = self::used();
                        $answer = $this->call(
                            (string) $method,
                            $path,
                            server: ['HTTP_ACCEPT' => 'application/json', 'CONTENT_TYPE' => 'application/json'],
                            content: $body,
                        );
                        $took = self::used() - $before;
                        DB::rollBack();
                    }
                    self::assertLessThan(500, $answer->getStatusCode(), "$method $path with $field");
                    $walked++;
                    $took < self::MOMENT ||
                        ($slow[] = sprintf('%s %s with %s: %.2f s', $method, $route->uri(), $field, $took));
                }
            }
        }
        self::assertSame([], $slow);
        self::assertGreaterThan(1_000, $walked);
    }

    /** Of this process, in seconds: what else runs on the machine does not count. */
    private static function used(): float
    {
        $usage = getrusage();

        return ($usage['ru_utime.tv_sec'] ?? 0) +
            ($usage['ru_stime.tv_sec'] ?? 0) +
            (($usage['ru_utime.tv_usec'] ?? 0) + ($usage['ru_stime.tv_usec'] ?? 0)) / 1e6;
    }

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function tooMuch(): iterable
    {
        yield 'twenty thousand words' => [['with' => array_fill(0, 20_000, 'x')]];
        yield 'twenty thousand, each another' => [['picks' => array_map(strval(...), range(1, 20_000))]];
        yield 'a list of lists' => [['answers' => array_fill(0, 200, array_fill(0, 100, 'x'))]];
        yield 'deep' => [['answers' => array_reduce(range(1, 40), static fn(mixed $in): array => [$in], 'x')]];
        yield 'one long word' => [['name' => str_repeat('é', 30_000)]];
        yield 'a long name of a field' => [['answers' => [str_repeat('n', 5_000) => 'x']]];
        yield 'many fields' => [
            array_fill_keys(array_map(static fn(int $n): string => "field$n", range(1, 20_000)), 'x'),
        ];
        yield 'twenty thousand empty lists' => [['with' => array_fill(0, 20_000, [])]];
    }

    /** @param  array<string, mixed>  $body */
    #[DataProvider('tooMuch')]
    public function test_what_is_too_much_is_said_at_its_field_and_not_looked_at(array $body): void
    {
        $sheet = $this->sheet();
        $this->host();
        $this->ask('post', "/api/s/{$sheet->slug}/let-go", ['keep_key' => 'x'])->assertUnprocessable();
        foreach (
            [
                "/api/s/$sheet->slug/bookings",
                '/api/d/wren-halloran/times',
                '/api/staff/session',
                "/s/$sheet->slug/book",
                '/card',
            ]
            as $path
        ) {
            // Once more where it took long, as above.
            for ($try = 0, $took = self::MOMENT; $try < 3 && $took >= self::MOMENT; $try++) {
                $before = self::used();
                $answer = $this->postJson($path, $body)->assertUnprocessable();
                $took = self::used() - $before;
            }
            self::assertLessThan(self::MOMENT, $took, $path);
            self::assertStringContainsString(
                'more than any of our pages sends',
                (string) json_encode($answer->json('errors')),
            );
        }
        self::assertSame(0, Booking::query()->count());
    }

    public function test_a_list_of_twenty_thousand_is_looked_at_nowhere(): void
    {
        $paths = $this->paths();
        $office = tap($this->host('Olga Pike'))->update(['office' => true]);
        foreach (self::writing() as $route) {
            $path =
                '/' .
                preg_replace_callback(
                    '/\{(\w+)\}/',
                    static fn(array $name): string => $paths[$name[1]] ?? '1',
                    $route->uri(),
                );
            foreach (['rows', 'settle', 'staff'] as $field) {
                $this->actingAs($office);
                $before = self::used();
                $answer = $this->json((string) current(array_diff($route->methods(), ['HEAD', 'OPTIONS'])), $path, [
                    $field => range(1, 22_500),
                ]);
                self::assertSame(422, $answer->getStatusCode(), $path);
                self::assertLessThan(self::MOMENT, self::used() - $before, $path);
            }
        }
    }

    public function test_what_is_said_is_not_taken_from_the_address(): void
    {
        $sheet = $this->sheet();
        $wish = $this->wish($sheet);
        $this->ask(
            'post',
            "/api/s/$sheet->slug/bookings?" . http_build_query(['name' => 'From Afar', 'email' => 'afar@mail.example']),
            ['name' => null, 'email' => null] + $wish,
        )
            ->assertUnprocessable()
            ->assertJsonValidationErrors(['name', 'email']);
        $this->post(
            '/api/staff/session?' .
                http_build_query(['email' => $this->host()->email, 'password' => 'chalk-and-slate']),
            [],
            ['Accept' => 'application/json'],
        )->assertUnprocessable();
        $this->assertGuest();
    }

    /** @return array<string, string> */
    private function paths(): array
    {
        $sheet = $this->sheet(questions: UsualQuestions::all());
        $pass = substr((string) $this->book($sheet, $this->wish($sheet))->assertCreated()->json('path'), 3);
        $kiosk = Kiosk::query()->create(['school_id' => $sheet->host->school_id, 'name' => 'Main door']);
        $kiosk->update(['token_hash' => Secret::hash($kiosk->token())]);
        $booking = Booking::query()->firstOrFail();

        return [
            'sheet' => $sheet->slug,
            'staff' => (string) $sheet->host->slug,
            'pass' => $pass,
            'booking' => (string) $booking->id,
            'round' => AccessTest::round($sheet->host->school_id)->slug,
            'kiosk' => $kiosk->token(),
            'waiting' => Waiting::query()
                ->create(['sheet_id' => $sheet->id, 'pass_id' => $booking->pass_id])
                ->token(),
        ];
    }
}
