<?php

declare(strict_types=1);

namespace Tests\App;

use App\Allotting\Allotment;
use App\Directory\Guardian;
use App\Directory\Student;
use App\Keeping\SamePerson;
use App\Knocks\Knock;
use App\Models\Booking;
use App\Models\Calendar;
use App\Models\Notice;
use App\Models\Secret;
use App\Models\Waiting;
use App\Passkeys\Passkey;
use App\Rounds\RoundHost;
use App\School\Kiosk;
use App\School\SavedPlace;
use Demo\MailroomMessage;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Routing\Route as RoutingRoute;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use PHPUnit\Framework\Attributes\DataProvider;

/**
 * Throws wrong types at every field that the application reads, on every route there is, as nobody and as the office.
 * Routes and fields are found, not listed: one that is added later is thrown at too.
 */
final class WrongTypesTest extends TestCase
{
    use RefreshDatabase;

    /** @return iterable<string, array{mixed}> */
    public static function odd(): iterable
    {
        yield 'a list' => [['x', ['y']]];
        yield 'an object' => [['a' => ['b' => 'c']]];
        yield 'nothing in a list' => [[null]];
        yield 'a NUL' => ["a\0b"];
        yield 'direction marks' => ["\u{202E}\u{200F}"];
        yield 'not a number' => [-1];
        yield 'more than a number can be' => ['99999999999999999999999'];
        yield 'a fraction' => [1.5];
        yield 'yes' => [true];
        // More than any field takes; all of them together are about what a web server takes.
        yield 'much' => [str_repeat('é', 2_100)];
        yield 'no date' => ['2026-99-99T99:99:99Z'];
        yield 'a date far away' => ['9999-12-31'];
        yield 'half a letter' => ["\xc3"];
    }

    #[DataProvider('odd')]
    public function test_every_route_answers_kindly(mixed $odd): void
    {
        config([
            'recess.demo' => true,
            'mail.default' => 'mailroom',
            'recess.limits.visitor-writes.most' => 100_000,
            'recess.limits.pass-reads.most' => 100_000,
        ]);
        $paths = $this->paths();
        $fields = array_fill_keys(self::fields(), $odd);
        // No address is longer than a web server takes; and what a failure was called with is not kept with it.
        $short = is_string($odd) ? array_fill_keys(array_keys($fields), substr($odd, 0, 300)) : $fields;
        ini_set('zend.exception_ignore_args', '1');
        $office = $this->host('Office Lead');
        $office->update(['office' => true]);
        $thrown = 0;
        $kind = array_search([$odd], array_values(iterator_to_array(self::odd())), true);
        [$office, $teacher] = [$office->refresh(), $this->host()];
        foreach ([null, $office, $teacher] as $reader) {
            foreach (Route::getRoutes()->getRoutes() as $number => $route) {
                // A teacher may do less of what the office may, and nobody nothing of what staff may: of each kind a third
                // of the routes, of each route a third of the kinds.
                $less = $reader === $teacher || ($reader === null && str_contains($route->uri(), 'staff/'));
                if ($less && ($kind + $number) % 3 !== 0) {
                    continue;
                }
                $path = $this->filled($route, $paths);
                foreach (array_diff($route->methods(), ['HEAD', 'OPTIONS']) as $method) {
                    $reader === null ? Auth::forgetGuards() : $this->actingAs($reader);
                    DB::beginTransaction();
                    try {
                        // In the address where one only looks; as JSON where something is said, as pages do; as a form
                        // where no script is needed, which is so for visitors alone.
                        $status = $troubles = [];
                        $ways = $reader === null ? ['form', 'json'] : ['json'];
                        foreach ($method === 'GET' ? ['address'] : $ways as $way) {
                            $said = match ($way) {
                                'address' => $this->call($method, $path . '?' . http_build_query($short)),
                                'form' => $this->call($method, $path, $fields),
                                'json' => $this->call(
                                    $method,
                                    $path,
                                    server: ['HTTP_ACCEPT' => 'application/json', 'CONTENT_TYPE' => 'application/json'],
                                    content: json_encode(
                                        $fields,
                                        JSON_INVALID_UTF8_SUBSTITUTE | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR,
                                    ),
                                ),
                            };
                            $status[] = $said->getStatusCode();
                            $troubles[] = self::trouble($said->exception);
                            // What is said at a field is ours, and not the framework's, which names columns and formats.
                            self::assertDoesNotMatchRegularExpression(
                                '/"The [\w. ]+ (?:field|must)\b|\bmust (?:be|match|have)\b|selected [\w. ]+ is invalid|validation\./',
                                $said->getStatusCode() === 422 ? (string) $said->getContent() : '',
                                "$method {$route->uri()}",
                            );
                        }
                    } finally {
                        DB::rollBack();
                        apcu_clear_cache();
                    }
                    self::assertLessThan(
                        500,
                        max($status),
                        sprintf(
                            '%s %s, as %s: %s',
                            $method,
                            $route->uri(),
                            $reader->name ?? 'nobody',
                            implode('; ', $troubles),
                        ),
                    );
                    $thrown++;
                }
            }
        }
        self::assertGreaterThan(150, $thrown);
    }

