<?php

declare(strict_types=1);

namespace App\Calendars;

/** A feed that could not be fetched, and what to do about it. */
final class FeedFailed extends \RuntimeException
{
    public static function notHttp(): self
    {
        return new self('A feed’s address begins with https://, http:// or webcal://.');
    }

    public static function notAllowed(): self
    {
        return new self(
            'This address leads into the school’s own network, where feeds are not fetched from. The administrator can allow it.',
        );
    }

    public static function notPlain(): self
    {
        return new self(
            'The name of the server has letters that addresses do not have. Copy it anew from your calendar program.',
        );
    }

    public static function unknownHost(): self
    {
        return new self('No server of that name is known. Look at the address again.');
    }

    public static function tooManyRedirects(): self
    {
        return new self(
            'The address leads from one to the next without an end. Copy it anew from your calendar program.',
        );
    }

    public static function tooLarge(int $megabytes): self
    {
        return new self("The calendar is larger than $megabytes MB.");
    }

    public static function answered(int $status): self
    {
        return new self(
            match (true) {
                $status === 401,
                $status === 403
                    => 'The server does not let us read it. Copy the private address from your calendar program.',
                $status === 404, $status === 410 => 'There is no calendar at this address any more.',
                default => "The server answered with an error ($status). We try again later.",
            },
        );
    }

    public static function noAnswer(): self
    {
        return new self('The server did not answer in time. We try again later.');
    }
}
