<?php

declare(strict_types=1);

namespace App\Mailroom;

use App\Models\MailroomMessage;
use ZBateson\MailMimeParser\MailMimeParser;

/** A caught message, read back from its raw form as a mail program would. */
final readonly class OpenedMessage
{
    private function __construct(
        public string $from,
        public string $to,
        public string $subject,
        public string $text,
        public string $html,
        public string $calendar,
    ) {}

    public static function read(MailroomMessage $message): self
    {
        $mail = (new MailMimeParser)->parse($message->raw, false);

        return new self(
            from: (string) $mail->getHeaderValue('From'),
            to: (string) $mail->getHeaderValue('To'),
            subject: (string) $mail->getHeaderValue('Subject'),
            text: (string) $mail->getTextContent(),
            html: (string) $mail->getHtmlContent(),
            calendar: (string) $mail->getPartByMimeType('text/calendar')?->getContent(),
        );
    }
}
