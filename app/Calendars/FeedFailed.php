<?php

declare(strict_types=1);

namespace App\Calendars;

use App\Framework\Said;

/** A feed that could not be fetched, and what to do about it. */
final class FeedFailed extends \RuntimeException
{
    private function __construct(public readonly Said $said)
    {
        parent::__construct((string) $said);
    }

    public static function notHttp(): self
    {
        return new self(new Said('calendars.not_http'));
    }

    public static function notAllowed(): self
    {
        return new self(new Said('calendars.not_allowed'));
    }

    public static function notPlain(): self
    {
        return new self(new Said('calendars.not_plain'));
    }

    public static function unknownHost(): self
    {
        return new self(new Said('calendars.unknown_host'));
    }

    public static function tooManyRedirects(): self
    {
        return new self(new Said('calendars.no_end'));
    }

    public static function tooLarge(int $megabytes): self
    {
        return new self(new Said('calendars.too_large', ['megabytes' => $megabytes]));
    }

    public static function answered(int $status): self
    {
        return new self(
            match (true) {
                $status === 401, $status === 403 => new Said('calendars.not_let'),
                $status === 404, $status === 410 => new Said('calendars.gone'),
                default => new Said('calendars.error', ['status' => (string) $status]),
            },
        );
    }

    public static function noAnswer(): self
    {
        return new self(new Said('calendars.no_answer'));
    }
}
