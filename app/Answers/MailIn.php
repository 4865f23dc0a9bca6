<?php

declare(strict_types=1);

namespace App\Answers;

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
        public bool $tooLarge,
    ) {
    }

    /** One of which no more is read than its outside. */
    public static function large(string $mark, string $from, string $subject): self
    {
        return new self($mark, self::address($from), [], $subject, false, '', true);
    }

    public static function read(string $mark, string $raw): self
    {
        if (strlen($raw) > self::MOST) {
            return self::large($mark, '', '');
        }
        $mail = mailparse_msg_create();
        mailparse_msg_parse($mail, $raw);
        $calendar = '';
        foreach (array_slice(mailparse_msg_get_structure($mail), 0, 50) as $name) {
            $part = mailparse_msg_get_part($mail, $name) ?: $mail;
            $type = mailparse_msg_get_part_data($part)['content-type'] ?? '';
            if ($calendar === '' && in_array($type, ['text/calendar', 'application/ics'], true)) {
                mailparse_msg_extract_part($part, $raw, static function (string $chunk) use (&$calendar): void {
                    $calendar .= $chunk;
                });
            }
        }
        $headers = mailparse_msg_get_part_data($mail)['headers'] ?? [];
        mailparse_msg_free($mail);
        $all = static fn (string $name): array => self::words(is_array($headers) ? $headers[$name] ?? null : null);

        return new self(
            mark: $mark,
            from: count($all('from')) === 1 ? self::address($all('from')[0]) : '',
            sentTo: array_merge(...array_map(self::addresses(...), [...$all('to'), ...$all('cc'), ...$all('delivered-to'), ...$all('x-original-to')]), ...[[]]),
            subject: mb_scrub(mb_decode_mimeheader($all('subject')[0] ?? '')),
            automatic: array_filter($all('auto-submitted'), static fn (string $one): bool => ! str_starts_with(strtolower(trim($one)), 'no')) !== [],
            calendar: mb_scrub($calendar),
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

        return array_values(array_map(static fn (array $one): string => mb_strtolower(trim($one['address'])), array_filter($parsed, static fn (array $one): bool => str_contains($one['address'], '@'))));
    }

    /** @return list<string> */
    private static function words(mixed $value): array
    {
        return array_values(array_filter(is_array($value) ? $value : [$value], is_string(...)));
    }
}
