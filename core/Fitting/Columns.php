<?php

declare(strict_types=1);

namespace Recess\Fitting;

/**
 * As many meetings as possible, each in a column of its own: more can never be held, since each column holds one.
 * Augmenting paths (Berge 1957).
 *
 * @internal to the planner and the allotter
 */
final class Columns
{
    /** @var array<int, int> the meeting by column */
    private array $holder = [];

    /** @var array<int, true> */
    private array $seen = [];

    /** @param  array<int, array<int, int>>  $columns  of each meeting */
    private function __construct(private readonly array $columns) {}

    /**
     * The fewest instants of which every stretch holds one, found from the earliest end on. All stretches of one instant are
     * a column: no two of them go together.
     *
     * @param  array<int, int>  $starts  by stretch
     * @param  array<int, int>  $untils  by stretch
     * @return array<int, int> the column of each stretch
     */
    public static function cut(array $starts, array $untils): array
    {
        asort($untils);
        $column = -1;
        $instant = PHP_INT_MIN;
        $columns = [];
        foreach ($untils as $stretch => $until) {
            if ($starts[$stretch] >= $instant) {
                $instant = $until;
                $column++;
            }
            $columns[$stretch] = $column;
        }

        return $columns;
    }

    /**
     * @param  array<int, list<int>>  $slots  of each meeting
     * @param  list<int>  $columnOf  by slot
     * @return array<int, int> the column of each meeting that has one
     */
    public static function match(array $slots, array $columnOf): array
    {
        $columns = [];
        foreach ($slots as $m => $of) {
            $columns[$m] = [];
            foreach ($of as $s) {
                $columns[$m][$columnOf[$s]] = $columnOf[$s];
            }
        }

        return self::matchColumns($columns);
    }

    /**
     * @param  array<int, array<int, int>>  $columns  of each meeting
     * @return array<int, int> the column of each meeting that has one
     */
    public static function matchColumns(array $columns): array
    {
        $matching = new self($columns);
        foreach ($columns as $m => $ignored) {
            $matching->seen = [];
            $matching->place($m);
        }

        return array_flip($matching->holder);
    }

    private function place(int $m): bool
    {
        foreach ($this->columns[$m] as $column) {
            if (!isset($this->holder[$column])) {
                $this->holder[$column] = $m;

                return true;
            }
        }
        foreach ($this->columns[$m] as $column) {
            if (isset($this->seen[$column])) {
                continue;
            }
            $this->seen[$column] = true;
            if ($this->place($this->holder[$column])) {
                $this->holder[$column] = $m;

                return true;
            }
        }

        return false;
    }
}
