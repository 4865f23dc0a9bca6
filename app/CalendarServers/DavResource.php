<?php

declare(strict_types=1);

namespace App\CalendarServers;

/** One thing on a server, and what was said of it. */
final readonly class DavResource
{
    public function __construct(public string $path, private \DOMXPath $xpath, private \DOMNode $response) {}

    /** Whether it is not there any more (RFC 6578, 3.5.2). */
    public function isGone(): bool
    {
        return preg_match('# 4(04|10)\b#', (string) $this->xpath->evaluate('string(d:status)', $this->response)) === 1;
    }

    /** @param  string  $property  with its prefix, and what stands in it: "c:calendar-home-set/d:href" */
    public function text(string $property): string
    {
        return trim((string) $this->xpath->evaluate('string(' . self::good($property) . ')', $this->response));
    }

    public function has(string $property): bool
    {
        return $this->xpath->evaluate('boolean(' . self::good($property) . ')', $this->response) === true;
    }

    /** Only what the server could say. */
    private static function good(string $property): string
    {
        return "d:propstat[contains(d:status, ' 200')]/d:prop/$property";
    }
}
