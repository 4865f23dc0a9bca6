<?php

declare(strict_types=1);

namespace App\Answers;

use App\Framework\RawMail;

/** A message that came in, as far as an answer needs to be known (RFC 5322, RFC 2045, RFC 6047). */
final readonly class MailIn
{
    /** Bytes; what is larger is no answer of a calendar program. */
    public const MOST = 1_048_576;

    /** @param  list<string>  $sentTo  in lower case */
    private function __construct(
        /** Where it stands in its mailbox. */
        public string $mark,
        /** In lower case; empty where nobody, or several, are named. */
        public string $from,
        public array $sentTo,
        public string $subject,
        /** RFC 3834, 5: whether a machine sent it by itself. */
        public bool $automatic,
        /** The text/calendar part; empty where there is none. */
        public string $calendar,
        /** The message/delivery-status part: what became of a letter; empty where there is none. */
        public string $delivery,
        public bool $tooLarge,
    ) {}

    /** One of which no more is read than its outside. */
    public static function large(string $mark, string $from, string $subject): self
    {
        return new self($mark, self::address($from), [], $subject, false, '', '', true);
    }

    public static function read(string $mark, string $raw): self
    {
        if (strlen($raw) > self::MOST) {
            return self::large($mark, '', '');
        }
        $mail = RawMail::read($raw);
        $from = $mail->headers('from');
        $sentTo = array_merge(...array_map($mail->headers(...), ['to', 'cc', 'delivered-to', 'x-original-to']));

        return new self(
            mark: $mark,
            from: count($from) === 1 ? self::address($from[0]) : '',
            sentTo: array_merge([], ...array_map(self::addresses(...), $sentTo)),
            subject: mb_scrub($mail->header('subject')),
            automatic: array_filter(
                $mail->headers('auto-submitted'),
                static fn(string $one): bool => !str_starts_with(strtolower(trim($one)), 'no'),
            ) !== [],
            calendar: mb_scrub($mail->part('text/calendar', 'application/ics')),
            delivery: mb_scrub($mail->part('message/delivery-status')),
            tooLarge: false,
        );
    }

    private static function address(string $header): string
    {
        $found = self::addresses($header);

        return count($found) === 1 ? $found[0] : '';
    }

    /** @return list<string> */
    private static function addresses(string $header): array
    {
        $parsed = mailparse_rfc822_parse_addresses($header);

        return array_values(
            array_map(
                static fn(array $one): string => mb_strtolower(trim($one['address'])),
                array_filter($parsed, static fn(array $one): bool => str_contains($one['address'], '@')),
            ),
        );
    }
}
