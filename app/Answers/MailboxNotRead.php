<?php

declare(strict_types=1);

namespace App\Answers;

/** The mailbox could not be opened; what is in it is read the next time. */
final class MailboxNotRead extends \RuntimeException
{
    public static function because(string $said): self
    {
        return new self("The mailbox for answers could not be read: $said");
    }
}
