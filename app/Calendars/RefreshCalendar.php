<?php

declare(strict_types=1);

namespace App\Calendars;

use App\Models\Calendar;
use App\Models\Instant;
use Illuminate\Support\Facades\DB;

/** Fetches a feed and reads it. A failure is kept and shown; what was known of the calendar stays. */
final class RefreshCalendar
{
    public function __construct(private readonly CalendarFeed $feed, private readonly ReadCalendar $read)
    {
    }

    /**
     * Fetches and reads one that is not kept yet; it is kept with what was read, or not at all.
     *
     * @throws FeedFailed
     */
    public function first(Calendar $calendar, int $now): void
    {
        $answer = $this->feed->fetch((string) $calendar->address, null) ?? throw FeedFailed::noAnswer();
        DB::transaction(function () use ($calendar, $answer, $now): void {
            $calendar->save();
            $this->take($calendar, $answer, $now);
            $calendar->fill(['fetched_at' => Instant::column($now), 'failure' => ''])->save();
        });
    }

    private function take(Calendar $calendar, FeedAnswer $answer, int $now): void
    {
        ($this->read)($calendar, $answer->text, $now);
        $calendar->etag = $answer->etag === null ? null : mb_strimwidth($answer->etag, 0, 300);
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
        } catch (FeedFailed|CalendarNotReadable $failure) {
            $calendar->fill(['failure' => mb_strimwidth($failure->getMessage(), 0, 500, '…')])->save();

            return false;
        }
    }
}
