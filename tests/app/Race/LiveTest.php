<?php

declare(strict_types=1);

namespace Tests\App\Race;

use App\Live\Announce;
use App\Live\Channel;
use App\Live\NginxStamps;
use App\Live\StampsNotSent;
use App\Live\Tellers;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;

/** What a real web server tells the pages that it holds open. The form of events is WHATWG HTML's, 9.2.5. */
final class LiveTest extends RaceTestCase
{
    /** @return iterable<string, array{list<string>}> */
    public static function ways(): iterable
    {
        yield 'server-sent events' => [['Accept: text/event-stream']];
        yield 'long polling' => [[]];
    }

    /** @param  list<string>  $headers */
    #[DataProvider('ways')]
    public function test_a_page_hears_within_a_second_and_of_its_own_channel_alone(array $headers): void
    {
        // Numbers that are nobody's.
        [$mine, $other] = [Channel::pass(900_000_001), Channel::pass(900_000_002)];
        $open = array_map(fn(string $channel): mixed => $this->opened($channel, $headers), [$mine, $other]);
        self::assertNull($this->heard($open[0], 0.3), 'Before anything changes nothing is said.');
        $pressed = microtime(true);
        DB::transaction(static fn() => Announce::to([$mine]));
        $said = $this->heard($open[0], 3.0);
        self::assertNotNull($said, 'It is told.');
        self::assertLessThan(1.0, $said['at'] - $pressed);
        self::assertMatchesRegularExpression('/[0-9a-f]{8}\s*$/', $said['text'], 'A stamp, and nothing else.');
        self::assertNull($this->heard($open[1], 0.3), 'The other hears nothing of it.');
        self::assertSame(
            0,
            DB::table('stamps')
                ->whereIn('channel', [$mine, $other])
                ->count(),
        );
    }

    /** What is kept a second for all is kept apart for both clocks, however they are asked for. */
    public function test_the_web_server_knows_on_which_clock_its_reader_reads(): void
    {
        $asks = [
            [['Accept-Language: en-GB,en;q=0.8'], 24],
            [['Accept-Language: en-US,en;q=0.8'], 12],
            [['Accept-Language: en-US', 'Cookie: recess_clock=24'], 24],
            [['Accept-Language: de', 'Cookie: recess_clock=12'], 12],
            [['Accept-Language: de', 'Cookie: recess_clock=12; recess_clock=24'], 12],
            [['Cookie: recess_clock=99'], 24],
            [[], 24],
        ];
        foreach ([...$asks, ...array_reverse($asks)] as [$headers, $clock]) {
            $page = (string) file_get_contents(
                "$this->address/",
                context: stream_context_create(['http' => ['header' => $headers]]),
            );
            self::assertStringContainsString("data-clock=\"$clock\"", $page, implode(', ', $headers));
        }
    }

    public function test_what_was_undone_is_not_told_and_a_thousand_tried_names_say_nothing(): void
    {
        $mine = Channel::desk(900_000_001);
        $open = $this->opened($mine, ['Accept: text/event-stream']);
        try {
            DB::transaction(static function () use ($mine): never {
                Announce::to([$mine]);
                throw new \DomainException();
            });
        } catch (\DomainException) {
        }
        $many = curl_multi_init();
        $tries = [];
        for ($i = 0; $i < 1000; $i++) {
            curl_multi_add_handle(
                $many,
                $tries[] = $try = curl_init(
                    "$this->address/live/" . rtrim(strtr(base64_encode(random_bytes(32)), '+/', '-_'), '='),
                ),
            );
            curl_setopt_array($try, [CURLOPT_RETURNTRANSFER => true, CURLOPT_TIMEOUT => 2]);
        }
        do {
            curl_multi_exec($many, $running);
            curl_multi_select($many, 0.2);
        } while ($running > 0);
        foreach ($tries as $try) {
            // Nothing, or that it was a lot at once.
            self::assertDoesNotMatchRegularExpression('/^[0-9a-f]{8}$/', (string) curl_multi_getcontent($try));
        }
        foreach (['x', str_repeat('x', 42), '../stamp/' . $mine, $mine . ',short'] as $odd) {
            self::assertStringContainsString(
                ' 404 ',
                (string) (get_headers("$this->address/live/" . rawurlencode($odd))[0] ?? ''),
                $odd,
            );
        }
        self::assertStringContainsString(
            ' 404 ',
            (string) (get_headers("$this->address/stamp/$mine")[0] ?? ''),
            'Nobody tells pages from outside.',
        );
        self::assertNull($this->heard($open, 0.3));
        DB::transaction(static fn() => Announce::to([$mine]));
        self::assertNotNull($this->heard($open, 3.0));
    }

