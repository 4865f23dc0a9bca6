<?php

declare(strict_types=1);

namespace Demo;

use App\Framework\RawMail;

/** A caught message, read back from its raw form as a mail program would (RFC 5322, RFC 2045). */
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
        $mail = RawMail::read($message->raw);

        return new self(
            from: $mail->header('from'),
            to: $mail->header('to'),
            subject: $mail->header('subject'),
            text: $mail->part('text/plain'),
            html: $mail->part('text/html'),
            calendar: $mail->part('text/calendar'),
        );
    }
}