    /** What went wrong, and where, for whoever has to find it. */
    private static function trouble(?\Throwable $failure): string
    {
        $trace = array_map(
            static fn(array $one): string => basename($one['file'] ?? '') . ':' . ($one['line'] ?? 0),
            array_slice($failure?->getTrace() ?? [], 0, 6),
        );

        return $failure === null
            ? ''
            : $failure->getMessage() .
                    ' at ' .
                    basename($failure->getFile()) .
                    ':' .
                    $failure->getLine() .
                    ' ' .
                    implode(' < ', $trace);
    }

    /** @return array<string, string> what stands for each parameter of a path */
    private function paths(): array
    {
        $sheet = $this->sheet();
        $pass = substr((string) $this->book($sheet, $this->wish($sheet))->assertCreated()->json('path'), 3);
        $host = $this->host();

        return [
            'sheet:slug' => $sheet->slug,
            'sheet' => (string) $sheet->id,
            'staff:slug' => (string) $host->slug,
            'pass' => $pass,
            'booking' => (string) Booking::query()->max('id'),
            'what' => 'bookings.csv',
            'language' => 'it',
            'list' => 'run-sheet.csv',
            'token' => $host->feedToken(),
            'key' => 'x',
            'file' => 'x',
            'message' => (string) MailroomMessage::query()->create([
                'recipient' => 'a@b.example',
                'subject' => 'x',
                'raw' => "Subject: x\r\n\r\nx",
                'sent_at' => self::NOW,
            ])->id,
            'knock' => (string) Knock::query()->create(AccessTest::knock($host->id))->id,
            'answer' => 'x',
            'waiting' => Waiting::query()
                ->create(['sheet_id' => $sheet->id, 'pass_id' => Booking::query()->firstOrFail()->pass_id])
                ->token(),
            'mailbox' => SamePerson::key(Booking::query()->firstOrFail()->pass),
            'notice' => (string) Notice::query()->create(['staff_id' => $host->id, 'key' => 'x', 'message' => 'x'])->id,
            'person' => (string) $this->host('Lark Osei')->id,
            'kiosk' => tap(
                Kiosk::query()->create(['school_id' => $host->school_id, 'name' => 'Main door']),
                static fn(Kiosk $one) => $one->update(['token_hash' => Secret::hash($one->token())]),
            )->token(),
            'tablet' => (string) Kiosk::query()->max('id'),
            'calendar' => (string) Calendar::query()->create(['staff_id' => $host->id, 'name' => 'Mine'])->id,
            'passkey' => (string) Passkey::query()->create([
                'staff_id' => $host->id,
                'credential' => 'a',
                'credential_hash' => Passkey::hash('a'),
                'public_key' => '{}',
                'name' => 'Mine',
            ])->id,
            'visitor' => (string) Booking::query()->firstOrFail()->pass_id,
            'student' => (string) Student::query()->create(['school_id' => $host->school_id, 'name' => 'Ada Fay'])->id,
            'guardian' => (string) Guardian::query()->create(['school_id' => $host->school_id, 'name' => 'Uma Fay'])
                ->id,
            'round:slug' => ($round = AccessTest::round($host->school_id))->slug,
            'round' => (string) $round->id,
            'allotment' => (string) Allotment::query()->create(['round_id' => $round->id, 'state' => 'found'])->id,
            'paper' => 'entrance.pdf',
            'part' => (string) RoundHost::query()->create(['round_id' => $round->id, 'staff_id' => $host->id])->id,
            'place' => (string) SavedPlace::query()->create([
                'school_id' => $host->school_id,
                'staff_id' => $host->id,
                'kind' => 'room',
                'label' => 'Room 12',
            ])->id,
        ];
    }

    /** @param  array<string, string>  $paths */
    private function filled(RoutingRoute $route, array $paths): string
    {
        return '/' .
            preg_replace_callback(
                '/\{(\w+)\??\}/',
                static function (array $name) use ($route, $paths): string {
                    $field = $route->bindingFieldFor($name[1]);

                    return $paths[$field === null ? $name[1] : "$name[1]:$field"] ??
                        ($paths[$name[1]] ??
                            self::fail("Nothing stands for {{$name[1]}} in {$route->uri()}: say what in paths()."));
                },
                $route->uri(),
            );
    }

    /** @return list<string> every field that any request reads by its name */
    private static function fields(): array
    {
        $code = implode(
            "\n",
            array_map(
                static fn(string $file): string => (string) file_get_contents($file),
                glob(base_path('app/*/*.php')) ?: [],
            ),
        );
        preg_match_all(
            '/(?:request|this)->(?:input|string|filled|integer|boolean|file|array|date)\(\'(\w+)/',
            $code,
            $read,
        );
        preg_match_all('/^\s*(?:\'|return \[\')(\w+)(?:\.[\w.*]+)?\' => \[(?:\'|Rule::|\$)/m', $code, $ruled);
        $fields = array_values(array_unique([...$read[1], ...$ruled[1]]));
        self::assertGreaterThan(40, count($fields));

        return $fields;
    }
}
