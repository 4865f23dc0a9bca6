<?php

declare(strict_types=1);

namespace App\Answers;

/** Thrown where an answer comes to nothing, so that nothing of it stays. */
final class LeftAlone extends \RuntimeException
{
    public function __construct(public readonly Left $why)
    {
        parent::__construct($why->value);
    }
}
