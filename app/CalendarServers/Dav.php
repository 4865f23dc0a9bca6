<?php

declare(strict_types=1);

namespace App\CalendarServers;

use App\Calendars\FeedFailed;
use App\Calendars\GuardedHttp;
use App\Framework\Said;
use Illuminate\Http\Client\Response;

/**
 * What CalDAV asks of a server (RFC 4918, 4791, 6578), as one person there. Everything goes to the one host that was given:
 * nowhere else would their password belong.
 */
final readonly class Dav
{
    private const REDIRECTS = 5;

    /** @param  string  $origin  scheme, host and port */
    private function __construct(
        private GuardedHttp $http,
        public string $origin,
        private string $name,
        #[\SensitiveParameter] private string $password,
    ) {}

    /** @throws DavFailed where a password may not go */
    public static function at(
        GuardedHttp $http,
        string $address,
        string $name,
        #[\SensitiveParameter] string $password,
    ): self {
        $parts = parse_url($address) ?: [];
        $isWeb = in_array(strtolower($parts['scheme'] ?? ''), ['http', 'https'], true) && ($parts['host'] ?? '') !== '';
        if (!$isWeb || !$http->isPrivate($address)) {
            throw new DavFailed(new Said('servers.not_https'));
        }
        $port = isset($parts['port']) ? ":{$parts['port']}" : '';

        return new self($http, strtolower($parts['scheme'] . '://' . $parts['host']) . $port, $name, $password);
    }

    /**
     * @param  list<string>  $properties  with a prefix: d for DAV:, c for CalDAV
     * @return list<DavResource> the thing itself first, with depth 1 what lies in it after it
     *
     * @throws DavFailed
     */
    public function find(string $path, array $properties, int $depth = 0): array
    {
        $asked = implode('', array_map(static fn(string $one): string => "<$one/>", $properties));

        return $this->many('PROPFIND', $path, "<d:propfind @ns><d:prop>$asked</d:prop></d:propfind>", (string) $depth);
    }

    /**
     * @param  string  $body  with @ns where the namespaces stand
     * @return list<DavResource>
     *
     * @throws DavFailed
     */
    public function report(string $path, string $body): array
    {
        return $this->many('REPORT', $path, $body, '1');
    }

    /** @throws DavFailed */
    public function token(string $path, string $body): DavAnswer
    {
        $answer = $this->multistatus($this->send('REPORT', $path, self::named($body), '0'));

        return new DavAnswer($answer->resources($this->origin), $answer->token());
    }

    /**
     * An object as it lies there.
     *
     * @return array{string, string}|null its text and its ETag; null where there is none
     *
     * @throws DavFailed
     */
    public function get(string $path): ?array
    {
        $answer = $this->send('GET', $path, headers: ['Accept' => 'text/calendar']);

        return $answer->status() === 404 || $answer->status() === 410
            ? null
            : [$this->good($answer)->body(), $answer->header('ETag')];
    }

    /**
     * Writes an object; nothing where another lies there than was expected (RFC 9110, 13.1.1 and 13.1.2).
     *
     * @param  string|null  $etag  of the one that is replaced; null where none may be there
     * @return string|null its ETag, empty where the server names none; null where another lies there
     *
     * @throws DavFailed
     */
    public function put(string $path, string $text, ?string $etag): ?string
    {
        $answer = $this->send(
            'PUT',
            $path,
            $text,
            headers: [
                'Content-Type' => 'text/calendar; charset=utf-8',
                ...$etag === null ? ['If-None-Match' => '*'] : ['If-Match' => $etag],
            ],
        );

        return $answer->status() === 412 ? null : $this->good($answer)->header('ETag');
    }

    /**
     * @return bool whether it is not there any more; false where another lies there than was expected
     *
     * @throws DavFailed
     */
    public function delete(string $path, string $etag): bool
    {
        $answer = $this->send('DELETE', $path, headers: ['If-Match' => $etag]);
        if ($answer->status() === 412) {
            return false;
        }
        in_array($answer->status(), [404, 410], true) || $this->good($answer);

        return true;
    }

    /** @return list<DavResource> */
    private function many(string $method, string $path, string $body, string $depth): array
    {
        $answer = $this->send($method, $path, self::named($body), $depth);

        return $this->multistatus($answer)->resources($this->origin);
    }

    private static function named(string $body): string
    {
        return str_replace('@ns', Multistatus::NAMESPACES, $body);
    }

    private function multistatus(Response $answer): Multistatus
    {
        return Multistatus::read($this->good($answer)->body());
    }

    private function good(Response $answer): Response
    {
        return $answer->successful() ? $answer : throw DavFailed::answered($answer->status());
    }

    /** @param  array<string, string>  $headers */
    private function send(
        string $method,
        string $path,
        string $body = '',
        string $depth = '',
        array $headers = [],
    ): Response {
        $headers += ['Authorization' => implode(' ', ['Basic', base64_encode("$this->name:$this->password")])];
        $headers += $depth === '' ? [] : ['Depth' => $depth, 'Content-Type' => 'application/xml; charset=utf-8'];
        $address = $this->origin . $path;
        for ($hop = 0; $hop <= self::REDIRECTS; $hop++) {
            try {
                $answer = $this->http->send($method, $address, $headers, $body);
            } catch (FeedFailed $failure) {
                throw DavFailed::because($failure);
            }
            $to = $answer->header('Location');
            if (!$answer->redirect() || $to === '') {
                return $answer;
            }
            $address = (string) \GuzzleHttp\Psr7\UriResolver::resolve(
                new \GuzzleHttp\Psr7\Uri($address),
                new \GuzzleHttp\Psr7\Uri($to),
            );
            if (!str_starts_with($address, "$this->origin/")) {
                throw DavFailed::leadsElsewhere((string) parse_url($address, PHP_URL_HOST));
            }
        }

        throw new DavFailed(new Said('servers.no_end'));
    }
}
