<?php

declare(strict_types=1);

namespace Demo;

use Carbon\CarbonImmutable;
use Symfony\Component\Mailer\SentMessage;
use Symfony\Component\Mailer\Transport\AbstractTransport;
use Symfony\Component\Mime\Email;

/**
 * Stands where SMTP would: keeps each message, whole, one copy for each recipient. A worker that is killed between
 * handing a message over and ticking it off hands it over again; as mail stores do, the mailroom knows the second copy
 * by its Message-ID.
 */
final class MailroomTransport extends AbstractTransport
{
    protected function doSend(SentMessage $message): void
    {
        $original = $message->getOriginalMessage();
        foreach ($message->getEnvelope()->getRecipients() as $recipient) {
            MailroomMessage::query()->insertOrIgnore([
                'recipient' => $recipient->getAddress(),
                'message_id' => $message->getMessageId(),
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
