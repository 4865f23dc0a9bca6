<?php

declare(strict_types=1);

namespace App\Calendars;

/** Fetches calendars that others serve. */
interface CalendarFeed
{
    /**
     * @param  string|null  $etag  of the last answer, so that an unchanged calendar is not sent again
     * @return FeedAnswer|null null when it has not changed
     *
     * @throws FeedFailed in words that never repeat the address, which may carry a secret
     */
    public function fetch(string $address, ?string $etag): ?FeedAnswer;
}
