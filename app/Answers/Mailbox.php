<?php

declare(strict_types=1);

namespace App\Answers;

/** The school's mailbox to which calendar programs send what their owners say. It is read, and nothing in it is changed. */
interface Mailbox
{
    /** Tells it from any other, so that the place up to which it was read is kept for it alone. */
    public function name(): string;

    /**
     * What came after a place, in order.
     *
     * @param  string  $mark  of the last message that was read; empty for none
     * @return iterable<MailIn>
     *
     * @throws MailboxNotRead when it cannot be opened just now
     */
    public function after(string $mark, int $atMost): iterable;
}
