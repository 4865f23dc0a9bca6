<?php

declare(strict_types=1);

namespace Recess\Calendars;

/** An entry with the occurrences of it that were changed: all of one UID. */
final readonly class Series
{
    /**
     * @param  Entry|null  $main  null where only changed occurrences are known
     * @param  list<Entry>  $changed  those with a RECURRENCE-ID
     */
    public function __construct(public ?Entry $main, public array $changed) {}
}
