<?php

declare(strict_types=1);

namespace Recess\Quick;

use Recess\RecessException;

/** A quick line that can be read in more than one way: it is asked back, never guessed. */
final class QuickAsks extends \DomainException implements RecessException
{
    private function __construct(
        string $asks,
        /** @var non-empty-list<Said> the likeliest first */
        public readonly array $readings,
    ) {
        parent::__construct($asks);
    }

    /** @param  non-empty-list<Said>  $readings */
    public static function which(string $asks, array $readings): self
    {
        return new self($asks, $readings);
    }
}
