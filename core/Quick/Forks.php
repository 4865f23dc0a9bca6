<?php

declare(strict_types=1);

namespace Recess\Quick;

use Recess\Message;

/**
 * The places at which a line can be read in more than one way, on one reading of it.
 *
 * Reading takes the first way everywhere unless told otherwise; whoever reads a line reads it again for each way that
 * was not taken, and asks when more than one of them makes sense.
 */
final class Forks
{
    /** @var array<string, array{int, int, Message}> the way taken, how many there are, and what to ask, by what it is about */
    private array $met = [];

    /** @param  array<string, int>  $ways  to take, by what they are about */
    public function __construct(private readonly array $ways = []) {}

    /**
     * @param  string  $about  the same fork has the same name wherever it is met in the line
     * @return int the way to take, from 0
     */
    public function at(string $about, Message $asks, int $ways = 2): int
    {
        $this->met[$about] ??= [min($this->ways[$about] ?? 0, $ways - 1), $ways, $asks];

        return $this->met[$about][0];
    }

    /** @return list<array<string, int>> the readings that branch off where this one was not told what to take */
    public function others(): array
    {
        $before = $others = [];
        foreach ($this->met as $about => [$taken, $ways]) {
            for ($way = 1; $way < $ways && !isset($this->ways[$about]); $way++) {
                $others[] = [$about => $way] + $before;
            }
            $before[$about] = $taken;
        }

        return $others;
    }

    /** What to ask about the first fork at which another reading went another way. */
    public function asks(self $other): Message
    {
        foreach ($this->met as $about => [$way, , $asks]) {
            if (($other->met[$about][0] ?? $way) !== $way) {
                return $asks;
            }
        }

        return Message::of('quick.which');
    }
}
