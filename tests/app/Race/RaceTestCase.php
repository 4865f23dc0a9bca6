<?php

declare(strict_types=1);

namespace Tests\App\Race;

use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Symfony\Component\Process\Process;
use Tests\App\TestCase;

/** Real processes over HTTP, on the served instance with its own database. */
abstract class RaceTestCase extends TestCase
{
    protected string $address;

    protected function setUp(): void
    {
        parent::setUp();
        $this->address = (string) getenv('RECESS_SERVED');
        self::assertNotSame('', $this->address, 'bin/recess test app starts the instance that this test needs.');
        CarbonImmutable::setTestNow();
        config(['database.connections.mariadb.database' => 'recess']);
        DB::purge();
    }

    /** @return array<string, mixed> a sheet as visitors see it */
    protected function seen(string $slug): array
    {
        return (array) json_decode(
            (string) file_get_contents("$this->address/api/s/$slug"),
            true,
            flags: JSON_THROW_ON_ERROR,
        );
    }

    /**
     * @param  list<array{path: string, slot: string, place: int}>  $prizes  what they fight for
     */
    protected function contender(int $seed, int $attempts, string $domain, array $prizes): Process
    {
        $process = new Process(
            [
                PHP_BINARY,
                __DIR__ . '/contender.php',
                $this->address,
                (string) $seed,
                (string) $attempts,
                $domain,
                json_encode($prizes, JSON_THROW_ON_ERROR),
            ],
            timeout: 120,
        );
        $process->start();

        return $process;
    }

    /** @return list<array{prize: string, key: string, press: int, status: int, pass: string|null, booking: int|null}> */
    protected function told(Process $contender): array
    {
        self::assertSame(0, $contender->wait(), $contender->getErrorOutput());

        return array_values(
            array_map(
                static fn(string $line): array => json_decode($line, true, flags: JSON_THROW_ON_ERROR),
                array_filter(explode("\n", $contender->getOutput())),
            ),
        );
    }

    /** How often a staff member is held at two places at once: what the database itself forbids. */
    protected function overlaps(): int
    {
        return (int) DB::selectOne('SELECT COUNT(*) AS n FROM holds a JOIN holds b ON a.staff_id = b.staff_id AND a.id < b.id
            AND a.starts_at < b.ends_at AND b.starts_at < a.ends_at')->n;
    }
}
