<?php

declare(strict_types=1);

namespace App\Registry;

use App\Framework\Queued;
use App\Live\Stamps;
use App\Live\Teller;
use App\Live\Tellers;
use Illuminate\Database\Connection;
use Illuminate\Support\Facades\DB;
use PDO;

/**
 * Looks into the database of each school whether something is to be told or done there. Of all that sleep it asks once a
 * second, many with one statement, as a user who sees that something waits and nothing of what (Keeper::makeRoom); of one
 * in which something has just been, ten times a second, as that school's own. Tells pages by itself, and says what work
 * there is.
 */
final class Looker
{
    /** Seconds between two looks, and for how long after something a school is looked at often. */
    private const OFTEN = 0.1;

    private const SELDOM = 1.0;

    private const BUSY = 30.0;

    /** For so many seconds after something its schedule is run each minute. */
    private const AWAKE = 900.0;

    /** Seconds between two looks at the registry, and until a database that was away is tried again. */
    private const LISTS = 2.0;

    private const AWAY = 5.0;

    /** Schools in one statement. */
    private const AT_ONCE = 50;

    /** @var array<string, array{school: Enrolled, next: float, something: float, teller: Teller|null}> */
    private array $schools = [];

    private float $listed = 0.0;

    private float $slept = 0.0;

    private ?PDO $all = null;

    /** @param  \Closure(string): void  $says  a kind of work and a school: a queue's name; "there", or "awake" where something has just been */
    public function __construct(
        private readonly Registry $registry,
        private readonly Stamps $stamps,
        private readonly \Closure $says,
    ) {}

    /** One look at all whose time has come. */
    public function look(): void
    {
        $now = microtime(true);
        try {
            if ($now - $this->listed >= self::LISTS) {
                $this->listed = $now;
                $this->list($now);
            }
            if ($now - $this->slept >= self::SELDOM) {
                $this->slept = $now;
                $this->wake($now);
            }
        } catch (\PDOException $away) {
            report($away);
            $this->all = null;
            $this->slept = $now + self::AWAY;
        }
        foreach ($this->schools as $name => $one) {
            $isBusy = $one['something'] > $now - self::BUSY;
            if ($one['next'] > $now || (!$isBusy && $one['teller']?->isToSay() === false)) {
                continue;
            }
            try {
                $something = $this->lookAt($name);
                $this->schools[$name]['something'] = $something ? $now : $one['something'];
                $this->schools[$name]['next'] = $now + self::OFTEN;
                // Asleep, it keeps no connection: there are fewer of these than of schools.
                $isBusy || $something || DB::disconnect("school-$name");
            } catch (\PDOException $away) {
                report($away);
                DB::disconnect("school-$name");
                $this->schools[$name] = ['next' => $now + self::AWAY, 'teller' => null] + $this->schools[$name];
            }
        }
    }

    /** Which of those that sleep have something. */
    private function wake(float $now): void
    {
        $asleep = array_filter($this->schools, static fn(array $one): bool => $one['something'] <= $now - self::BUSY);
        $this->all ??= $this->registry->connection();
        foreach (array_chunk($asleep, self::AT_ONCE) as $some) {
            $asks = array_map(static function (array $one): string {
                $in = "`{$one['school']->database()}`.";

                return "SELECT '{$one['school']->name}' AS name WHERE " .
                    implode(' OR ', [
                        Tellers::any($in),
                        Queued::due('default', time(), $in),
                        Queued::due('rounds', time(), $in),
                    ]);
            }, $some);
            $asked = $this->all->prepare(implode(' UNION ALL ', $asks));
            $asked->execute();
            foreach ($asked->fetchAll(PDO::FETCH_COLUMN) as $name) {
                $this->schools[(string) $name]['something'] = $now;
            }
        }
    }

    /** @return bool whether there was something */
    private function lookAt(string $name): bool
    {
        $teller = $this->schools[$name]['teller'] ??= new Teller(
            $this->stamps,
            Tellers::here($this->connection($name)),
        );
        $row = $this->connection($name)->selectOne(
            'SELECT ' .
                Tellers::any() .
                ' AS stamps, ' .
                Queued::due('default', time()) .
                ' AS letters, ' .
                Queued::due('rounds', time()) .
                ' AS rounds',
        );
        $something = (int) ($row->stamps ?? 0) === 1;
        if ($something || $teller->isToSay()) {
            $teller->tell();
        }
        foreach (['default' => 'letters', 'rounds' => 'rounds'] as $queue => $is) {
            if ((int) ($row->{$is} ?? 0) === 1) {
                ($this->says)("$queue $name");
                $something = true;
            }
        }

        return $something;
    }

    private function list(float $now): void
    {
        $open = array_filter(
            $this->registry->all(),
            static fn(Enrolled $school): bool => $school->standing === Standing::Open,
        );
        foreach ($open as $name => $school) {
            $this->schools[$name] ??= ['school' => $school, 'next' => $now, 'something' => 0.0, 'teller' => null];
            ($this->says)(($this->schools[$name]['something'] > $now - self::AWAKE ? 'awake' : 'there') . " $name");
        }
        foreach (array_diff_key($this->schools, $open) as $name => $gone) {
            unset($this->schools[$name]);
            DB::purge("school-$name");
        }
    }

    /** By its own user, who sees no other school. */
    private function connection(string $name): Connection
    {
        $school = $this->schools[$name]['school'];
        $key = "database.connections.school-$name";
        if (config($key) === null) {
            config([
                $key =>
                    [
                        'database' => $school->database(),
                        'username' => $school->database(),
                        'password' => $this->registry->seal()->open($school)->password,
                    ] + config()->array('database.connections.mariadb'),
            ]);
        }

        return DB::connection("school-$name");
    }
}
