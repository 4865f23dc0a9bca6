<?php

declare(strict_types=1);

namespace App\CalendarServers;

/** A multistatus answer (RFC 4918, 13). An answer with a document type is none: it could name entities without an end. */
final readonly class Multistatus
{
    /** What requests say of their prefixes. */
    public const NAMESPACES = 'xmlns:d="DAV:" xmlns:c="urn:ietf:params:xml:ns:caldav"';

    private function __construct(private \DOMXPath $xpath) {}

    /** @throws DavFailed */
    public static function read(string $xml): self
    {
        $document = new \DOMDocument();
        $before = libxml_use_internal_errors(true);
        try {
            $isXml =
                stripos($xml, '<!DOCTYPE') === false &&
                $xml !== '' &&
                $document->loadXML($xml, LIBXML_NONET | LIBXML_COMPACT);
        } finally {
            libxml_clear_errors();
            libxml_use_internal_errors($before);
        }
        if (!$isXml || $document->documentElement?->localName !== 'multistatus') {
            throw DavFailed::notUnderstood();
        }
        $xpath = new \DOMXPath($document);
        $xpath->registerNamespace('d', 'DAV:');
        $xpath->registerNamespace('c', 'urn:ietf:params:xml:ns:caldav');

        return new self($xpath);
    }

    /**
     * @param  string  $origin  scheme, host and port of the server: what lies elsewhere is none of its own
     * @return list<DavResource>
     */
    public function resources(string $origin): array
    {
        $resources = [];
        foreach ($this->xpath->query('/d:multistatus/d:response') ?: [] as $response) {
            if (!($response instanceof \DOMNode)) {
                continue;
            }
            $path = self::path((string) $this->xpath->evaluate('string(d:href)', $response), $origin);
            if ($path !== null) {
                $resources[] = new DavResource($path, $this->xpath, $response);
            }
        }

        return $resources;
    }

    public function token(): string
    {
        return trim((string) $this->xpath->evaluate('string(/d:multistatus/d:sync-token)'));
    }

    /** The path of an address on that server; null of one elsewhere. */
    public static function path(string $href, string $origin): ?string
    {
        $href = trim($href);
        $path =
            str_starts_with($href, '/') && !str_starts_with($href, '//')
                ? $href
                : (stripos($href, "$origin/") === 0
                    ? substr($href, strlen($origin))
                    : null);

        return $path === null || strlen($path) > 1_000 || preg_match('/[\x00-\x20\x7f]/', $path) === 1 ? null : $path;
    }
}
