<?php

declare(strict_types=1);

namespace App\Visiting;

use App\Framework\Alphabet;
use App\Framework\SlotKey;
use App\Framework\Sought;
use App\Framework\Spell;
use App\Framework\Version;
use App\Framework\Words;
use App\Knocks\KnockTerms;
use App\Models\School;
use App\Models\Sheet;
use App\Models\StaffMember;
use App\Timetables\HostCard;
use App\Timetables\Judge;
use App\Timetables\Listed;
use App\Timetables\OpenSheets;
use App\Timetables\Soonest;
use Recess\Time\Zone;

/** What anybody can see of the school: whose doors are open, and when each is free next. */
final class BoardData
{
    /** Days of one look at several hosts. */
    public const DAYS = 14;

    /** Doors of one look; who looks for somebody types a name. */
    public const DOORS = 30;

    /**
     * @param  int  $now  seconds since the epoch
     * @return BoardShape as Board in docs/formats/recess.openapi.yaml, the props of web/pages/Board.svelte
     */
    public static function board(string $sought, int $skip, int $now): array
    {
        $school = School::here();
        $today = $school->timeZone()->dateAt($now);
        $sheets = OpenSheets::all($today);

        return [
            'school' => $school->name,
            'office' => $school->phone,
            'zone' => $school->zone,
            'rounds' => RoundsOnBoard::of($sheets, $today, $now),
            'titles' => self::titles($sheets),
            'doors' => self::among($sheets, $sought, $skip, $school->timeZone(), $now),
        ];
    }

    /** @return BoardDoorsShape as BoardDoors in docs/formats/recess.openapi.yaml: those whose names, subjects, sheets or rooms have every word */
    public static function doors(string $sought, int $skip, int $now): array
    {
        $zone = School::here()->timeZone();

        return self::among(OpenSheets::all($zone->dateAt($now)), $sought, $skip, $zone, $now);
    }

    /**
     * @param  array<int, Listed>  $sheets  all that are open
     * @return BoardDoorsShape
     */
    private static function among(array $sheets, string $sought, int $skip, Zone $zone, int $now): array
    {
        $cards = $theirs = $knocks = [];
        foreach ($sheets as $sheet) {
            foreach ($sheet->hosts as $host) {
                $cards[$host['id']] = $host;
                $theirs[$host['id']][] = $sheet;
            }
        }
        foreach (KnockTerms::ofAnybody() as $terms) {
            $cards[$terms->staff_id] ??= ['id' => $terms->staff_id] + HostCard::of($terms->host);
            $knocks[$terms->staff_id] = true;
        }
        $cards = array_filter(
            $cards,
            static fn(array $card, int $id): bool => Sought::in(self::text($card, $theirs[$id] ?? []), $sought),
            ARRAY_FILTER_USE_BOTH,
        );
        uasort($cards, static fn(array $a, array $b): int => strcoll($a['name'], $b['name']));
        $shown = array_slice($cards, $skip, self::DOORS, true);
        $free = Judge::soonestOfAll(
            OpenSheets::cores(array_merge(...array_values(array_intersect_key($theirs, $shown)))),
            $now,
        );
        $doors = [];
        foreach ($shown as $id => $card) {
            $entries = array_map(
                static fn(Listed $sheet): array => ['place' => $sheet->places] +
                    self::entry($sheet, $card['door'], $free[$sheet->id] ?? new Soonest(), $zone, $now),
                $theirs[$id] ?? [],
            );
            unset($card['id']);
            $doors[] = [
                ...$card,
                'sheets' => isset($knocks[$id]) ? [...$entries, self::knock($card['door'])] : $entries,
            ];
        }

        return ['sought' => $sought, 'skip' => $skip, 'found' => count($cards), 'shown' => $doors];
    }

