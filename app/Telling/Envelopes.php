<?php

declare(strict_types=1);

namespace App\Telling;

use Illuminate\Mail\Mailables\Headers;
use Illuminate\Mail\PendingMail;
use Illuminate\Support\Facades\Mail;

/** What stands on the outside of every message of ours. */
final class Envelopes
{
    /** To one person, by the name they gave. */
    public static function to(string $email, string $name): PendingMail
    {
        return Mail::to([(object) ['email' => $email, 'name' => $name]]);
    }

    /**
     * @param  string|null  $id  one for each message, so that a second delivery of the same job is seen for what it is; null where a second one does no harm
     * @param  string|null  $leave  where a reader says that they want no more of these; null for what is about their own booking
     */
    public static function headers(?string $id, ?string $leave = null): Headers
    {
        $from = config('mail.from.address');
        $domain = substr((string) strrchr(is_string($from) ? $from : '', '@'), 1) ?: 'recess.invalid';

        // RFC 5322, 3.6.4: a Message-ID is unique in its own domain. RFC 3834, 5: answers by machines are not sent to a machine. RFC 2369, 3.2.
        return new Headers(
            messageId: $id === null ? null : "$id@$domain",
            text: ['Auto-Submitted' => 'auto-generated'] + ($leave === null ? [] : ['List-Unsubscribe' => "<$leave>"]),
        );
    }
}
