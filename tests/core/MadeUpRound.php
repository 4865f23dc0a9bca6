<?php

declare(strict_types=1);

namespace Tests\Core;

use Random\Engine\Mt19937;
use Random\Randomizer;

/** Rounds and families made up from a seed, as bin/recess plan and bin/recess allot read them. */
final readonly class MadeUpRound
{
    private const FIRST = '2026-03-10';

    private Randomizer $random;

    public function __construct(int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
    }

    /** @return array<string, mixed> meetings of ten or fifteen minutes, each with about a third of the times free */
    public function family(int $meetings, int $times, int $evenings = 2): array
    {
        $prefer = $this->random->shuffleArray(['evenings', 'home', 'waiting']);
        $wanted = [];
        for ($m = 0; $m < $meetings; $m++) {
            [$length, $shift] = [$this->one([10, 10, 15]), $this->one([0, 0, 5])];
            $slots = [];
            for ($e = 0; $e < $evenings; $e++) {
                for ($i = 0; $i < $times; $i++) {
                    if ($this->random->getInt(0, 2) === 0) {
                        $slots[] = [self::at($e, $i * 10 + $shift), self::at($e, $i * 10 + $shift + $length)];
                    }
                }
            }
            $wanted[] = ['id' => "m$m", 'place' => $this->one(['A', 'B', 'C', null]), 'slots' => $slots];
        }
        $windows = array_map(
            fn(int $e): array => [
                self::at($e, $this->one([0, 0, 20])),
                self::at($e, $this->one([$times * 10 + 10, $times * 10 - 10])),
            ],
            range(0, $evenings - 1),
        );

        return [...$this->ways(), 'windows' => $windows, 'prefer' => $prefer, 'meetings' => $wanted];
    }

    /**
     * Popular hosts are wished for by more than they can see; one of three families can come on one evening only. Where some are
     * met for longer, one wish of eight takes two times in a row.
     *
     * @return array<string, mixed>
     */
    public function round(
        int $hosts,
        int $times,
        int $families,
        int $wishes,
        bool $bounded = false,
        bool $longer = false,
    ): array {
        $each = intdiv($times, 2);
        $makeHost = fn(int $h): array => array_filter(
            [
                'id' => "h$h",
                'place' => chr(65 + ($h % 6)),
                'most' => $bounded ? $this->random->getInt(intdiv($each, 2), $each) : null,
                'slots' => array_merge(
                    ...array_map(
                        static fn(int $e): array => array_map(
                            static fn(int $i): array => [self::at($e, $i * 10), self::at($e, $i * 10 + 10)],
                            range(0, $each - 1),
                        ),
                        [0, 1],
                    ),
                ),
            ],
            static fn(mixed $value): bool => $value !== null,
        );
        $makeFamily = function (int $f) use ($hosts, $each, $wishes, $longer): array {
            $can = $this->one([[0], [1], [0, 1], [0, 1], [0, 1], [0, 1]]);
            $picked = [];
            for ($n = min($hosts, max(1, $wishes + $this->random->getInt(-2, 2))); count($picked) < $n; ) {
                $picked[(int) ($hosts * ($this->random->getInt(0, 999_999) / 1e6) ** 1.3)] = true;
            }

            return [
                'id' => "f$f",
                'windows' => array_map(
                    fn(int $e): array => [self::at($e, $this->one([0, 0, 0, 30])), self::at($e, $each * 10)],
                    $can,
                ),
                'wishes' => array_map(
                    fn(int $h, int $i): array => [
                        'id' => "w$f.$i",
                        'host' => "h$h",
                        'rank' => $i + 1,
                        'asked' => $this->random->getInt(0, 19) === 0,
                        ...$longer && $this->random->getInt(0, 7) === 0 ? ['times' => 2] : [],
                    ],
                    array_keys($picked),
                    range(0, count($picked) - 1),
                ),
            ];
        };

        return [
            ...$this->ways(),
            'seed' => 1,
            'seconds' => 60,
            'hosts' => array_map($makeHost, range(0, $hosts - 1)),
            'families' => array_map($makeFamily, range(0, $families - 1)),
        ];
    }

    /** @return array<string, mixed> */
    private function ways(): array
    {
        return [
            'zone' => 'America/Halifax',
            'walk' => ['default' => $this->one([0, 3, 5]), 'pairs' => [['A', 'B', 8], ['A', 'C', 2]]],
        ];
    }

    /**
     * @template T
     *
     * @param  non-empty-list<T>  $of
     * @return T
     */
    private function one(array $of): mixed
    {
        return $of[$this->random->getInt(0, count($of) - 1)];
    }

    private static function at(int $evening, int $minute): string
    {
        return date('Y-m-d\TH:i:s', strtotime(self::FIRST . ' 16:00 UTC') + $evening * 86_400 + $minute * 60) .
            '-03:00';
    }
}
