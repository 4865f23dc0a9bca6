<?php

declare(strict_types=1);

namespace Tests\App\Race;

use App\Live\Announce;
use App\Live\Channel;
use App\Models\Booking;
use App\Models\Pass;
use App\Models\Sheet;
use App\Models\StaffMember;
use App\School\Kiosk;
use Illuminate\Database\QueryException;
use Illuminate\Routing\Route as OneRoute;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;

/**
 * Two schools on one installation, the first and one beside it (bin/recess schools add kelp): with every key, cookie, code
 * and address of the one, on every route of the other.
 */
final class ManySchoolsTest extends RaceTestCase
{
    private const OTHER = 'kelp';

    private const HOST = 'kelp.localhost';

    /** Stands before all names of the other school. */
    private const MARK = 'Kelpish';

    /** What is written with each look, and says nothing of anybody. */
    private const OWN_PACE = [
        'cache',
        'cache_locks',
        'guards',
        'limits',
        'sessions',
        'activity_log',
        'jobs',
        'mailroom_messages',
        'tellers',
    ];

    private int $port;

    protected function setUp(): void
    {
        parent::setUp();
        $this->port = (int) parse_url($this->address, PHP_URL_PORT);
        $this->enter(self::OTHER);
        foreach (
            ['schools' => 'name', 'staff' => 'name', 'students' => 'name', 'passes' => 'name']
            as $table => $name
        ) {
            DB::statement("UPDATE `$table` SET `$name` = CONCAT(?, ' ', `$name`) WHERE `$name` NOT LIKE ?", [
                self::MARK,
                self::MARK . '%',
            ]);
        }
    }

    protected function tearDown(): void
    {
        putenv('RECESS_SCHOOL');
        parent::tearDown();
    }

    public function test_no_route_of_the_one_opens_to_anything_of_the_other(): void
    {
        $values = $this->keys();
        $cookies = $this->signedIn();
        $this->enter('');
        $before = $this->rows();
        $opened = $walked = 0;
        foreach (Route::getRoutes()->getRoutes() as $route) {
            if (str_contains($route->uri(), '{anything}') || str_contains($route->uri(), 'sign-out')) {
                continue;
            }
            foreach (array_diff($route->methods(), ['HEAD']) as $method) {
                $path = self::path($route, $values);
                $said = "$method $path";
                if ($method === 'GET') {
                    [$status, $page] = $this->asked(self::HOST, 'GET', $path, $cookies);
                    $opened += $status === 200 && str_contains($page, self::MARK) ? 1 : 0;
                }
                [$status, $page] = $this->asked('127.0.0.1', $method, $path, $cookies);
                self::assertStringNotContainsString(self::MARK, $page, $said);
                self::assertLessThan(500, $status, $said);
                $isTheirs = preg_match('#^(api/)?staff(/|$)|\{(pass|kiosk|token)\}#', $route->uri()) === 1;
                $isOpen =
                    preg_match('#staff/(sign-in|forgotten|alone|elsewhere|key|begin)|stand-in#', $route->uri()) === 1;
                if ($isTheirs && !$isOpen) {
                    self::assertContains($status, [302, 401, 403, 404, 405, 410, 419, 422, 429], $said);
                }
                $walked++;
            }
        }
        self::assertGreaterThan(40, $opened, 'Where they are of, they open.');
        self::assertGreaterThan(250, $walked);
        self::assertSame([], array_diff_assoc($this->rows(), $before), 'Nothing was written.');
    }

    public function test_a_schools_user_of_the_database_sees_that_schools_rows_alone(): void
    {
        self::assertGreaterThan(0, DB::table('staff')->count());
        foreach (['recess.staff', 'recess_registry.enrolled', 'mysql.user'] as $table) {
            try {
                DB::select("SELECT * FROM $table LIMIT 1");
                self::fail("It reads $table.");
            } catch (QueryException $refused) {
                // 1044 and 1142: access denied, to a database or to a table.
                self::assertContains($refused->errorInfo[1] ?? null, [1044, 1142], $table);
            }
        }
        $this->enter('');
        $this->expectException(QueryException::class);
        DB::select('SELECT * FROM recess_kelp.staff LIMIT 1');
    }

