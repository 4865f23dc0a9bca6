<?php

declare(strict_types=1);

namespace App\Calendars;

use GuzzleHttp\Psr7\StreamDecoratorTrait;
use GuzzleHttp\Psr7\Utils;
use Psr\Http\Message\StreamInterface;

/** Takes in so many bytes and no more, counted as they come out of whatever they were packed in. */
final class BoundedSink implements StreamInterface
{
    use StreamDecoratorTrait;

    private int $written = 0;

    private readonly StreamInterface $stream;

    public function __construct(private readonly int $megabytes)
    {
        $this->stream = Utils::streamFor(Utils::tryFopen('php://temp/maxmemory:2000000', 'r+'));
    }

    public function write(string $string): int
    {
        $this->written += strlen($string);
        if ($this->written > $this->megabytes * 1_000_000) {
            throw FeedFailed::tooLarge($this->megabytes);
        }

        return $this->stream->write($string);
    }
}
