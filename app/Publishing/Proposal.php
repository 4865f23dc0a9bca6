<?php

declare(strict_types=1);

namespace App\Publishing;

use Recess\Time\Span;

/** What an edit does to a meeting, and where it could be instead. */
final readonly class Proposal
{
    /**
     * @param  string  $what  time, length or place
     * @param  list<Span>  $nearest
     */
    public function __construct(public string $what, public ?Span $to = null, public array $nearest = []) {}

    /** @return list<Span> */
    public function all(): array
    {
        return $this->to === null ? $this->nearest : [...$this->nearest, $this->to];
    }
}
