<?php

declare(strict_types=1);

namespace Recess\Quick;

use Recess\Message;
use Recess\RecessException;

/** A quick line that can be read in more than one way: it is asked back, never guessed. */
final class QuickAsks extends \DomainException implements RecessException
{
    private function __construct(
        private readonly Message $asks,
        /** @var non-empty-list<Said> the likeliest first */
        public readonly array $readings,
    ) {
        parent::__construct((string) $asks);
    }

    public function says(): Message
    {
        return $this->asks;
    }

    /** @param  non-empty-list<Said>  $readings */
    public static function which(Message $asks, array $readings): self
    {
        return new self($asks, $readings);
    }
}
