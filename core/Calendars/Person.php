<?php

declare(strict_types=1);

namespace Recess\Calendars;

/** Somebody in a calendar entry. */
final readonly class Person
{
    public function __construct(public string $name, public string $email) {}
}
