<?php

declare(strict_types=1);

namespace App\Day;

use App\Framework\Spell;
use App\Framework\Words;
use App\Line\DayOf;
use App\Models\Booking;
use App\Models\BookingState;
use App\Models\Instant;
use App\Models\Outcome;
use App\Models\Sheet;
use App\Timetables\Asking;
use App\Timetables\Judge;
use App\Timetables\RulerData;
use Recess\Time\DateRange;
use Recess\Time\LocalDate;
use Recess\Time\Span;

/** What became of a sheet's days: how much was offered, booked and met, how long people waited, and by how much meetings ran over. */
final class Figures
{
    private const DAYS = 60;

    /**
     * @param  int  $now  seconds since the epoch
     * @return list<DayFiguresShape> as DayFigures in docs/formats/recess.openapi.yaml; the newest day first
     */
    public static function of(Sheet $sheet, int $now): array
    {
        $zone = $sheet->host->school->timeZone();
        $byDay = $sheet
            ->bookings()
            ->where('state', BookingState::Booked)
            ->where('starts_at', '<=', Instant::column($now))
            ->with('turn')
            ->orderByDesc('starts_at')
            ->get()
            ->groupBy(static fn(Booking $one): int => DayOf::at($one->span()->start, $zone)->date->day)
            ->take(self::DAYS);
        $days = [];
        foreach ($byDay as $day => $bookings) {
            $days[] = self::day(
                $sheet,
                LocalDate::fromDay((int) $day),
                array_values($bookings->sortBy('starts_at')->all()),
                $now,
            );
        }

        return $days;
    }

    /** @return iterable<list<string|LocalDate>> a heading, then a row a day */
    public static function table(Sheet $sheet, int $now): iterable
    {
        yield Words::each('tables', 'date', 'offered', 'booked', 'came', 'did_not_come', 'wait', 'overrun');
        foreach (self::of($sheet, $now) as $day) {
            yield [
                LocalDate::parse((string) $day['date']),
                ...array_map(static fn(string $what): string => (string) ($day[$what] ?? ''), [
                    'offered',
                    'booked',
                    'came',
                    'missed',
                    'wait',
                    'overrun',
                ]),
            ];
        }
    }

    /**
     * @param  list<Booking>  $bookings
     * @return DayFiguresShape
     */
    private static function day(Sheet $sheet, LocalDate $date, array $bookings, int $now): array
    {
        $timetable = Judge::over($sheet, DateRange::day($date), $now, Asking::host());
        $slots = array_merge([], ...array_map(static fn($pieces): array => $pieces->slots, $timetable->pieces));
        $waits = $overruns = [];
        foreach ($bookings as $one) {
            $turn = $one->turn;
            if ($turn?->called_at !== null && $turn->arrived_at !== null) {
                // Whoever comes early waits for their own time, and not for the host.
                $waits[] =
                    max(
                        0,
                        $turn->called_at->getTimestamp() - max($turn->arrived_at->getTimestamp(), $one->span()->start),
                    ) / 60;
            }
            if ($turn?->called_at !== null && $turn->ended_at !== null) {
                $overruns[] =
                    ($turn->ended_at->getTimestamp() - $turn->called_at->getTimestamp() - $one->span()->seconds()) / 60;
            }
        }
        $became = static fn(Outcome $what): int => count(
            array_filter($bookings, static fn(Booking $one): bool => $one->turn?->outcome === $what),
        );

        return [
            'date' => (string) $date,
            'label' => Spell::shortDate($date),
            'offered' => array_sum(array_map(static fn(Span $slot): int => $timetable->capacity($slot)->seats, $slots)),
            'booked' => count($bookings),
            'came' => $became(Outcome::Met),
            'missed' => $became(Outcome::Missed),
            'wait' => self::mean($waits),
            'overrun' => self::mean($overruns),
            'picture' => self::picture($slots, $bookings, $date, $sheet),
        ];
    }

    /** @param  list<float|int>  $minutes */
    private static function mean(array $minutes): ?float
    {
        return $minutes === [] ? null : round(array_sum($minutes) / count($minutes), 1);
    }

    /**
     * The day to scale: what was offered, what was booked, and when people really were in.
     *
     * @param  list<Span>  $slots
     * @param  list<Booking>  $bookings
     * @return array{length: int, marks: list<mixed>, slots: list<array{at: int, length: int, state: string}>, really: list<array{at: int, length: int}>}|null
     */
    private static function picture(array $slots, array $bookings, LocalDate $date, Sheet $sheet): ?array
    {
        $spans = [...$slots, ...array_map(static fn(Booking $one): Span => $one->span(), $bookings)];
        if ($spans === []) {
            return null;
        }
        $zone = $sheet->host->school->timeZone();
        $left = min(array_map(static fn(Span $one): int => $one->start, $spans));
        $left -= ($zone->timeAt($left)->minute % 60) * 60;
        $right = max(array_map(static fn(Span $one): int => $one->end, $spans));
        $right += ((60 - ($zone->timeAt($right)->minute % 60)) % 60) * 60;
        $state = [];
        foreach ($bookings as $one) {
            $state[$one->span()->start] = $one->turn?->outcome->value ?? 'booked';
        }
        $really = [];
        foreach ($bookings as $one) {
            if (
                $one->turn?->called_at !== null &&
                $one->turn->ended_at !== null &&
                $one->turn->ended_at > $one->turn->called_at
            ) {
                $really[] = [
                    'at' => intdiv($one->turn->called_at->getTimestamp() - $left, 60),
                    'length' => max(
                        1,
                        intdiv($one->turn->ended_at->getTimestamp() - $one->turn->called_at->getTimestamp(), 60),
                    ),
                ];
            }
        }

        return [
            'length' => intdiv($right - $left, 60),
            'marks' => RulerData::marks($zone, $left, $right),
            'slots' => array_map(
                static fn(Span $slot): array => [
                    'at' => intdiv($slot->start - $left, 60),
                    'length' => $slot->minutes(),
                    'state' => $state[$slot->start] ?? 'free',
                ],
                $slots,
            ),
            'really' => $really,
        ];
    }
}
