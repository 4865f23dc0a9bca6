<?php

declare(strict_types=1);

namespace Recess\Allotting;

use Recess\Time\Span;

/** A meeting that a family wants, or is asked to. */
final readonly class Wish
{
    /**
     * @param  int  $rank  1 is wanted most
     * @param  bool  $asked  whether the host needs to see them: these come before all ranks
     * @param  list<Span>|null  $windows  in which it can be, where that is not whenever its family comes
     * @param  string|null  $language  for which it needs an interpreter
     * @param  int  $times  how many of the host's slots in a row it takes
     */
    public function __construct(
        public string $id,
        public string $host,
        public int $rank = 1,
        public bool $asked = false,
        public ?array $windows = null,
        public ?string $language = null,
        public int $times = 1,
    ) {}

    /** What comes first is lower: 0 what is asked, then the ranks. */
    public function level(): int
    {
        return $this->asked ? 0 : $this->rank;
    }
}
