<?php

declare(strict_types=1);

namespace App\Calendars;

use Illuminate\Http\Client\ConnectionException;
use Illuminate\Http\Client\Response;
use Illuminate\Support\Facades\Http;

/**
 * Asks addresses that somebody gave: the name is looked up once, private and loopback addresses are refused unless the
 * administrator lists them, and the connection goes to the very address that was checked. It follows no redirect: whoever
 * wants to, asks anew, and is checked anew.
 */
final readonly class GuardedHttp
{
    private const MEGABYTES = 10;

    /**
     * @param  list<string>  $allowed  hosts, with a port or without, that may be private: "calendar.school.example", "127.0.0.1:8000"
     * @param  float  $seconds  how long one answer may take
     * @param  float|null  $until  the moment, of the machine’s clock, after which nothing is asked any more
     */
    public function __construct(private array $allowed, private float $seconds = 10, private ?float $until = null) {}

    /** The same for so many seconds from now and no longer, however many answers that are. */
    public function within(float $seconds): self
    {
        return new self($this->allowed, $seconds, microtime(true) + $seconds);
    }

    /**
     * @param  array<string, string|null>  $headers  without those that are null
     *
     * @throws FeedFailed in words that never repeat the address, which may carry a secret
     */
    public function send(string $method, string $address, array $headers, string $body = ''): Response
    {
        $left = $this->until === null ? $this->seconds : min($this->seconds, $this->until - microtime(true));
        if ($left < 0.01) {
            throw FeedFailed::noAnswer();
        }
        [$host, $port, $ip] = $this->checked($address);
        try {
            return Http::withHeaders(array_filter($headers, is_string(...)))
                ->timeout($left)
                ->connectTimeout(min(5, $left))
                ->withOptions([
                    'allow_redirects' => false,
                    'curl' => [CURLOPT_RESOLVE => ["$host:$port:$ip"], CURLOPT_PROXY => ''],
                    // What comes out counts, not what came over the wire: a packed answer of some kilobytes can be a gigabyte.
                    'sink' => new BoundedSink(self::MEGABYTES),
                ])
                ->send($method, $address, $body === '' ? [] : ['body' => $body]);
        } catch (FeedFailed $failure) {
            throw $failure;
        } catch (ConnectionException | \GuzzleHttp\Exception\TransferException $failure) {
            // The cause may repeat the address: it is not passed on.
            throw $failure->getPrevious() instanceof FeedFailed ? $failure->getPrevious() : FeedFailed::noAnswer();
        }
    }

    /** Whether a name and a password may go there: nobody on the way reads them, or it is within the school's own network. */
    public function isPrivate(string $address): bool
    {
        $parts = parse_url($address) ?: [];
        $host = trim(strtolower($parts['host'] ?? ''), '[]');

        return strtolower($parts['scheme'] ?? '') === 'https' || $this->isAllowed($host, $parts['port'] ?? 80);
    }

    private function isAllowed(string $host, int $port): bool
    {
        return in_array($host, $this->allowed, true) || in_array("$host:$port", $this->allowed, true);
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
        $ips = self::addresses($host);
        foreach ($ips as $ip) {
            if (!$this->isAllowed($host, $port) && !PublicAddress::is($ip)) {
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
}
