<?php

declare(strict_types=1);

namespace App\Registry;

use App\Framework\AtHand;
use Illuminate\Contracts\Config\Repository;
use PDO;

/**
 * The schools of an installation beside that of its own settings: by which names each is asked for, and what opens it.
 *
 * It is a database of its own, read by a user who may read it and nothing else. What the web server's processes share of it
 * is a second old; where it is away, what was known last holds.
 */
final readonly class Registry
{
    /** Seconds for which nobody asks again. */
    private const LASTS = 1;

    private const SHARED = 'registry';

    private const LAST = 'registry as known last';

    private function __construct(private Repository $config) {}

    /** @return self|null null where there is none: an installation of one school, as the tests are */
    public static function of(Repository $config): ?self
    {
        return (string) $config->get('recess.registry.password') === '' ? null : new self($config);
    }

    /** @return array<string, Enrolled> by name */
    public function all(): array
    {
        $shared = AtHand::get(self::SHARED);
        if (is_array($shared)) {
            return $shared;
        }
        try {
            $all = $this->read();
        } catch (\PDOException $away) {
            $last = AtHand::get(self::LAST);

            return is_array($last) ? $last : throw $away;
        }
        AtHand::put(self::SHARED, $all, self::LASTS);
        AtHand::put(self::LAST, $all);

        return $all;
    }

    public function named(string $name): ?Enrolled
    {
        return $this->all()[$name] ?? null;
    }

    /** @param  string  $host  as HostName gives it */
    public function at(string $host): ?Enrolled
    {
        foreach ($this->all() as $school) {
            if (in_array($host, $school->hosts, true)) {
                return $school;
            }
        }

        return null;
    }

    public function seal(): Seal
    {
        return new Seal((string) $this->config->get('recess.registry.key'));
    }

    /**
     * A connection to it, or to the database's server without any, by the user of the program's settings: who may change
     * the registry is who may change tables (ops/instance.sh).
     */
    public function connection(?string $database = 'recess_registry', bool $readsAlone = true): PDO
    {
        $is = $this->config->get('database.connections.mariadb');
        assert(is_array($is));
        $server = "mysql:host={$is['host']};port={$is['port']};charset=utf8mb4";

        return new PDO(
            $database === null ? $server : "$server;dbname=$database",
            $readsAlone ? 'recess_registry' : (string) $is['username'],
            $readsAlone ? (string) $this->config->get('recess.registry.password') : (string) $is['password'],
            [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION, PDO::ATTR_TIMEOUT => 5],
        );
    }

    /** @return array<string, Enrolled> */
    private function read(): array
    {
        $asked = $this->connection()->prepare(
            'SELECT name, standing, sealed, GROUP_CONCAT(host ORDER BY place SEPARATOR " ") AS hosts FROM enrolled' .
                ' JOIN host_names ON host_names.school = enrolled.name GROUP BY enrolled.name ORDER BY enrolled.name',
        );
        $asked->execute();
        $all = [];
        foreach ($asked->fetchAll(PDO::FETCH_ASSOC) as $row) {
            $all[(string) $row['name']] = new Enrolled(
                (string) $row['name'],
                explode(' ', (string) $row['hosts']),
                Standing::from((string) $row['standing']),
                (string) $row['sealed'],
            );
        }

        return $all;
    }
}
