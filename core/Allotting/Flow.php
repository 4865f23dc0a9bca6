<?php

declare(strict_types=1);

namespace Recess\Allotting;

/**
 * The greatest flow through a network of whole capacities (Dinic 1970).
 *
 * @internal to the allotter
 */
final class Flow
{
    /** @var list<int> by arc: where it leads; the arc back is the one beside it */
    private array $to = [];

    /** @var array<int, int> by arc: what can still flow */
    private array $room = [];

    /** @var array<int, list<int>> by node: its arcs */
    private array $arcs = [];

    /** @var array<int, int> by node: how far from the source */
    private array $depth = [];

    /** @var array<int, int> by node: the first arc that may still lead on */
    private array $next = [];

    public function arc(int $from, int $to, int $room): void
    {
        $this->arcs[$from][] = count($this->to);
        $this->to[] = $to;
        $this->room[] = $room;
        $this->arcs[$to][] = count($this->to);
        $this->to[] = $from;
        $this->room[] = 0;
    }

    public function greatest(int $source, int $sink): int
    {
        $flow = 0;
        while ($this->layer($source, $sink)) {
            $this->next = [];
            while (($more = $this->push($source, $sink, PHP_INT_MAX)) > 0) {
                $flow += $more;
            }
        }

        return $flow;
    }

    private function layer(int $source, int $sink): bool
    {
        $this->depth = [$source => 0];
        $queue = [$source];
        for ($i = 0; isset($queue[$i]); $i++) {
            foreach ($this->arcs[$queue[$i]] ?? [] as $arc) {
                $node = $this->to[$arc];
                if ($this->room[$arc] > 0 && !isset($this->depth[$node])) {
                    $this->depth[$node] = $this->depth[$queue[$i]] + 1;
                    $queue[] = $node;
                }
            }
        }

        return isset($this->depth[$sink]);
    }

    private function push(int $node, int $sink, int $most): int
    {
        if ($node === $sink) {
            return $most;
        }
        for ($i = $this->next[$node] ?? 0; isset($this->arcs[$node][$i]); $i++) {
            $this->next[$node] = $i;
            $arc = $this->arcs[$node][$i];
            $to = $this->to[$arc];
            if ($this->room[$arc] > 0 && ($this->depth[$to] ?? -1) === $this->depth[$node] + 1) {
                $pushed = $this->push($to, $sink, min($most, $this->room[$arc]));
                if ($pushed > 0) {
                    $this->room[$arc] -= $pushed;
                    $this->room[$arc ^ 1] += $pushed;

                    return $pushed;
                }
            }
        }
        $this->next[$node] = count($this->arcs[$node] ?? []);

        return 0;
    }
}
