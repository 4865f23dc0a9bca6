<?php

declare(strict_types=1);

namespace App\Mailroom;

use App\Models\MailroomMessage;
use Carbon\CarbonImmutable;
use Symfony\Component\Mailer\SentMessage;
use Symfony\Component\Mailer\Transport\AbstractTransport;
use Symfony\Component\Mime\Email;

/** Stands where SMTP would: keeps each message, whole, one copy for each recipient. */
final class MailroomTransport extends AbstractTransport
{
    protected function doSend(SentMessage $message): void
    {
        $original = $message->getOriginalMessage();
        foreach ($message->getEnvelope()->getRecipients() as $recipient) {
            MailroomMessage::query()->create([
                'recipient' => $recipient->getAddress(),
                'subject' => $original instanceof Email ? (string) $original->getSubject() : '',
                'raw' => $message->toString(),
                'sent_at' => CarbonImmutable::now(),
            ]);
        }
    }

    public function __toString(): string
    {
        return 'mailroom';
    }
}
