<?php

declare(strict_types=1);

namespace App\Answers;

use App\Framework\Room;

/** What calendar programs send by mail, understood: where the school's mailbox can be read. */
final class AnswersRoom extends Room
{
    public function register(): void
    {
        $this->app->bind(Mailbox::class, static function (): Mailbox {
            [$mailbox, $user, $password] = array_map(
                static fn(string $key): string => is_string($value = config("recess.answers.$key")) ? $value : '',
                ['mailbox', 'user', 'password'],
            );

            return $mailbox === '' ? new NoMailbox() : new ImapMailbox($mailbox, $user, $password);
        });
    }
}