    /** However a host is named: what is kept for all is kept for that school, and nobody is shown another’s. */
    public function test_what_is_kept_for_all_is_kept_apart_and_an_unknown_name_is_no_school(): void
    {
        foreach ([1, 2] as $time) {
            foreach (
                [
                    [self::HOST, true],
                    ['127.0.0.1', false],
                    ['KELP.LocalHost.', true],
                    ["127.0.0.1:$this->port", false],
                    [self::HOST . ':81', true],
                ]
                as [$host, $isOther]
            ) {
                [$status, $page, $head] = $this->asked($host, 'GET', '/');
                self::assertSame(200, $status, "$host, time $time");
                self::assertSame($isOther, str_contains($page, self::MARK), "$host, time $time");
            }
        }
        // The name in the request line is the one that holds (RFC 9112, 3.2.2), for what is kept and for who answers.
        $line = fsockopen('127.0.0.1', $this->port);
        self::assertIsResource($line);
        fwrite($line, "GET http://127.0.0.1/?odd HTTP/1.1\r\nHost: " . self::HOST . "\r\nConnection: close\r\n\r\n");
        self::assertStringNotContainsString(self::MARK, (string) stream_get_contents($line));
        [, $page] = $this->asked('127.0.0.1', 'GET', '/?odd');
        self::assertStringNotContainsString(self::MARK, $page);
        foreach (['nobody.localhost', 'kelp', 'kelp.localhost.evil.example', 'kélp.localhost', '127.0.0.2'] as $host) {
            [$status, $page, $head] = $this->asked($host, 'GET', '/');
            self::assertSame(404, $status, $host);
            self::assertStringNotContainsStringIgnoringCase('Set-Cookie', $head, $host);
            self::assertStringNotContainsString(self::MARK, $page, $host);
        }
    }

    public function test_its_pages_hear_and_its_letters_go_out_with_its_own_address_in_them(): void
    {
        $channel = Channel::pass(900_000_001);
        $line = fsockopen('127.0.0.1', $this->port);
        self::assertIsResource($line);
        fwrite($line, "GET /live/$channel HTTP/1.1\r\nHost: " . self::HOST . "\r\nAccept: text/event-stream\r\n\r\n");
        usleep(300_000);
        DB::transaction(static fn() => Announce::to([$channel]));
        stream_set_timeout($line, 4);
        $heard = '';
        while (!str_contains($heard, 'data:') && ($more = fgets($line)) !== false) {
            $heard .= $more;
        }
        self::assertStringContainsString(
            'data:',
            $heard,
            'A school where little is going on is looked at every two seconds.',
        );

        [$status] = $this->asked(
            self::HOST,
            'POST',
            '/api/pass-again',
            [],
            (string) json_encode([
                'email' => (string) Pass::query()->whereNotNull('email')->inRandomOrder()->firstOrFail()->email,
            ]),
        );
        self::assertLessThan(300, $status);
        for (
            $waited = 0;
            $waited < 100 &&
            DB::table('jobs')->where('queue', 'default')->where('available_at', '<=', time())->exists();
            $waited++
        ) {
            usleep(200_000);
        }
        $letters = DB::table('mailroom_messages')->orderByDesc('id')->limit(50)->pluck('raw');
        self::assertGreaterThan(0, $letters->count());
        foreach ($letters as $letter) {
            $letter = quoted_printable_decode((string) $letter);
            self::assertStringNotContainsString("127.0.0.1:$this->port", $letter);
            self::assertMatchesRegularExpression('/^From: .*meetings@kelp\.localhost/m', $letter);
            self::assertMatchesRegularExpression('/^Message-ID: <[^@>]+@kelp\.localhost>/mi', $letter);
        }
    }

    /** This process is that school's from here on; the first one's where it has no name. */
    private function enter(string $school): void
    {
        putenv($school === '' ? 'RECESS_SCHOOL' : "RECESS_SCHOOL=$school");
        $this->refreshApplication();
        if ($school === '') {
            config(['database.connections.mariadb.database' => 'recess']);
        }
        DB::purge();
    }

    /** @return array<string, int|string> what opens something of the other school, by the parts of addresses */
    private function keys(): array
    {
        $sheet = Sheet::query()->whereNotNull('slug')->whereHas('host')->orderByDesc('id')->firstOrFail();
        $booking = Booking::query()->orderByDesc('id')->firstOrFail();
        $kiosk = Kiosk::query()->first() ?? Kiosk::query()->create(['school_id' => 1, 'name' => 'Door']);
        $number = static fn(string $table): int => (int) DB::table($table)->max('id');

        return [
            'sheet' => $sheet->id,
            'sheet:slug' => (string) $sheet->slug,
            'staff:slug' => (string) $sheet->host->slug,
            'round:slug' => (string) DB::table('rounds')->value('slug'),
            'pass' => $booking->pass->token(),
            'kiosk' => $kiosk->token(),
            'tablet' => $kiosk->id,
            'booking' => $booking->id,
            'person' => StaffMember::query()->where('office', true)->firstOrFail()->id,
            'visitor' => $booking->pass_id,
            'student' => $number('students'),
            'guardian' => $number('guardians'),
            'round' => $number('rounds'),
            'part' => $number('round_hosts'),
            'knock' => $number('knocks'),
            'place' => $number('saved_places'),
            'calendar' => $number('calendars'),
            'language' => 'it',
        ];
    }

