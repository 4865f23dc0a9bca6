<?php

declare(strict_types=1);

namespace Tests\App;

use App\Framework\DatabaseAway;
use App\Models\Booking;
use App\Models\Sheet;
use Illuminate\Database\QueryException;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;

/** The database is away for a moment: whoever asks is asked to come again, and never told that something is broken. */
final class AwayTest extends TestCase
{
    use RefreshDatabase;

    /** @return iterable<string, array{array{string, int, string}, bool}>  numbers and texts as MariaDB's manual lists them */
    public static function failures(): iterable
    {
        yield 'not to be reached' => [['HY000', 2002, 'Connection refused'], true];
        yield 'gone away' => [['HY000', 2006, 'MySQL server has gone away'], true];
        yield 'lost during a query' => [['HY000', 2013, 'Lost connection to server during query'], true];
        yield 'shutting down' => [['08S01', 1053, 'Server shutdown in progress'], true];
        yield 'too many at once' => [['08004', 1040, 'Too many connections'], true];
        yield 'a node that is not ready' => [['08S01', 1047, 'WSREP has not yet prepared node for use'], true];
        yield 'deadlock' => [['40001', 1213, 'Deadlock found when trying to get lock'], false];
        yield 'written twice' => [['23000', 1062, "Duplicate entry '1' for key 'PRIMARY'"], false];
        yield 'no such column' => [['42S22', 1054, "Unknown column 'x' in 'field list'"], false];
    }

    /** @param  array{string, int, string}  $info */
    #[DataProvider('failures')]
    public function test_it_is_told_from_faults_of_ours(array $info, bool $away): void
    {
        $failure = new \PDOException("SQLSTATE[$info[0]]: $info[2]");
        $failure->errorInfo = $info;

        self::assertSame($away, DatabaseAway::is($failure));
        self::assertSame($away, DatabaseAway::is(new QueryException('mariadb', 'select 1', [], $failure)));
        self::assertSame($away, DatabaseAway::is(new \RuntimeException('Outer', previous: $failure)));
    }

    public function test_every_kind_of_reader_is_asked_to_come_again(): void
    {
        $sheet = $this->sheet();
        $wish = $this->wish($sheet);
        $this->goAway();

        $this->ask('post', "/api/s/$sheet->slug/bookings", $wish)
            ->assertStatus(503)
            ->assertHeader('Retry-After', '2')
            ->assertHeader('X-Accel-Redirect', '@away')
            ->assertJsonPath(
                'message',
                'A moment, this goes on by itself. Nothing is lost, and nothing happens twice.',
            );
        foreach (['/', "/s/$sheet->slug", '/staff/sign-in', '/p/nobody'] as $page) {
            $this->get($page)->assertStatus(503)->assertHeader('Retry-After', '2')->assertSee('this goes on by itself');
        }
        $this->post("/s/$sheet->slug/book", $wish)
            ->assertStatus(503)
            ->assertHeader('X-Accel-Redirect', '@away');
    }

    /** On to a port where nobody listens, as while it starts again; until the test is over. */
    private function goAway(): void
    {
        $port = config('database.connections.mariadb.port');
        config(['database.connections.mariadb.port' => 1]);
        DB::purge('mariadb');
        apcu_enabled() && apcu_clear_cache();
        array_unshift($this->beforeApplicationDestroyedCallbacks, static function () use ($port): void {
            config(['database.connections.mariadb.port' => $port]);
            DB::purge('mariadb');
        });
    }

    public function test_a_sheet_reads_and_books_from_its_document_alone(): void
    {
        $sheet = $this->sheet();
        $page = $this->get("/s/$sheet->slug")
            ->assertOk()
            ->getContent();
        self::assertIsString($page);
        $document = new \DOMDocument();
        @$document->loadHTML('<?xml encoding="utf-8">' . $page);
        $look = new \DOMXPath($document);
        $links = iterator_to_array($look->query('//div[@id="page"]//a[@data-key]') ?: []);
        $free = $this->ask('get', "/api/s/$sheet->slug")->json('days.*.stretches.*.slots.*');
        self::assertSame(
            array_column(array_filter($free, static fn(array $slot): bool => $slot['state'] === 'free'), 'key'),
            array_map(static fn(\DOMNode $one): string => $one->attributes['data-key']->value, $links),
        );
        self::assertNotSame([], $links);
        foreach ($links as $link) {
            $this->get($link->attributes['href']->value)->assertOk()->assertSee('Your name');
        }

        // A part of the day that has times, one that has none, one that there is not.
        self::assertSame(0, substr_count($this->at($sheet, 'morning'), 'data-key'));
        self::assertSame(count($links), substr_count($this->at($sheet, 'late'), 'data-key'));
        self::assertSame(count($links), substr_count($this->at($sheet, 'teatime'), 'data-key'));
    }

    private function at(Sheet $sheet, string $part): string
    {
        return (string) $this->get("/s/$sheet->slug?part=$part")
            ->assertOk()
            ->getContent();
    }

    public function test_a_connection_is_strict_in_utc_and_takes_one_statement_at_a_time(): void
    {
        $said = DB::selectOne(
            'SELECT @@time_zone AS zone, @@tx_isolation AS isolation, @@collation_connection AS letters,' .
                ' @@sql_mode AS modes, 7 AS whole, ? AS bound',
            ["O'Sullivan\\' OR 1=1; -- \u{1F30A}"],
        );
        self::assertSame(
            ['+00:00', 'READ-COMMITTED', 'utf8mb4_unicode_ci', 7, "O'Sullivan\\' OR 1=1; -- \u{1F30A}"],
            [$said->zone, $said->isolation, $said->letters, $said->whole, $said->bound],
        );
        self::assertStringContainsString('STRICT_TRANS_TABLES', $said->modes);
        $this->expectException(QueryException::class);
        DB::select('SELECT 1; SELECT 2');
    }

    public function test_a_press_leaves_one_small_job_and_its_letters_are_of_that_moment(): void
    {
        $sheet = $this->sheet();
        $path = '/api' . $this->book($sheet, $this->wish($sheet, '20:15'))->json('path');
        self::assertSame(1, DB::table('jobs')->count());
        self::assertLessThan(3000, strlen((string) DB::table('jobs')->value('payload')));
        $id = Booking::query()->value('id');
        $this->ask('post', "$path/bookings/$id/move", ['slot' => self::EVENING . 'T20:45:00Z'])->assertOk();
        $this->delivered();
        self::assertSame(
            ['Booked: Thu 3 Dec 16:15 with Wren Halloran', 'Moved: Thu 3 Dec 16:45 with Wren Halloran'],
            DB::table('mailroom_messages')
                ->where('recipient', 'ama@mail.example')
                ->orderBy('id')
                ->pluck('subject')
                ->map(static fn(string $subject): string => explode(' – ', $subject)[0])
                ->all(),
        );
    }
}
