<?php

declare(strict_types=1);

namespace App\Calendars;

/** Fetches over http(s), guarded (GuardedHttp); each redirect is checked anew. */
final readonly class HttpCalendarFeed implements VisitorsFeed
{
    private const REDIRECTS = 5;

    private GuardedHttp $http;

    /**
     * @param  list<string>  $allowed  hosts, with a port or without, that may be private
     * @param  int  $seconds  how long one answer may take
     */
    public function __construct(array $allowed, int $seconds = 10)
    {
        $this->http = new GuardedHttp($allowed, $seconds);
    }

    public function fetch(string $address, ?string $etag): ?FeedAnswer
    {
        $address = (string) preg_replace('#^webcals?://#i', 'https://', trim($address));
        for ($hop = 0; $hop <= self::REDIRECTS; $hop++) {
            $answer = $this->http->send('GET', $address, ['Accept' => 'text/calendar', 'If-None-Match' => $etag]);
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

            return new FeedAnswer($answer->body(), $answer->header('ETag') ?: null);
        }

        throw FeedFailed::tooManyRedirects();
    }

    private static function next(string $from, string $location): string
    {
        return (string) \GuzzleHttp\Psr7\UriResolver::resolve(
            new \GuzzleHttp\Psr7\Uri($from),
            new \GuzzleHttp\Psr7\Uri($location),
        );
    }
}
