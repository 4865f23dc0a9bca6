<?php

declare(strict_types=1);

namespace App\Calendars;

/** A calendar as it was served. */
final readonly class FeedAnswer
{
    public function __construct(public string $text, public ?string $etag) {}
}
