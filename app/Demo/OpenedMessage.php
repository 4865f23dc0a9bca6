<?php

declare(strict_types=1);

namespace App\Demo;

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
    ) {
    }

    public static function read(MailroomMessage $message): self
    {
        $mail = mailparse_msg_create();
        mailparse_msg_parse($mail, $message->raw);
        $parts = [];
        foreach (mailparse_msg_get_structure($mail) as $name) {
            $part = mailparse_msg_get_part($mail, $name) ?: $mail;
            $type = self::text(mailparse_msg_get_part_data($part)['content-type'] ?? '');
            if (! str_starts_with($type, 'multipart/')) {
                $parts[$type] ??= self::body($part, $message->raw);
            }
        }
        $headers = mailparse_msg_get_part_data($mail)['headers'] ?? [];
        mailparse_msg_free($mail);

        return new self(
            from: self::header($headers, 'from'),
            to: self::header($headers, 'to'),
            subject: self::header($headers, 'subject'),
            text: $parts['text/plain'] ?? '',
            html: $parts['text/html'] ?? '',
            calendar: $parts['text/calendar'] ?? '',
        );
    }

    /**
     * @param  resource  $part
     */
    private static function body($part, string $raw): string
    {
        $body = '';
        mailparse_msg_extract_part($part, $raw, static function (string $chunk) use (&$body): void {
            $body .= $chunk;
        });

        return $body;
    }

    private static function header(mixed $headers, string $name): string
    {
        return is_array($headers) ? mb_decode_mimeheader(self::text($headers[$name] ?? '')) : '';
    }

    private static function text(mixed $value): string
    {
        return is_string($value) ? $value : '';
    }
}
