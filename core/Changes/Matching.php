<?php

declare(strict_types=1);

namespace Recess\Changes;

/**
 * Gives each row a column of its own so that as many rows as possible have one and their costs together are least.
 *
 * The Hungarian method with row and column potentials (Kuhn 1955, Munkres 1957), in O(rows² · columns).
 */
final class Matching
{
    /**
     * @param  list<list<int|null>>  $costs  by row and column, 0 or more; null where they cannot go together
     * @return list<int|null> the column of each row
     */
    public static function leastCost(array $costs): array
    {
        $rows = count($costs);
        $columns = count($costs[0] ?? []);
        if ($rows === 0) {
            return [];
        }
        // A row that must do without takes a column of its own that nobody else can have, dearer than all real ones together.
        $without =
            1 +
            array_sum(array_map(static fn(array $row): int => max([0, ...array_filter($row, is_int(...))]), $costs));
        $impossible = $without * ($rows + 1) + 1;
        $cost = static fn(int $row, int $column): int => $column < $columns
            ? $costs[$row][$column] ?? $impossible
            : ($column - $columns === $row
                ? $without
                : $impossible);
        $width = $columns + $rows;

        // Row and column 0 are the method's own starting point; real ones count from 1.
        $rowPotential = array_fill(0, $rows + 1, 0);
        $columnPotential = array_fill(0, $width + 1, 0);
        $rowOf = array_fill(0, $width + 1, 0);
        for ($row = 1; $row <= $rows; $row++) {
            $rowOf[0] = $row;
            $column = 0;
            $slack = array_fill(0, $width + 1, PHP_INT_MAX);
            $cameFrom = array_fill(0, $width + 1, 0);
            $visited = array_fill(0, $width + 1, false);
            do {
                $visited[$column] = true;
                $current = $rowOf[$column];
                $least = PHP_INT_MAX;
                $next = 0;
                for ($j = 1; $j <= $width; $j++) {
                    if ($visited[$j]) {
                        continue;
                    }
                    $reduced = $cost($current - 1, $j - 1) - $rowPotential[$current] - $columnPotential[$j];
                    if ($reduced < $slack[$j]) {
                        $slack[$j] = $reduced;
                        $cameFrom[$j] = $column;
                    }
                    if ($slack[$j] < $least) {
                        $least = $slack[$j];
                        $next = $j;
                    }
                }
                for ($j = 0; $j <= $width; $j++) {
                    if ($visited[$j]) {
                        $rowPotential[$rowOf[$j]] += $least;
                        $columnPotential[$j] -= $least;
                    } elseif ($slack[$j] !== PHP_INT_MAX) {
                        $slack[$j] -= $least;
                    }
                }
                $column = $next;
            } while ($rowOf[$column] !== 0);
            for (; $column !== 0; $column = $cameFrom[$column]) {
                $rowOf[$column] = $rowOf[$cameFrom[$column]];
            }
        }

        $chosen = array_fill(0, $rows, null);
        for ($j = 1; $j <= $columns; $j++) {
            if ($rowOf[$j] !== 0) {
                $chosen[$rowOf[$j] - 1] = $j - 1;
            }
        }

        return array_values($chosen);
    }
}
