<?php

declare(strict_types=1);

namespace App\Visiting;

use App\Framework\Alphabet;
use App\Framework\SlotKey;
use App\Framework\Sought;
use App\Live\Channel;
use App\Models\School;
use App\Timetables\Asking;
use App\Timetables\Listed;
use App\Timetables\OpenSheets;
use App\Timetables\RulerData;
use App\Timetables\Worlds;
use Recess\Slots\Pieces;
use Recess\Time\DateRange;
use Recess\Time\LocalDate;
use Recess\Time\Span;
use Recess\Time\TimeNotValid;
use Recess\Time\Zone;
use Recess\Timetable;

/**
 * Everybody who offers the same, side by side: each day once with its marks and its times, and of each host only which
 * of these times are theirs and what they are. A hundred hosts are a few kilobytes.
 */
final class FindData
{
    /** Hosts of one look; who looks for somebody types a name. */
    public const AT_ONCE = 40;

    /** @return FoundShape as Found in docs/formats/recess.openapi.yaml, the props of web/pages/Find.svelte */
    public static function of(FindAsk $ask, int $now): array
    {
        $school = School::here($ask->pass);
        $zone = $school->timeZone();
        $today = $zone->dateAt($now);
        $open = OpenSheets::all($today);
        $dates = self::dates($ask->from ?: self::soonest($open, $ask->about, $today), $ask->to, $today);
        $found = self::byName(
            array_filter(
                $open,
                static fn(Listed $sheet): bool => $sheet->title === $ask->about &&
                    !$sheet->last->isBefore($dates->first) &&
                    !$dates->last->isBefore($sheet->first) &&
                    Sought::in("{$sheet->hosts[0]['name']} {$sheet->hosts[0]['subject']}", $ask->names),
            ),
        );
        $sheets = array_slice($found, $ask->skip, self::AT_ONCE, true);
        $cores = OpenSheets::cores($sheets);
        $days = [];
        foreach (
            Worlds::ofAll($cores, $dates, $now, $ask->pass === null ? null : Asking::holder($ask->pass))
            as $id => $world
        ) {
            $timetable = Timetable::of($cores[$id], $world);
            foreach ($timetable->pieces as $pieces) {
                $days[$zone->dayAt($pieces->stretch->start)][$id] ??= [$sheets[$id], $timetable];
            }
        }
        ksort($days);

        return [
            'channel' => Channel::times($school),
            'school' => $school->name,
            'office' => $school->phone,
            'zone' => $zone->name,
            'titles' => BoardData::titles($open),
            'about' => $ask->about,
            'from' => (string) $dates->first,
            'to' => (string) $dates->last,
            'names' => $ask->names,
            'skip' => $ask->skip,
            'at_once' => self::AT_ONCE,
            'found' => count($found),
            'days' => array_map(
                static fn(int $day): array => self::day($day, $days[$day], $zone, $now),
                array_keys($days),
            ),
        ];
    }

    /**
     * @param  array<int, Listed>  $sheets
     * @return array<int, Listed> by number, in the order of their hosts' names
     */
    private static function byName(array $sheets): array
    {
        // A stable sort: of one host the sheets stay in the order of their numbers.
        ksort($sheets);
        uasort($sheets, Alphabet::by(static fn(Listed $one): string => $one->hosts[0]['name']));

        return $sheets;
    }

    /**
     * When what somebody looks for begins, where they name no day: conferences are weeks ahead.
     *
     * @param  array<int, Listed>  $open
     */
    private static function soonest(array $open, string $about, LocalDate $today): string
    {
        $firsts = array_map(
            static fn(Listed $sheet): int => $sheet->first->day,
            array_filter($open, static fn(Listed $sheet): bool => $sheet->title === $about),
        );

        return $firsts === [] ? '' : (string) LocalDate::fromDay(max($today->day, min($firsts)));
    }

    private static function dates(string $from, string $to, LocalDate $today): DateRange
    {
        $first = self::date($from) ?? $today;
        $first = $first->isBefore($today) ? $today : $first;
        $last = self::date($to) ?? $first->plusDays(6);
        $last = $last->isBefore($first) ? $first : $last;

        return DateRange::of($first, LocalDate::fromDay(min($last->day, $first->day + BoardData::DAYS - 1)));
    }

    /**
     * @param  array<int, array{Listed, Timetable}>  $sheets  by sheet
     * @return FoundDayShape as FoundDay in docs/formats/recess.openapi.yaml
     */
    private static function day(int $day, array $sheets, Zone $zone, int $now): array
    {
        $pieces = array_map(
            static fn(array $one): array => array_values(
                array_filter(
                    $one[1]->pieces,
                    static fn(Pieces $stretch): bool => $zone->dayAt($stretch->stretch->start) === $day,
                ),
            ),
            $sheets,
        );
        $frame = RulerData::frame(LocalDate::fromDay($day), $zone, array_merge(...array_values($pieces)), $now);
        $times = $hosts = [];
        foreach ($sheets as $id => [$sheet, $timetable]) {
            $states = [];
            foreach ($timetable->offers() as $offer) {
                $states[$offer->slot->start] = $offer->verdict->state->value;
            }
            $stretches = [];
            foreach ($pieces[$id] as $stretch) {
                $stretches[] = [
                    'at' => intdiv($stretch->stretch->start - $frame['left'], 60),
                    'length' => $stretch->stretch->minutes(),
                    'slots' => array_map(static function (Span $slot) use (&$times, $states): array {
                        $key = "$slot->start-$slot->end";
                        $times[$key] ??= [count($times), $slot];

                        return [$times[$key][0], $states[$slot->start]];
                    }, $stretch->slots),
                ];
            }
            $hosts[] = [
                'path' => '/s/' . $sheet->slug,
                'host' => $sheet->hosts[0]['name'],
                'subject' => $sheet->hosts[0]['subject'],
                'stretches' => $stretches,
            ];
        }

        return [
            ...$frame['ruler'],
            'times' => array_map(
                static fn(array $one): array => [
                    'key' => SlotKey::of($one[1]->start),
                    'at' => intdiv($one[1]->start - $frame['left'], 60),
                    'length' => $one[1]->minutes(),
                    'from' => (string) $zone->timeAt($one[1]->start),
                    'until' => (string) $zone->timeAt($one[1]->end),
                    'part' => $zone->timeAt($one[1]->start)->partOfDay()->value,
                ],
                array_values($times),
            ),
            'rows' => $hosts,
        ];
    }

    private static function date(string $text): ?LocalDate
    {
        try {
            return $text === '' ? null : LocalDate::parse($text);
        } catch (TimeNotValid) {
            return null;
        }
    }
}
