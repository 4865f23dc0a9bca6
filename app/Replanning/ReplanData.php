<?php

declare(strict_types=1);

namespace App\Replanning;

use App\Framework\SlotKey;
use App\Framework\Spell;
use App\Framework\Words;
use App\Models\Booking;
use App\Models\Round;
use App\Models\StaffMember;
use App\Rounds\RoundHost;
use Illuminate\Database\Eloquent\Collection;
use Recess\Changes\Stead;
use Recess\Time\LocalDate;
use Recess\Time\Zone;

/** What a change to a published round would do, as the office looks at it before it happens. */
final class ReplanData
{
    /** Of the times that a meeting could have instead, so many are offered. */
    private const OFFERED = 40;

    /**
     * @param  int  $now  seconds since the epoch
     * @return RoundChangesShape as RoundChanges in docs/formats/recess.openapi.yaml
     */
    public static function page(Round $round, int $now): array
    {
        $days = $round->days();
        $hosts = RoundHost::of($round);
        $video = ByVideo::look($round);

        return [
            'round' => $round->id,
            'title' => $round->title,
            'hosts' => array_values(
                $hosts
                    ->filter(static fn(RoundHost $one): bool => $one->isOpen())
                    ->map(
                        static fn(RoundHost $one): array => [
                            'id' => $one->id,
                            'name' => $one->host->name,
                        ],
                    )
                    ->all(),
            ),
            'others' => array_values(
                StaffMember::hosting($round->school_id)
                    ->whereNotIn('id', $hosts->pluck('staff_id'))
                    ->orderBy('name')
                    ->get(['id', 'name'])
                    ->map(static fn(StaffMember $one): array => ['id' => $one->id, 'name' => $one->name])
                    ->all(),
            ),
            'away' => self::whoIsAway($round, $hosts, $now),
            'dates' => array_map(
                static fn(int $day): array => [
                    'date' => (string) LocalDate::fromDay($day),
                    'label' => Spell::date(LocalDate::fromDay($day)),
                ],
                array_keys($days),
            ),
            'video_said' => Words::say('replanning.video_said', [
                'can' => count($video['can']),
                'cannot' => count($video['cannot']),
                'names' => Spell::list(array_slice($video['cannot'], 0, 12)) ?: 'none',
            ]),
            'undo' => Replanned::last($round, $now)?->seconds($now) ?? 0,
            'was_in_rooms' => $hosts->contains(static fn(RoundHost $one): bool => $one->before !== null),
        ];
    }

    /**
     * @param  Collection<int, RoundHost>  $hosts  of the round
     * @return AwayNowShape as AwayNow in docs/formats/recess.openapi.yaml
     */
    public static function whoIsAway(Round $round, Collection $hosts, int $now): array
    {
        $closed = ComeAfterAll::closed(array_filter($hosts->pluck('sheet_id')->all()), $now)
            ->orderBy('starts_at')
            ->get()
            ->groupBy('sheet_id');
        $zone = $round->school->timeZone();
        $away = [];
        foreach ($hosts as $host) {
            $times = $closed->get((int) $host->sheet_id);
            if ($times !== null && $times->isNotEmpty()) {
                $away[] = [
                    'id' => $host->id,
                    'said' => Words::say('replanning.is_away', [
                        'host' => $host->host->name,
                        'times' => $times->count(),
                        'from' => Spell::moment($times->first()->span()->start, $zone),
                    ]),
                ];
            }
        }

        return $away;
    }

    /** @return AwayEffectShape as AwayEffect in docs/formats/recess.openapi.yaml */
    public static function away(Absence $absence): array
    {
        $round = $absence->host->round;
        $zone = $round->school->timeZone();
        $bookings = $absence->bookings();
        $finder = new Steads($absence);
        $steads = $finder->of($bookings->all());
        $placed = count(array_filter($steads, static fn(array $one): bool => $one['best'] !== null));

        return [
            'said' => Words::say('replanning.away_said', [
                'host' => $absence->host->host->name,
                'hit' => $bookings->count(),
                'placed' => $placed,
            ]),
            'hits' => array_values(
                $bookings
                    ->map(
                        static fn(Booking $one): array => [
                            'booking' => $one->id,
                            'name' => $one->pass->name,
                            'student' => $one->student,
                            'time' => Spell::slot($one->span(), $zone),
                            'best' => $steads[$one->id]['best'] === null ? null : self::key($steads[$one->id]['best']),
                            'others' => array_map(
                                static fn(Stead $stead): array => self::stead($stead, $finder, $one, $zone),
                                array_slice($steads[$one->id]['all'], 0, self::OFFERED),
                            ),
                        ],
                    )
                    ->all(),
            ),
        ];
    }

    /**
     * @param  int  $now  seconds since the epoch
     * @return EveningEffectShape as EveningEffect in docs/formats/recess.openapi.yaml
     */
    public static function evening(EveningMove $move, int $now): array
    {
        $zone = $move->round->school->timeZone();
        $bookings = $move->bookings();
        $cannot = $move->cannot($bookings, $now);

        return [
            'said' => Words::say('replanning.evening_said', [
                'from' => Spell::date($move->from),
                'to' => Spell::date($move->to),
                'meetings' => $bookings->count(),
                'cannot' => count($cannot),
                'families' => $bookings->pluck('pass_id')->unique()->count(),
            ]),
            'cannot' => array_values(
                $bookings
                    ->whereIn('id', $cannot)
                    ->map(
                        static fn(Booking $one): array => [
                            'booking' => $one->id,
                            'name' => $one->pass->name,
                            'student' => $one->student,
                            'host' => $one->host->name,
                            'time' => Spell::time($one->span()->start, $zone),
                        ],
                    )
                    ->all(),
            ),
        ];
    }

    private static function key(Stead $stead): string
    {
        return "$stead->host " . SlotKey::of($stead->span->start);
    }

    /** @return array{key: string, sheet: int, start: string, said: string} */
    private static function stead(Stead $stead, Steads $finder, Booking $booking, Zone $zone): array
    {
        $sheet = $finder->sheet((int) $stead->host);
        $same = $zone->dayAt($stead->span->start) === $zone->dayAt($booking->span()->start);

        return [
            'key' => self::key($stead),
            'sheet' => (int) $stead->host,
            'start' => SlotKey::of($stead->span->start),
            'said' => Words::say('replanning.stead', [
                'time' => $same ? Spell::time($stead->span->start, $zone) : Spell::moment($stead->span->start, $zone),
                'host' => $sheet->host->name ?? '',
            ]),
        ];
    }
}
