<?php

declare(strict_types=1);

namespace App\Day;

use App\Framework\Alphabet;
use App\Framework\Spell;
use App\Line\DayOf;
use App\Line\DeskDay;
use App\Line\HostDay;
use App\Line\VisitorLine;
use App\Live\Channel;
use App\Models\Booking;
use App\Models\PlaceKind;
use App\Models\Secret;
use App\Models\StaffMember;
use App\School\Directions;
use App\School\Kiosk;

/** What a shared tablet shows: who meets where today and runs late, and of visitors only what somebody just asked for. */
final class KioskData
{
    /** @return KioskShape as Kiosk in docs/formats/recess.openapi.yaml */
    public static function of(Kiosk $kiosk, int $now): array
    {
        $day = DayOf::at($now, $kiosk->school->timeZone());
        $bookings = KioskFinder::today($kiosk, $day)->get();
        // Of desks at which nothing was pressed today nothing is known.
        $awake = DeskDay::query()
            ->where('day', (string) $day->date)
            ->where('revision', '>', 0)
            ->whereIn('staff_id', $bookings->pluck('staff_id')->unique()->all())
            ->pluck('staff_id')
            ->flip();

        return [
            'school' => $kiosk->school->name,
            'day' => Spell::date($day->date),
            'channel' => Channel::entrance($kiosk->school_id),
            'hosts' => array_values(
                $bookings
                    ->filter(
                        static fn(Booking $one): bool => $one->turn?->isOver() !== true &&
                            $one->span()->end > $now - 3600,
                    )
                    ->groupBy('staff_id')
                    ->map(
                        static fn($meetings): array => self::host(
                            $meetings->firstOrFail()->host,
                            array_values($meetings->all()),
                            $day,
                            $awake->has($meetings->firstOrFail()->staff_id) ? $now : null,
                        ),
                    )
                    ->sort(Alphabet::by(static fn(array $one): string => $one['name']))
                    ->all(),
            ),
        ];
    }

    /**
     * @param  list<Booking>  $meetings
     * @param  int|null  $now  null where nothing is known of how late it is
     * @return array{name: string, places: string, late: int}
     */
    private static function host(StaffMember $host, array $meetings, DayOf $day, ?int $now): array
    {
        $desk = $now === null ? null : HostDay::of($host, $day);
        $late = $desk?->lateness((int) $now) ?? [];
        $by = $late === [] ? 0 : intdiv((int) reset($late) + 150, 300) * 5;
        $rooms = array_filter($meetings, static fn(Booking $one): bool => $one->place->kind === PlaceKind::Room);

        return [
            'name' => $host->name,
            'places' => implode(
                ', ',
                array_unique(array_map(static fn(Booking $one): string => $one->place->label, $rooms)),
            ),
            'late' => $by >= min($host->late_threshold, $desk?->desk->late_minutes ?: 1440) ? $by : 0,
        ];
    }

    /** @return KioskMeetingShape as KioskMeeting: when, with whom, and where; about whom is not told */
    public static function meeting(Kiosk $kiosk, Booking $booking, int $now): array
    {
        $zone = $booking->sheet->host->school->timeZone();
        $line = (new VisitorLine($now, 'kiosk'))->of($booking);
        $way = Directions::to($booking->place, $booking->sheet->host->school);

        return [
            'ticket' => self::ticket($kiosk, $booking),
            'from' => (string) $zone->timeAt($booking->span()->start),
            'host' => $booking->host->name,
            'place' => $booking->place->label,
            'directions' => $way['text'],
            'picture' => $way['picture'],
            'line' => $line === null ? null : ['word' => '', 'answer' => '', 'ring' => null] + $line,
        ];
    }

    /** What a tablet shows to say that somebody is here whom it has found: it can say it of nobody else. */
    public static function ticket(Kiosk $kiosk, Booking $booking): string
    {
        return $booking->id .
            '-' .
            substr(Secret::of("ticket|$kiosk->id|$kiosk->generation|$booking->id|" . $booking->span()->start), 0, 22);
    }
}
