<?php

declare(strict_types=1);

namespace App\CalendarServers;

/** What has changed in a collection, and the token that stands for how it is now (RFC 6578, 3). */
final readonly class DavAnswer
{
    /** @param  list<DavResource>  $resources */
    public function __construct(public array $resources, public string $token) {}
}
