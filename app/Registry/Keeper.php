<?php

declare(strict_types=1);

namespace App\Registry;

use PDO;

/** Writes the registry: for whoever runs the installation, as the user who may change tables. */
final class Keeper
{
    /** What databases and users of the installation itself are called, after "recess_". */
    private const OURS = ['registry', 'owner', 'check'];

    private ?PDO $pdo = null;

    /** @param  string|null  $home  the host of the installation's own school */
    public function __construct(private readonly Registry $registry, private readonly ?string $home) {}

    /**
     * Makes room for a school: its row, its database and that one's user. Cut short, it is done again from where it was.
     * Its tables are made afterwards, and then it is opened.
     *
     * @throws NotChanged
     */
    public function add(string $name, string $host): void
    {
        $host = HostName::of($host) ?? throw new NotChanged(Why::NotAHost);
        (preg_match('/^[a-z](?:-?[a-z0-9]){1,30}$/D', $name) === 1 && !in_array($name, self::OURS, true)) ||
            throw new NotChanged(Why::NotAName);
        $there = $this->registry->all()[$name] ?? null;
        if ($there === null) {
            $this->isFree($host);
            $this->hasTables($name) && throw new NotChanged(Why::NotEmpty);
            $this->within(function () use ($name, $host): void {
                $this->do('INSERT INTO enrolled (name, standing, sealed) VALUES (?, ?, ?)', [
                    $name,
                    Standing::Making->value,
                    $this->registry->seal()->seal(Opens::anew()),
                ]);
                $this->do('INSERT INTO host_names (host, school, place) VALUES (?, ?, 0)', [$host, $name]);
            });
            $there = $this->named($name);
        }
        ($there->standing === Standing::Making && $there->hosts[0] === $host) || throw new NotChanged(Why::NameTaken);
        $this->makeRoom($there);
    }

    /**
     * @param  bool  $made  whether its tables are there, which whoever made them says
     *
     * @throws NotChanged
     */
    public function stand(string $name, Standing $standing, bool $made = false): void
    {
        $school = $this->named($name);
        $made || $school->standing !== Standing::Making || throw new NotChanged(Why::StillMade);
        $made && $this->makeRoom($school);
        $this->do('UPDATE enrolled SET standing = ? WHERE name = ?', [$standing->value, $name]);
    }

    /**
     * Gives a school another name in addresses; by those it had, it is found as before.
     *
     * @throws NotChanged
     */
    public function rename(string $name, string $host): void
    {
        $host = HostName::of($host) ?? throw new NotChanged(Why::NotAHost);
        $school = $this->named($name);
        in_array($host, $school->hosts, true) || $this->isFree($host);
        $hosts = array_values(array_unique([$host, ...$school->hosts]));
        $this->within(function () use ($name, $hosts): void {
            $this->do('DELETE FROM host_names WHERE school = ?', [$name]);
            foreach ($hosts as $place => $each) {
                $this->do('INSERT INTO host_names (host, school, place) VALUES (?, ?, ?)', [$each, $name, $place]);
            }
        });
    }

    /**
     * @param  array<string, string>  $settings  by the names of Settings; nothing takes one back
     *
     * @throws NotChanged
     */
    public function set(string $name, array $settings): void
    {
        foreach ($settings as $which => $value) {
            $wrong = Settings::wrong($which, $value);
            $wrong === null || throw new NotChanged($wrong);
        }
        $school = $this->named($name);
        $opens = $this->registry->seal()->open($school);
        $all = array_filter([...$opens->settings, ...$settings], static fn(string $value): bool => $value !== '');
        $this->do('UPDATE enrolled SET sealed = ? WHERE name = ?', [
            $this->registry->seal()->seal($opens->with($all)),
            $name,
        ]);
    }

    /** @return int|null bytes of a school's database; null where it has no tables */
    public function size(Enrolled $school): ?int
    {
        $bytes = $this->do(
            'SELECT SUM(data_length + index_length) FROM information_schema.tables WHERE table_schema = ?',
            [$school->database()],
        )->fetchColumn();

        return $bytes === null || $bytes === false ? null : (int) $bytes;
    }

    private function named(string $name): Enrolled
    {
        return $this->registry->all()[$name] ?? throw new NotChanged(Why::NoSchool);
    }

    private function isFree(string $host): void
    {
        ($host !== $this->home && $this->registry->at($host) === null) || throw new NotChanged(Why::HostTaken);
    }

    private function hasTables(string $name): bool
    {
        return $this->do('SELECT 1 FROM information_schema.tables WHERE table_schema = ? LIMIT 1', [
            Enrolled::databaseOf($name),
        ])->fetchColumn() !== false;
    }

    /** Its user may do with rows what a school does, in its own database, and nothing in any other. */
    private function makeRoom(Enrolled $school): void
    {
        $database = $school->database();
        // In a grant an underscore stands for any letter.
        $alone = str_replace('_', '\\_', $database);
        $password = $this->pdo()->quote($this->registry->seal()->open($school)->password);
        $this->do("CREATE DATABASE IF NOT EXISTS `$database` CHARACTER SET utf8mb4");
        $this->do("CREATE OR REPLACE USER `$database`@'127.0.0.1' IDENTIFIED BY $password");
        $this->do("GRANT SELECT, INSERT, UPDATE, DELETE ON `$alone`.* TO `$database`@'127.0.0.1'");
        // Whether something waits there, and nothing of what: for who looks into all of them (Looker).
        foreach (
            $this->hasTables($school->name) ? ['stamps (id)', 'jobs (queue, reserved_at, available_at)'] : []
            as $table
        ) {
            [$of, $columns] = explode(' ', $table, 2);
            $this->do("GRANT SELECT $columns ON `$database`.`$of` TO recess_registry@'127.0.0.1'");
        }
    }

    /** For what was restored: each school's database and user, as the registry has them. */
    public function makeRooms(): void
    {
        array_map($this->makeRoom(...), $this->registry->all());
    }

    /** @param  \Closure(): void  $does */
    private function within(\Closure $does): void
    {
        $this->pdo()->beginTransaction();
        try {
            $does();
            $this->pdo()->commit();
        } catch (\PDOException $failure) {
            $this->pdo()->rollBack();
            // Somebody else has it since a moment ago (SQLSTATE 23000: a key that is there already).
            throw (string) $failure->getCode() === '23000' ? new NotChanged(Why::HostTaken) : $failure;
        }
    }

    /** @param  list<string|int>  $values */
    private function do(string $sql, array $values = []): \PDOStatement
    {
        $statement = $this->pdo()->prepare($sql);
        $statement->execute($values);

        return $statement;
    }

    private function pdo(): PDO
    {
        return $this->pdo ??= $this->registry->connection(readsAlone: false);
    }
}
