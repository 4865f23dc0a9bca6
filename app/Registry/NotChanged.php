<?php

declare(strict_types=1);

namespace App\Registry;

/** The registry is as it was. */
final class NotChanged extends \DomainException
{
    public function __construct(public readonly Why $why)
    {
        parent::__construct($why->name);
    }
}
