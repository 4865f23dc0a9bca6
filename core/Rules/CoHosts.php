<?php

declare(strict_types=1);

namespace Recess\Rules;

use Recess\Time\Span;
use Recess\Time\Spans;

/** A slot with several hosts needs all of those who must be there, and any one of those who may be. */
final readonly class CoHosts implements Rule
{
    /**
     * @param  list<Spans>  $all  the busy times of each who must be there
     * @param  array<int|string, Spans>  $anyOne  the busy times of each of whom one is enough
     */
    public function __construct(private array $all, private array $anyOne = [])
    {
    }

    public function against(Span $slot, Situation $situation): ?Reason
    {
        foreach ($this->all as $busy) {
            if ($busy->touches($slot)) {
                return new Reason(Because::HostBusy, State::Busy);
            }
        }

        return $this->anyOne !== [] && $this->freeFor($slot) === [] ? new Reason(Because::HostBusy, State::Busy) : null;
    }

    /**
     * Those of whom one is enough and who are free for all of the slot.
     *
     * @return list<int|string> the keys under which their busy times were given
     */
    public function freeFor(Span $slot): array
    {
        return array_keys(array_filter($this->anyOne, static fn (Spans $busy): bool => ! $busy->touches($slot)));
    }
}