    /** @param  array<string, int|string>  $values */
    private static function path(OneRoute $route, array $values): string
    {
        return '/' .
            preg_replace_callback(
                '/\{(\w+)(?::\w+)?\??\}/',
                static function (array $part) use ($route, $values): string {
                    $by = $route->bindingFieldFor($part[1]);

                    return (string) ($values["$part[1]:$by"] ?? ($values[$part[1]] ?? 'none'));
                },
                $route->uri(),
            );
    }

    /** @return array<string, string> the cookies of somebody of the other school's office, whom a browser is signed in as */
    private function signedIn(): array
    {
        [, , $head] = $this->asked(self::HOST, 'GET', '/staff/sign-in');
        $cookies = self::cookies($head);
        $email = StaffMember::query()->where('office', true)->whereNotNull('came_at')->firstOrFail()->email;
        [$status, $page, $head] = $this->asked(
            self::HOST,
            'POST',
            '/api/staff/session',
            $cookies,
            (string) json_encode(['email' => $email, 'password' => 'low-tide-bell']),
        );
        self::assertLessThan(300, $status, $page);
        $cookies = self::cookies($head) + $cookies;
        [$status, $page] = $this->asked(self::HOST, 'GET', '/staff/people', $cookies);
        self::assertStringContainsString(self::MARK, $page, "$status");

        return $cookies;
    }

    /** @return array<string, string> */
    private static function cookies(string $head): array
    {
        preg_match_all('/^Set-Cookie: ([^=]+)=([^;\r]*)/mi', $head, $set);

        return array_combine($set[1], $set[2]);
    }

    /**
     * @param  array<string, string>  $cookies
     * @return array{int, string, string} status, what is said, and its head
     */
    private function asked(string $host, string $method, string $path, array $cookies = [], ?string $body = null): array
    {
        $ask = curl_init("http://127.0.0.1:$this->port$path");
        $headers = ["Host: $host", 'Accept: application/json, text/html'];
        $pairs = array_map(
            static fn(string $name, string $value): string => "$name=$value",
            array_keys($cookies),
            $cookies,
        );
        $pairs === [] || ($headers[] = 'Cookie: ' . implode('; ', $pairs));
        if (isset($cookies['XSRF-TOKEN'])) {
            $headers[] = 'X-XSRF-TOKEN: ' . urldecode($cookies['XSRF-TOKEN']);
        }
        if ($method !== 'GET') {
            $headers[] = 'Content-Type: application/json';
        }
        curl_setopt_array($ask, [
            CURLOPT_CUSTOMREQUEST => $method,
            CURLOPT_POSTFIELDS => $method === 'GET' ? null : $body ?? '{}',
            CURLOPT_RETURNTRANSFER => true,
            CURLOPT_HEADER => true,
            CURLOPT_TIMEOUT => 20,
            CURLOPT_HTTPHEADER => $headers,
        ]);
        if ($method === 'GET') {
            curl_setopt($ask, CURLOPT_HTTPGET, true);
        }
        $answer = (string) curl_exec($ask);
        $head = substr($answer, 0, (int) curl_getinfo($ask, CURLINFO_HEADER_SIZE));

        return [(int) curl_getinfo($ask, CURLINFO_RESPONSE_CODE), substr($answer, strlen($head)), $head];
    }

    /** @return array<string, string> a sum of each table's rows, of the school this process is in */
    private function rows(): array
    {
        $tables = array_diff(
            array_map(
                static fn(\stdClass $row): string => (string) array_values((array) $row)[0],
                DB::select('SHOW TABLES'),
            ),
            self::OWN_PACE,
        );
        $sums = [];
        foreach (DB::select('CHECKSUM TABLE ' . implode(', ', $tables)) as $row) {
            $sums[(string) $row->Table] = (string) $row->Checksum;
        }

        return $sums;
    }
}
