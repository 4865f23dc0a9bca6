<?php

declare(strict_types=1);

namespace Recess\Changes;

use Recess\Fitting\Between;

/**
 * Finds other times for meetings that cannot be where they were: for as many as possible, and moved as little as can be in
 * all. A host is in one meeting at a time, and so is a family, with its ways.
 */
final class LeastMoves
{
    /** Meeting somebody else is as bad as so many minutes earlier or later. */
    private const SOMEBODY_ELSE = 60;

    /** Ways looked at, one for each time that two of a family or at one host collide; of an evening of one host it is a handful. */
    private const MOST = 400;

    /** @var array<string, int> by start and host */
    private array $columns = [];

    /** @var array<int, array<int, Stead>> by meeting and column */
    private array $at = [];

    /** @var list<Stead|null>|null the best so far */
    private ?array $best = null;

    /** @var array{int, int} how many go without in it, and what it costs */
    private array $bestCost = [PHP_INT_MAX, 0];

    private int $looked = 0;

    /** @param  list<Displaced>  $displaced */
    private function __construct(private readonly array $displaced, private readonly Between $between) {}

    /**
     * @param  list<Displaced>  $displaced
     * @return list<Stead|null> where each is instead; null where there is nothing for it
     */
    public static function find(array $displaced, Between $between): array
    {
        $search = new self($displaced, $between);
        $search->look($search->costs());

        return $search->best ?? array_map(static fn(): ?Stead => null, $displaced);
    }

    /** In minutes. */
    public static function cost(Displaced $one, Stead $stead): int
    {
        return intdiv(abs($stead->span->start - $one->span->start), 60) +
            ($stead->host === $one->host ? 0 : self::SOMEBODY_ELSE);
    }

    /** @return list<list<int|null>> by meeting and column */
    private function costs(): array
    {
        foreach ($this->displaced as $row => $one) {
            foreach ($one->steads as $stead) {
                $column = $this->columns[self::key($stead)] ??= count($this->columns);
                $this->at[$row][$column] = $stead;
            }
        }
        $costs = [];
        foreach ($this->displaced as $row => $one) {
            $line = [];
            for ($column = 0; $column < count($this->columns); $column++) {
                $stead = $this->at[$row][$column] ?? null;
                $line[] = $stead === null ? null : self::cost($one, $stead);
            }
            $costs[] = $line;
        }

        return $costs;
    }

    /**
     * Without regard to families, and to meetings that take several times of a host, the matching is the best there is; where
     * two of them collide, either the one or the other is not there (branch and bound, Land and Doig 1960).
     *
     * @param  list<list<int|null>>  $costs
     */
    private function look(array $costs): void
    {
        if ($this->looked++ >= self::MOST) {
            return;
        }
        $columns = Matching::leastCost($costs);
        $cost = [
            count(array_keys($columns, null, true)),
            array_sum(
                array_map(static fn(array $line, ?int $column): int => $line[$column ?? -1] ?? 0, $costs, $columns),
            ),
        ];
        if ($cost >= $this->bestCost) {
            return;
        }
        $clash = $this->clash($columns);
        if ($clash === null) {
            $this->bestCost = $cost;
            $this->best = array_map(
                fn(int $row, ?int $column): ?Stead => $column === null ? null : $this->at[$row][$column],
                array_keys($columns),
                $columns,
            );

            return;
        }
        foreach ($clash as $row) {
            $less = $costs;
            $less[$row] = array_map(
                static fn(int $column, ?int $one): ?int => $column === $columns[$row] ? null : $one,
                array_keys($less[$row]),
                $less[$row],
            );
            $this->look($less);
        }
    }

    private static function key(Stead $stead): string
    {
        return "{$stead->span->start} $stead->host";
    }

    /**
     * @param  list<int|null>  $columns
     * @return array{int, int}|null two meetings of one family, or with one host, that collide
     */
    private function clash(array $columns): ?array
    {
        foreach ($columns as $a => $one) {
            foreach ($columns as $b => $two) {
                if ($b <= $a || $one === null || $two === null) {
                    continue;
                }
                [$first, $second] = [$this->at[$a][$one], $this->at[$b][$two]];
                $isFamily = $this->displaced[$a]->family === $this->displaced[$b]->family;
                if (!$isFamily && $first->host !== $second->host) {
                    continue;
                }
                $gap = $isFamily ? $this->between->seconds($first->place, $second->place) : 0;
                if (
                    $first->span->start < $second->span->end + $gap &&
                    $second->span->start < $first->span->end + $gap
                ) {
                    return [$a, $b];
                }
            }
        }

        return null;
    }
}
