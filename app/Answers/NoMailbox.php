<?php

declare(strict_types=1);

namespace App\Answers;

/** Where no mailbox is read: answers go to the other side, by ordinary mail. */
final class NoMailbox implements Mailbox
{
    public function name(): string
    {
        return 'none';
    }

    public function after(string $mark, int $atMost): iterable
    {
        return [];
    }
}
