<?php

declare(strict_types=1);

namespace App\Framework;

/** A message in its raw form, as a mail program reads it (RFC 5322, RFC 2045). */
final readonly class RawMail
{
    /** Parts of one message that are looked at. */
    private const PARTS = 50;

    /**
     * @param  array<mixed>  $headers  by name in lower case; a list where there are several
     * @param  array<string, string>  $parts  the first of each type, decoded
     */
    private function __construct(private array $headers, private array $parts) {}

    public static function read(string $raw): self
    {
        $mail = mailparse_msg_create();
        mailparse_msg_parse($mail, $raw);
        $parts = [];
        foreach (array_slice(mailparse_msg_get_structure($mail), 0, self::PARTS) as $name) {
            $part = mailparse_msg_get_part($mail, $name) ?: $mail;
            $type = mailparse_msg_get_part_data($part)['content-type'] ?? '';
            if (is_string($type) && !str_starts_with($type, 'multipart/')) {
                $parts[$type] ??= self::body($part, $raw);
            }
        }
        $headers = mailparse_msg_get_part_data($mail)['headers'] ?? [];
        mailparse_msg_free($mail);

        return new self(is_array($headers) ? $headers : [], $parts);
    }

    /** The first part that is of one of these types; empty where there is none. */
    public function part(string ...$types): string
    {
        foreach ($types as $type) {
            if (isset($this->parts[$type])) {
                return $this->parts[$type];
            }
        }

        return '';
    }

    /** @return list<string> all headers of a name, as they came */
    public function headers(string $name): array
    {
        $found = $this->headers[$name] ?? [];

        return array_values(array_filter(is_array($found) ? $found : [$found], is_string(...)));
    }

    /** One header as people read it; empty where there is none. */
    public function header(string $name): string
    {
        return self::decoded($this->headers($name)[0] ?? '');
    }

    /** Encoded words as text (RFC 2047, 4.2: an underscore is a space). */
    public static function decoded(string $header): string
    {
        return mb_scrub((string) iconv_mime_decode($header, ICONV_MIME_DECODE_CONTINUE_ON_ERROR, 'UTF-8'));
    }

    /** @param  resource  $part */
    private static function body($part, string $raw): string
    {
        $body = '';
        mailparse_msg_extract_part($part, $raw, static function (string $chunk) use (&$body): void {
            $body .= $chunk;
        });

        return $body;
    }
}