    /**
     * What a host is found by.
     *
     * @param  array{name: string, subject: string, title: string}  $card
     * @param  list<Listed>  $sheets
     */
    private static function text(array $card, array $sheets): string
    {
        return implode(' ', [
            $card['name'],
            $card['subject'],
            $card['title'],
            ...array_map(static fn(Listed $one): string => "$one->title $one->places", $sheets),
        ]);
    }

    /** @return DoorSheetShape a host who can be asked for a time of one's own */
    private static function knock(string $door): array
    {
        return [
            'place' => '',
            'path' => "$door/knock",
            'title' => Words::say('knocks.on_board'),
            'next' => Words::say('knocks.on_board_next'),
            'next_at' => null,
        ];
    }

    /**
     * @param  int  $now  seconds since the epoch
     * @return DoorPageShape
     */
    public static function door(StaffMember $staff, int $now): array
    {
        $theirs = array_filter(
            OpenSheets::all($staff->school->timeZone()->dateAt($now)),
            static fn(Listed $sheet): bool => in_array($staff->id, array_column($sheet->hosts, 'id'), true),
        );
        $cores = OpenSheets::cores($theirs);
        $free = Judge::soonestOfAll($cores, $now);
        $intros = Sheet::query()
            ->whereKey(array_keys($theirs))
            ->get(['id', 'intro', 'language', 'versions'])
            ->keyBy('id')
            ->map(static fn(Sheet $sheet): string => Version::of($sheet, $sheet->intro));
        $host = HostCard::of($staff);
        $zone = $staff->school->timeZone();

        return [
            'school' => $staff->school->name,
            'office' => $staff->school->phone,
            'zone' => $staff->school->zone,
            'host' => $host,
            'knock' => KnockTerms::of($staff)->isOpen() ? $host['door'] . '/knock' : null,
            'sheets' => array_values(
                array_map(
                    static fn(Listed $sheet): array => ['intro' => (string) $intros[$sheet->id]] +
                        self::entry($sheet, $host['door'], $free[$sheet->id] ?? new Soonest(), $zone, $now),
                    $theirs,
                ),
            ),
        ];
    }

    /** @return array{path: string, title: string, next: string, next_at: MomentShape|null} a sheet in one line, where several are listed */
    private static function entry(Listed $sheet, string $door, Soonest $soonest, Zone $zone, int $now): array
    {
        return [
            'path' => $sheet->path($door),
            'title' => $sheet->called(),
            'next' => self::next($soonest, $zone, $now),
            // For whoever has another clock.
            'next_at' =>
                $soonest->free === null
                    ? null
                    : [
                        'key' => SlotKey::of($soonest->free->start),
                        'from' => (string) $zone->timeAt($soonest->free->start),
                    ],
        ];
    }

    /** Whether something can be had there, and when: said of a sheet in one line. */
    private static function next(Soonest $soonest, Zone $zone, int $now): string
    {
        return match (true) {
            $soonest->free !== null => Words::say('booking.next_free', [
                'when' =>
                    $soonest->free->start - $now < 2 * 86_400
                        ? Spell::ahead($soonest->free->start, $now, $zone)
                        : Spell::shortDate($zone->dateAt($soonest->free->start)) .
                            ', ' .
                            Spell::time($soonest->free->start, $zone),
            ]),
            $soonest->opens !== null => Words::say('booking.next_opens', [
                'when' => Spell::moment($soonest->opens, $zone),
            ]),
            $soonest->toCome => Words::say('booking.next_taken'),
            default => Words::say('booking.next_over'),
        };
    }

    /**
     * @param  array<Listed>  $sheets
     * @return list<array{about: string, said: string}> what meetings can be about: titles of open sheets, as they are asked for
     *     and as whoever reads calls them
     */
    public static function titles(array $sheets): array
    {
        $titles = [];
        foreach ($sheets as $sheet) {
            $titles[$sheet->title] ??= ['about' => $sheet->title, 'said' => $sheet->called()];
        }
        usort($titles, Alphabet::by(static fn(array $one): string => $one['said']));

        return $titles;
    }
}
