<?php

declare(strict_types=1);

namespace App\Visiting;

use App\Framework\SlotKey;
use App\Framework\Spell;
use App\Framework\Words;
use App\Knocks\KnockTerms;
use App\Models\Addresses;
use App\Models\Round;
use App\Models\School;
use App\Models\Sheet;
use App\Models\SheetState;
use App\Models\StaffMember;
use App\Timetables\HostCard;
use App\Timetables\Judge;
use App\Timetables\Listed;
use App\Timetables\OpenSheets;
use App\Timetables\Soonest;
use Illuminate\Support\Str;
use Recess\Sheet as CoreSheet;
use Recess\Time\LocalDate;

/** What anybody can see of the school: whose doors are open, and when each is free next. */
final class BoardData
{
    /** Days of one look at several hosts. */
    public const DAYS = 14;

    /**
     * @param  int  $now  seconds since the epoch
     * @return array{school: string, office: string, zone: string, rounds: list<mixed>, doors: list<array<string, mixed>>, titles: list<string>} props of web/pages/Board.svelte
     */
    public static function board(int $now): array
    {
        $sheets = OpenSheets::all();
        $free = Judge::soonestOfAll(array_map(static fn(Listed $sheet): CoreSheet => $sheet->core, $sheets), $now);
        $cards = $theirs = $titled = [];
        foreach ($sheets as $sheet) {
            foreach ($sheet->hosts as $host) {
                $cards[$host['id']] = array_diff_key($host, ['id' => 0]);
                $theirs[$host['id']][] =
                    ['place' => $sheet->places] + self::entry($sheet, $host['door'], $free[$sheet->id], $now);
            }
            if ($sheet->isConference) {
                $titled[$sheet->title][] = $sheet;
            }
        }
        foreach (KnockTerms::ofAnybody() as $terms) {
            $card = HostCard::of($terms->host);
            $cards[$terms->staff_id] ??= $card;
            $theirs[$terms->staff_id][] = [
                'place' => '',
                'path' => $card['door'] . '/knock',
                'title' => Words::say('knocks.on_board'),
                'next' => Words::say('knocks.on_board_next'),
                'next_at' => null,
            ];
        }
        uasort($cards, static fn(array $a, array $b): int => strcoll((string) $a['name'], (string) $b['name']));
        $doors = array_map(
            static fn(array $card, int $id): array => $card + ['sheets' => $theirs[$id]],
            $cards,
            array_keys($cards),
        );

        $school = School::here();

        return [
            'school' => $school->name,
            'office' => $school->phone,
            'zone' => $school->zone,
            'rounds' => self::rounds($titled, $free, $now),
            'doors' => $doors,
            'titles' => self::titles($sheets),
        ];
    }

    /**
     * Conferences that several hosts hold under one title are a round of the school's; those still to come.
     *
     * @param  array<string, list<Listed>>  $titled
     * @param  array<int, Soonest>  $free  of each sheet
     * @return list<array{title: string, path: string, hosts: int, free: int, when: string, wishes: string}> as Round in docs/formats/recess.openapi.yaml, the soonest first
     */
    private static function rounds(array $titled, array $free, int $now): array
    {
        $rounds = [];
        foreach (array_filter($titled, static fn(array $sheets): bool => count($sheets) > 1) as $title => $sheets) {
            $today = $sheets[0]->core->zone->dateAt($now);
            $days = array_map(
                static fn(Listed $sheet): array => [
                    $sheet->core->reach($today)[0]->day,
                    $sheet->core->reach($today)[1]->day - 1,
                ],
                $sheets,
            );
            $coming = array_filter($days, static fn(array $one): bool => $one[1] >= $today->day);
            if ($coming === []) {
                continue;
            }
            $first = max($today->day, min(array_column($coming, 0)));
            $rounds["$first $title"] = [
                'title' => (string) $title,
                'path' =>
                    '/find?' .
                    http_build_query([
                        'about' => $title,
                        'from' => (string) LocalDate::fromDay($first),
                        'to' => (string) LocalDate::fromDay(
                            min(max(array_column($coming, 1)), $first + self::DAYS - 1),
                        ),
                    ]),
                'hosts' => count($sheets),
                'free' => count(
                    array_filter($sheets, static fn(Listed $sheet): bool => $free[$sheet->id]->free !== null),
                ),
                'when' => Spell::date(LocalDate::fromDay($first)),
                'wishes' => '',
            ];
        }
        $rounds += self::planned($now);
        ksort($rounds, SORT_NATURAL);

        return array_values($rounds);
    }

