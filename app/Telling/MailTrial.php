<?php

declare(strict_types=1);

namespace App\Telling;

use App\Accounts\TriesMail;
use Symfony\Component\Mailer\Exception\TransportExceptionInterface;

/** A real letter through the real mail server, past the queue: whoever sets up waits for the answer. */
final class MailTrial implements TriesMail
{
    public function to(string $email): ?string
    {
        try {
            Envelopes::to($email, $email)->sendNow(new TestLetter());
        } catch (TransportExceptionInterface $failure) {
            return ServerSaid::of($failure);
        }

        return null;
    }
}
