<?php

declare(strict_types=1);

namespace App\Calendars;

use Illuminate\Http\Client\ConnectionException;
use Illuminate\Support\Facades\Http;

/**
 * Fetches over http(s), guarded: the name is looked up once, private and loopback addresses are refused unless the
 * administrator lists them, and the connection goes to the very address that was checked. Each redirect is checked anew.
 */
final readonly class HttpCalendarFeed implements VisitorsFeed
{
    private const REDIRECTS = 5;

    private const MEGABYTES = 10;

    /**
     * @param  list<string>  $allowed  hosts, with a port or without, that may be private: "calendar.school.example", "127.0.0.1:8000"
     * @param  int  $seconds  how long one answer may take
     */
    public function __construct(private array $allowed, private int $seconds = 10) {}

    public function fetch(string $address, ?string $etag): ?FeedAnswer
    {
        $address = (string) preg_replace('#^webcals?://#i', 'https://', trim($address));
        for ($hop = 0; $hop <= self::REDIRECTS; $hop++) {
            [$host, $port, $ip] = $this->checked($address);
            $body = '';
            try {
                $answer = Http::withHeaders(array_filter(['Accept' => 'text/calendar', 'If-None-Match' => $etag]))
                    ->timeout($this->seconds)
                    ->connectTimeout(5)
                    ->withOptions([
                        'allow_redirects' => false,
                        'curl' => [CURLOPT_RESOLVE => ["$host:$port:$ip"], CURLOPT_PROXY => ''],
                        // What comes out counts, not what came over the wire: a packed feed of some kilobytes can be a gigabyte.
                        'sink' => new BoundedSink(self::MEGABYTES),
                    ])
                    ->get($address);
                $body = $answer->body();
            } catch (FeedFailed $failure) {
                throw $failure;
            } catch (ConnectionException | \GuzzleHttp\Exception\TransferException $failure) {
                // The cause may repeat the address: it is not passed on.
                throw $failure->getPrevious() instanceof FeedFailed ? $failure->getPrevious() : FeedFailed::noAnswer();
            }
            if ($answer->status() === 304) {
                return null;
            }
            if ($answer->redirect() && $answer->header('Location') !== '') {
                $address = self::next($address, $answer->header('Location'));

                continue;
            }
            if (!$answer->successful()) {
                throw FeedFailed::answered($answer->status());
            }

            return new FeedAnswer($body, $answer->header('ETag') ?: null);
        }

        throw FeedFailed::tooManyRedirects();
    }

    /**
     * @return array{string, int, string} host, port, and the address to connect to
     *
     * @throws FeedFailed
     */
    private function checked(string $address): array
    {
        $parts = parse_url($address) ?: [];
        $scheme = strtolower($parts['scheme'] ?? '');
        $host = trim(strtolower($parts['host'] ?? ''), '[]');
        if (!in_array($scheme, ['http', 'https'], true) || $host === '') {
            throw FeedFailed::notHttp();
        }
        $port = $parts['port'] ?? ($scheme === 'https' ? 443 : 80);
        $allowed = in_array($host, $this->allowed, true) || in_array("$host:$port", $this->allowed, true);
        $ips = self::addresses($host);
        foreach ($ips as $ip) {
            if (!$allowed && !PublicAddress::is($ip)) {
                throw FeedFailed::notAllowed();
            }
        }

        return [$host, $port, str_contains($ips[0], ':') ? "[{$ips[0]}]" : $ips[0]];
    }

    /** @return non-empty-list<string> */
    private static function addresses(string $host): array
    {
        if (filter_var($host, FILTER_VALIDATE_IP) !== false) {
            return [$host];
        }
        // Written as one number, or in hexadecimal, an address would pass for a name.
        if (preg_match('/^(?:0x[0-9a-f]+|\d+)(?:\.(?:0x[0-9a-f]+|\d+))*$/i', $host) === 1) {
            throw FeedFailed::notAllowed();
        }
        // A name in other letters can look like one and lead to another; it is not even looked up.
        if (
            preg_match(
                '/^(?=.{1,253}$)[a-z0-9_]([a-z0-9_-]*[a-z0-9_])?(\.[a-z0-9_]([a-z0-9_-]*[a-z0-9_])?)*\.?$/D',
                $host,
            ) !== 1
        ) {
            throw FeedFailed::notPlain();
        }
        $found = gethostbynamel($host) ?: [];
        foreach ($found === [] ? (@dns_get_record($host, DNS_AAAA) ?: []) : [] as $record) {
            $found[] = (string) $record['ipv6'];
        }

        return $found === [] ? throw FeedFailed::unknownHost() : $found;
    }

    private static function next(string $from, string $location): string
    {
        return (string) \GuzzleHttp\Psr7\UriResolver::resolve(
            new \GuzzleHttp\Psr7\Uri($from),
            new \GuzzleHttp\Psr7\Uri($location),
        );
    }
}