    /** @return array<string, array{title: string, path: string, hosts: int, free: int, when: string, wishes: string}> those that the office set up: families plan them as one */
    private static function planned(int $now): array
    {
        $rounds = [];
        foreach (
            Round::query()->where('state', SheetState::Open)->with('school')->orderByDesc('id')->limit(10)->get()
            as $round
        ) {
            $today = $round->school->timeZone()->dateAt($now);
            $sheets = $round->dates()->last->isBefore($today)
                ? []
                : array_map(static fn(Listed $one): CoreSheet => $one->core, OpenSheets::ofRound($round->id));
            $dates = $sheets === [] ? null : reset($sheets)->dates($today);
            if ($dates !== null && !$dates->last->isBefore($today)) {
                $day = $dates->first->isBefore($today) ? $today : $dates->first;
                $free = $round->isCollecting()
                    ? []
                    : array_filter(
                        Judge::soonestOfAll($sheets, $now),
                        static fn(Soonest $one): bool => $one->free !== null,
                    );
                $rounds["$day->day $round->title"] = [
                    'title' => $round->title,
                    'path' => Addresses::round($round->slug),
                    'hosts' => count($sheets),
                    'free' => count($free),
                    'when' => Spell::date($day),
                    'wishes' => match (true) {
                        !$round->isCollecting() => '',
                        $round->takesWishes($now) => Words::say('allotting.board_until', [
                            'moment' => Spell::moment(
                                (int) $round->wishes_until?->getTimestamp(),
                                $round->school->timeZone(),
                            ),
                        ]),
                        default => Words::say('allotting.board_over'),
                    },
                ];
            }
        }

        return $rounds;
    }

    /**
     * @param  int  $now  seconds since the epoch
     * @return DoorPageShape
     */
    public static function door(StaffMember $staff, int $now): array
    {
        $theirs = array_filter(
            OpenSheets::all(),
            static fn(Listed $sheet): bool => in_array($staff->id, array_column($sheet->hosts, 'id'), true),
        );
        $free = Judge::soonestOfAll(array_map(static fn(Listed $sheet): CoreSheet => $sheet->core, $theirs), $now);
        $intros = Sheet::query()->whereKey(array_keys($theirs))->pluck('intro', 'id');
        $host = HostCard::of($staff);

        return [
            'school' => $staff->school->name,
            'office' => $staff->school->phone,
            'zone' => $staff->school->zone,
            'host' => $host,
            'knock' => KnockTerms::of($staff)->isOpen() ? $host['door'] . '/knock' : null,
            'sheets' => array_values(
                array_map(
                    static fn(Listed $sheet): array => ['intro' => (string) $intros[$sheet->id]] +
                        self::entry($sheet, $host['door'], $free[$sheet->id], $now),
                    $theirs,
                ),
            ),
        ];
    }

    /** @return array{path: string, title: string, next: string, next_at: string|null} a sheet in one line, where several are listed */
    private static function entry(Listed $sheet, string $door, Soonest $soonest, int $now): array
    {
        return [
            'path' => $sheet->path($door),
            'title' => $sheet->title,
            'next' => self::next($sheet->core, $soonest, $now),
            // For whoever has another clock.
            'next_at' => $soonest->free === null ? null : SlotKey::of($soonest->free->start),
        ];
    }

    /** Whether something can be had there, and when: said of a sheet in one line. */
    private static function next(CoreSheet $sheet, Soonest $soonest, int $now): string
    {
        $zone = $sheet->zone;

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
     * Those of the doors that have every word that is sought, without accents and in any case, as people type.
     *
     * @param  list<array<string, mixed>>  $doors
     * @return list<array<string, mixed>>
     */
    public static function sought(array $doors, string $sought): array
    {
        $words = array_filter(explode(' ', Str::lower(Str::ascii($sought))));

        return array_values(
            array_filter($doors, static function (array $door) use ($words): bool {
                $text = Str::lower(Str::ascii((string) json_encode($door, JSON_UNESCAPED_UNICODE)));

                return array_filter($words, static fn(string $word): bool => !str_contains($text, $word)) === [];
            }),
        );
    }

    /**
     * @param  array<Listed>  $sheets
     * @return list<string> what meetings can be about: the titles of open sheets
     */
    public static function titles(array $sheets): array
    {
        $titles = array_unique(array_map(static fn(Listed $sheet): string => $sheet->title, $sheets));
        sort($titles);

        return $titles;
    }
}
