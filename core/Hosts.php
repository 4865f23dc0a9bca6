<?php

declare(strict_types=1);

namespace Recess;

/** Who is at a sheet's meetings, by number. */
final readonly class Hosts
{
    /**
     * @param  non-empty-list<int>  $meeting  of whom one is at each meeting, the first one preferred: mostly the sheet's own host alone
     * @param  list<int>  $alongside  colleagues who have to be there too
     */
    private function __construct(public array $meeting, public array $alongside) {}

    /**
     * @param  list<int>  $anyOne  colleagues who may be the one instead of the owner
     * @param  list<int>  $must  colleagues who have to be there
     */
    public static function of(int $owner, array $anyOne = [], array $must = []): self
    {
        $meeting = [$owner, ...array_values(array_diff($anyOne, [$owner]))];

        return new self($meeting, array_values(array_diff($must, $meeting)));
    }

    /** @return non-empty-list<int> everybody whose time a meeting can take */
    public function all(): array
    {
        return [...$this->meeting, ...$this->alongside];
    }

    /** Whether a visitor can choose with whom. */
    public function canBeChosen(): bool
    {
        return count($this->meeting) > 1;
    }
}
