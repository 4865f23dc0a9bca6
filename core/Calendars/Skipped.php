<?php

declare(strict_types=1);

namespace Recess\Calendars;

use Recess\Message;

/** Something in a calendar that was not read, and why. */
final readonly class Skipped
{
    public function __construct(
        /** Of the text, from 1. */
        public int $line,
        /** Its title or kind. */
        public string|Message $what,
        public Message $why,
    ) {}
}
