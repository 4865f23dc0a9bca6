<?php

declare(strict_types=1);

namespace App\CalendarServers;

use App\Framework\Notices;
use App\Framework\Refused;
use App\Framework\Said;
use App\Line\OfferTime;
use App\Models\Booking;
use Illuminate\Database\Eloquent\Collection;
use Recess\Calendars\CalendarNotReadable;
use Recess\Calendars\OwnEntry;
use Recess\Time\Span;

/**
 * What somebody did to a meeting in their own calendar is said to them where they look. The meeting stands as it was agreed:
 * the other side has heard of nothing, and a machine calls nothing off.
 */
final class NoticeChange
{
    public function __construct(private readonly OfferTime $offer) {}

    /**
     * @param  array<string, array{string, string}>  $texts  ETag and text by path
     * @param  list<string>  $gone  paths
     */
    public function __invoke(ServerCalendar $calendar, array $texts, array $gone, int $now): void
    {
        /** @var Collection<int, ServerEntry> $entries */
        $entries = $calendar
            ->entries()
            ->where('taken_out', false)
            ->whereIn('path', [...array_keys($texts), ...$gone])
            ->with(['booking.pass', 'booking.sheet.host.school'])
            ->get();
        foreach ($entries as $entry) {
            if (!$entry->booking->stands() || $entry->booking->span()->start <= $now) {
                continue;
            }
            if (in_array($entry->path, $gone, true)) {
                $this->out($calendar, $entry);

                continue;
            }
            [$etag, $text] = $texts[$entry->path];
            if ($etag !== $entry->etag) {
                $this->changed($calendar, $entry, $etag, $text, $now);
            }
        }
    }

    private function changed(ServerCalendar $calendar, ServerEntry $entry, string $etag, string $text, int $now): void
    {
        $zone = $entry->booking->sheet->host->school->timeZone();
        try {
            [, $span, $isOff] = OwnEntry::read($text, $zone);
        } catch (CalendarNotReadable) {
            return;
        }
        if ($isOff) {
            $this->out($calendar, $entry);

            return;
        }
        $entry->update(['etag' => $etag]);
        $booking = $entry->booking;
        if ($span === null || $span->equals($booking->span())) {
            return;
        }
        $said = $this->isProposed($calendar, $booking, $span, $now) ? 'servers.proposed' : 'servers.moved_there';
        $this->tell(
            $calendar,
            $entry,
            new Said($said, [
                'name' => $booking->pass->name,
                'when' => Said::slot($booking->span(), $zone),
                'there' => Said::slot($span, $zone),
            ]),
            "moved|$span->start",
        );
    }

    /** Moved to a time that the sheet could give, it is offered to the other side: theirs is the press that moves it. */
    private function isProposed(ServerCalendar $calendar, Booking $booking, Span $there, int $now): bool
    {
        $owner = $calendar->server->owner;
        if ($booking->staff_id !== $owner->id || $there->start <= $now) {
            return false;
        }
        try {
            ($this->offer)($owner, $booking, $there->start, '', $now);

            return true;
        } catch (Refused) {
            return false;
        }
    }

    private function out(ServerCalendar $calendar, ServerEntry $entry): void
    {
        $entry->update(['taken_out' => true]);
        $zone = $entry->booking->sheet->host->school->timeZone();
        $this->tell(
            $calendar,
            $entry,
            new Said('servers.taken_out_there', [
                'name' => $entry->booking->pass->name,
                'when' => Said::slot($entry->booking->span(), $zone),
            ]),
            'out',
        );
    }

    private function tell(ServerCalendar $calendar, ServerEntry $entry, Said $said, string $what): void
    {
        $booking = $entry->booking;
        Notices::tell($calendar->server->staff_id, "server|$booking->id|$booking->sequence|$what", $said, $booking->id);
    }
}
