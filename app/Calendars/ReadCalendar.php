<?php

declare(strict_types=1);

namespace App\Calendars;

use App\Framework\Notices;
use App\Framework\Said;
use App\Framework\Words;
use App\Models\Booking;
use App\Models\BookingState;
use App\Models\BusySpan;
use App\Models\Calendar;
use App\Models\Instant;
use App\Models\Notice;
use App\Models\StaffMember;
use Illuminate\Support\Facades\DB;
use Recess\Calendars\BusyReader;
use Recess\Calendars\BusyTimes;
use Recess\Calendars\CalendarNotReadable;
use Recess\Calendars\Counting;
use Recess\Calendars\Limits;
use Recess\Calendars\Skipped;
use Recess\Time\Span;
use Recess\Time\Spans;

/** Reads a calendar's text into the busy times that take slots out. What lies over a meeting raises a notice and changes nothing. */
final class ReadCalendar
{
    private const DAYS_AHEAD = 400;

    private const SKIPPED_SHOWN = 50;

    /**
     * @param  int  $now  seconds since the epoch
     *
     * @throws CalendarNotReadable when it is no calendar; what was known before stays
     */
    public function __invoke(Calendar $calendar, string $text, int $now): void
    {
        $this->keep($calendar, $text, $this->parse($calendar, $text, $now), $now);
    }

    /** @throws CalendarNotReadable */
    public function parse(Calendar $calendar, string $text, int $now): BusyTimes
    {
        $owner = $calendar->owner;
        $range = Span::of($now - 86_400, $now + self::DAYS_AHEAD * 86_400);

        return BusyReader::read(
            $text,
            $range,
            $owner->school->timeZone(),
            new Limits(spans: 20_000),
            new Counting($owner->tentative_busy, self::ours($owner, $now)),
        );
    }

    /**
     * The entries that came from here: a meeting is not in its own way, and what is asked for does not hinder its answer.
     *
     * @return list<string>
     */
    private static function ours(StaffMember $owner, int $now): array
    {
        $uids = [];
        foreach (app()->tagged(OwnEntries::class) as $room) {
            assert($room instanceof OwnEntries);
            array_push($uids, ...$room->uids($owner, $now - 86_400));
        }

        return $uids;
    }

    /** Keeps what was read, and the calendar with it where it is new: there once it has been read, and not before. */
    public function keep(Calendar $calendar, string $text, BusyTimes $read, int $now): void
    {
        DB::transaction(function () use ($calendar, $text, $read, $now): void {
            $calendar->save();
            $before = Spans::of(
                array_values(
                    $calendar->busySpans()->get()->map(static fn(BusySpan $busy): Span => $busy->span())->all(),
                ),
            );
            $calendar->busySpans()->delete();
            foreach (array_chunk($read->entries, 1_000) as $some) {
                BusySpan::query()->insert(
                    array_map(
                        static fn(array $entry): array => [
                            'calendar_id' => $calendar->id,
                            'starts_at' => Instant::column($entry[0]->start),
                            'ends_at' => Instant::column($entry[0]->end),
                            'title' => mb_strimwidth(mb_scrub($entry[1]), 0, 200, '…'),
                        ],
                        $some,
                    ),
                );
            }
            $calendar->update([
                'text' => $text,
                'failure' => '',
                'skipped' => array_map(
                    static fn(Skipped $one): array => [
                        'line' => $one->line,
                        'what' => mb_strimwidth(Words::message($one->what), 0, 100, '…'),
                        'why' => Words::message($one->why),
                    ],
                    array_slice($read->skipped, 0, self::SKIPPED_SHOWN),
                ),
            ]);
            $this->notice($calendar, $read->busy->subtract($before), $now);
        });
    }

    /** @param  Spans  $new  busy times that were not there before */
    private function notice(Calendar $calendar, Spans $new, int $now): void
    {
        $bookings = Booking::query()
            ->where('staff_id', $calendar->staff_id)
            ->whereIn('state', BookingState::standing())
            ->where('ends_at', '>', Instant::column($now))
            ->with(['pass', 'sheet.host.school'])
            ->get();
        foreach ($bookings as $booking) {
            if ($new->touches($booking->span())) {
                $said = new Said('booking.busy_over', [
                    'calendar' => $calendar->name,
                    'name' => $booking->pass->name,
                    'when' => Said::slot($booking->span(), $booking->sheet->host->school->timeZone()),
                ]);
                $key = "busy|$booking->id|" . $booking->starts_at->getTimestamp();
                Notices::tell($calendar->staff_id, $key, $said, $booking->id);
            }
        }
    }
}
