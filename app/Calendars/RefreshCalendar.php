<?php

declare(strict_types=1);

namespace App\Calendars;

use App\Framework\Words;
use App\Models\Calendar;
use App\Models\Instant;
use Carbon\CarbonImmutable;
use Recess\Calendars\CalendarNotReadable;

/** Fetches a feed and reads it. A failure is kept and shown; what was known of the calendar stays. */
final class RefreshCalendar
{
    public function __construct(private readonly CalendarFeed $feed, private readonly ReadCalendar $read) {}

    /**
     * Fetches and reads one that is not kept yet; it is kept with what was read, or not at all.
     *
     * @throws FeedFailed
     * @throws CalendarNotReadable
     */
    public function first(Calendar $calendar, int $now): void
    {
        $answer = $this->feed->fetch((string) $calendar->address, null) ?? throw FeedFailed::noAnswer();
        $calendar->fetched_at = CarbonImmutable::createFromTimestamp($now);
        $this->take($calendar, $answer, $now);
    }

    /** @throws CalendarNotReadable */
    private function take(Calendar $calendar, FeedAnswer $answer, int $now): void
    {
        ($this->read)($calendar, $answer->text, $now);
        // Only of what was read: a calendar that could not be is asked for anew.
        $calendar->fill(['etag' => $answer->etag === null ? null : mb_strimwidth($answer->etag, 0, 300)])->save();
    }

    /** Whether it could be fetched and read. */
    public function __invoke(Calendar $calendar, int $now): bool
    {
        if ($calendar->address === null) {
            return true;
        }
        try {
            $answer = $this->feed->fetch($calendar->address, $calendar->etag);
            if ($answer !== null) {
                $this->take($calendar, $answer, $now);
            } elseif ($calendar->text !== null) {
                // Unchanged; but the time that is looked at has moved on.
                ($this->read)($calendar, $calendar->text, $now);
            }
            $calendar->fill(['fetched_at' => Instant::column($now), 'failure' => ''])->save();

            return true;
        } catch (FeedFailed | CalendarNotReadable $failure) {
            $calendar->fill(['failure' => mb_strimwidth(Words::why($failure), 0, 500, '…')])->save();

            return false;
        }
    }
}
