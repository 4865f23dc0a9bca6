<?php

declare(strict_types=1);

namespace App\Visiting;

use App\Framework\Alphabet;
use App\Framework\Spell;
use App\Framework\Version;
use App\Framework\Words;
use App\Models\Addresses;
use App\Models\Round;
use App\Models\SheetState;
use App\Timetables\Judge;
use App\Timetables\Listed;
use App\Timetables\OpenSheets;
use App\Timetables\Soonest;
use Recess\Time\LocalDate;

/** Conference days that are to come: what the office set up as a round, and what several hosts hold under one title. */
final class RoundsOnBoard
{
    /**
     * So many sheets are asked at once for a time that is free, and no more than this in all: the page of the round
     * knows all.
     */
    private const AT_ONCE = 8;

    private const LOOKED_AT = 24;

    /**
     * @param  array<int, Listed>  $sheets  all that are open
     * @param  int  $now  seconds since the epoch
     * @return list<BoardRoundShape> as BoardRound in docs/formats/recess.openapi.yaml, the soonest first
     */
    public static function of(array $sheets, LocalDate $today, int $now): array
    {
        $titled = [];
        foreach ($sheets as $sheet) {
            if ($sheet->isConference) {
                $titled[$sheet->title][] = $sheet;
            }
        }
        $rounds = self::planned($now);
        foreach ($titled as $title => $theirs) {
            $coming = array_filter($theirs, static fn(Listed $one): bool => !$one->last->isBefore($today));
            if (count($theirs) > 1 && $coming !== []) {
                $rounds[] = self::titled((string) $title, $theirs, $coming, $today, $now);
            }
        }
        $byTitle = Alphabet::by(static fn(array $one): string => $one[1]['title']);
        usort($rounds, static fn(array $a, array $b): int => $a[0] <=> $b[0] ?: $byTitle($a, $b));

        return array_column($rounds, 1);
    }

    /**
     * @param  list<Listed>  $sheets
     * @param  non-empty-array<Listed>  $coming
     * @return array{int, BoardRoundShape} its first day, and it
     */
    private static function titled(string $title, array $sheets, array $coming, LocalDate $today, int $now): array
    {
        $first = max($today->day, min(array_map(static fn(Listed $one): int => $one->first->day, $coming)));
        $last = max(array_map(static fn(Listed $one): int => $one->last->day, $coming));

        return [
            $first,
            [
                'title' => $title,
                'path' =>
                    '/find?' .
                    http_build_query([
                        'about' => $title,
                        'from' => (string) LocalDate::fromDay($first),
                        'to' => (string) LocalDate::fromDay(min($last, $first + BoardData::DAYS - 1)),
                    ]),
                'hosts' => count($sheets),
                'free' => self::isAnyFree($sheets, $now),
                'when' => Spell::date(LocalDate::fromDay($first)),
                'wishes' => '',
            ],
        ];
    }

    /** @return list<array{int, BoardRoundShape}> those that the office set up: families plan them as one */
    private static function planned(int $now): array
    {
        $rounds = [];
        foreach (
            Round::query()->where('state', SheetState::Open)->with('school')->orderByDesc('id')->limit(10)->get()
            as $round
        ) {
            $today = $round->school->timeZone()->dateAt($now);
            $sheets = $round->dates()->last->isBefore($today) ? [] : OpenSheets::ofRound($round->id, $today);
            if ($sheets === [] || reset($sheets)->last->isBefore($today)) {
                continue;
            }
            $day = LocalDate::fromDay(max($today->day, reset($sheets)->first->day));
            $rounds[] = [
                $day->day,
                [
                    'title' => Version::title($round),
                    'path' => Addresses::round($round->slug),
                    'hosts' => count($sheets),
                    'free' => !$round->isCollecting() && self::isAnyFree($sheets, $now),
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
                ],
            ];
        }

        return $rounds;
    }

    /**
     * Whether one of them has a time that is free, as far as a short look tells.
     *
     * @param  array<Listed>  $sheets
     */
    private static function isAnyFree(array $sheets, int $now): bool
    {
        foreach (array_chunk(array_slice($sheets, 0, self::LOOKED_AT), self::AT_ONCE) as $some) {
            $free = array_filter(
                Judge::soonestOfAll(OpenSheets::cores($some), $now),
                static fn(Soonest $one): bool => $one->free !== null,
            );
            if ($free !== []) {
                return true;
            }
        }

        return false;
    }
}