    /** Each server has readers of its own: neither takes a stamp from the other, however commits come between. */
    public function test_a_stamp_stays_until_every_server_has_told_it(): void
    {
        // The one that runs here, and two more.
        $beside = [new Tellers('beside'), new Tellers('further')];
        try {
            array_map(static fn(Tellers $one) => $one->say(), $beside);
            [$early, $late] = [Channel::pass(900_000_011), Channel::pass(900_000_012)];
            $mine = $this->opened($late, ['Accept: text/event-stream']);
            // One that takes its number first, and is there last.
            config(['database.connections.slow' => config('database.connections.mariadb')]);
            DB::connection('slow')->beginTransaction();
            DB::connection('slow')
                ->table('stamps')
                ->insert(['channel' => $early]);
            DB::transaction(static fn() => Announce::to([$late]));
            self::assertNotNull($this->heard($mine, 3.0), 'The readers of this server.');
            usleep(300_000);
            foreach ($beside as $one) {
                $untold = $one->untold(2_000);
                self::assertContains($late, $untold, 'Told here, and there not yet.');
                self::assertNotContains($early, $untold);
                $one->told(array_keys($untold));
                self::assertNotContains($late, $one->untold(2_000), 'Once.');
            }
            self::assertFalse(DB::table('stamps')->where('channel', $late)->exists(), 'All have told it.');
            DB::connection('slow')->commit();
            $number = (int) DB::table('stamps')->where('channel', $early)->value('id');
            self::assertContains($early, $beside[0]->untold(2_000), 'It has the lower number, and is not passed over.');
            $beside[0]->told([$number]);
            usleep(300_000);
            self::assertTrue(DB::table('stamps')->where('id', $number)->exists());
            // The third is heard of no more: nobody waits for it.
            DB::table('tellers')
                ->where('name', 'further')
                ->update(['heard_at' => '2026-01-01 00:00:00']);
            $beside[0]->say();
            self::assertFalse(DB::table('stamps')->where('id', $number)->exists());
            self::assertFalse(DB::table('stamps_told')->where('stamp_id', $number)->exists());
        } finally {
            DB::table('tellers')
                ->whereIn('name', ['beside', 'further'])
                ->delete();
        }
    }

    public function test_a_web_server_that_is_away_is_said_and_nothing_is_lost(): void
    {
        $this->expectException(StampsNotSent::class);
        (new NginxStamps('/nowhere/stamps.sock'))->publish([Channel::pass(1)]);
    }

    /**
     * @param  list<string>  $headers
     * @return resource
     */
    private function opened(string $channel, array $headers): mixed
    {
        [$host, $port] = [
            (string) parse_url($this->address, PHP_URL_HOST),
            (int) parse_url($this->address, PHP_URL_PORT),
        ];
        $stream = fsockopen($host, $port);
        self::assertIsResource($stream);
        fwrite(
            $stream,
            "GET /live/$channel HTTP/1.1\r\nHost: $host\r\n" .
                implode('', array_map(static fn(string $line): string => "$line\r\n", $headers)) .
                "\r\n",
        );
        stream_set_blocking($stream, false);
        // What stands at the beginning of a stream that is held: its head, and a comment.
        usleep(300_000);
        fread($stream, 65_536);

        return $stream;
    }

    /**
     * @param  resource  $stream
     * @return array{at: float, text: string}|null what came within so many seconds
     */
    private function heard(mixed $stream, float $seconds): ?array
    {
        $until = microtime(true) + $seconds;
        $text = '';
        while (microtime(true) < $until) {
            $text .= (string) fread($stream, 65_536);
            if (preg_match('/[0-9a-f]{8}\s*$/', $text) === 1) {
                return ['at' => microtime(true), 'text' => $text];
            }
            usleep(10_000);
        }

        return $text === '' ? null : self::fail("Something else came: $text");
    }

    public function test_a_page_elsewhere_is_refused_and_nothing_of_where_it_is_comes_back(): void
    {
        $channel = Channel::desk(900_000_003);
        foreach (['https://elsewhere.example' => 403, $this->address => 0, '' => 0] as $origin => $status) {
            $ask = curl_init("$this->address/live/$channel");
            curl_setopt_array($ask, [
                CURLOPT_RETURNTRANSFER => true,
                CURLOPT_HEADER => true,
                CURLOPT_TIMEOUT_MS => 400,
                CURLOPT_HTTPHEADER => ['Accept: text/event-stream', ...$origin === '' ? [] : ["Origin: $origin"]],
            ]);
            $said = (string) curl_exec($ask);
            // One that is let in is still open when the time is over.
            self::assertSame($status === 0 ? 200 : $status, curl_getinfo($ask, CURLINFO_RESPONSE_CODE), $origin);
            self::assertStringNotContainsString('elsewhere.example', $said);
            self::assertStringNotContainsString('Allow-Credentials', $said);
        }
        // So many at once from one network, and of all; elsewhere than here it is less than here.
        $nginx = (string) file_get_contents(base_path('ops/templates/nginx.conf'));
        foreach (
            [
                'limit_conn live_from @LIVE@;',
                'limit_conn live_all 3000;',
                'nchan_subscriber_timeout',
                'client_header_timeout',
                'client_body_timeout',
                'send_timeout',
            ]
            as $bound
        ) {
            self::assertStringContainsString($bound, $nginx);
        }
    }
}
