<?php

declare(strict_types=1);

namespace Recess;

/** A failure that knows what it has to say; what PHP calls its message is for a log. */
trait Refusing
{
    private function __construct(private readonly Message $says, ?\Throwable $because = null)
    {
        parent::__construct((string) $says, previous: $because);
    }

    public function says(): Message
    {
        return $this->says;
    }
}
