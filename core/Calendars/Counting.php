<?php

declare(strict_types=1);

namespace Recess\Calendars;

/** What of a calendar counts as busy. */
final readonly class Counting
{
    /**
     * @param  bool  $tentative  whether what is only pencilled in does: the owner's choice
     * @param  list<string>  $but  UIDs of entries that keep nobody busy here: those of what the time is kept for
     */
    public function __construct(public bool $tentative = true, public array $but = []) {}
}
