<?php

declare(strict_types=1);

namespace Recess\Quick;

use Recess\Message;

/** Something that was understood though it was not quite said, or that looks like a slip: to be said back. */
final readonly class Note
{
    public function __construct(
        public Message $message,
        /** The character that it is about, from 0. */
        public int $position,
        /** The whole line as it reads when the other thing was meant; null where there is no other. */
        public ?string $otherLine = null,
        /** That other reading in a few words, for a button: "04:00 to 06:00". */
        public ?Message $other = null,
    ) {}
}
