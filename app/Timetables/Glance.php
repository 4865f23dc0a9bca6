<?php

declare(strict_types=1);

namespace App\Timetables;

use App\Failures\SlotGone;
use App\Models\Sheet;
use Recess\Offer;
use Recess\Rules\Because;
use Recess\Rules\Reason;
use Recess\Rules\State;
use Recess\Rules\Verdict;
use Recess\Time\Span;
use Recess\Timetable;

/**
 * What of a sheet was taken and free a moment ago, shared by the web server's processes.
 *
 * When a round opens, two of three press too late. They are told so from here, without the work of a booking; whoever
 * may still have a chance goes on to where the database decides. A slot that is taken meanwhile is struck out at
 * once, and what is given back throws the glance away (docs/decisions/0011-rush.md).
 */
final class Glance
{
    /** Seconds until what other processes have given back is seen at the latest. */
    private const LASTS = 10;

    /** Seconds for which a slot stays struck out: longer than any glance that was begun before it was taken. */
    private const STRUCK = 60;

    public static function isKept(Sheet $sheet, int $now): bool
    {
        return ! apcu_enabled() || self::recent($sheet, $now) !== null;
    }

    /** To be called with a timetable for nobody in particular: it is shown to others. */
    public static function keep(SheetTimetable $timetable): void
    {
        $taken = $free = [];
        foreach ($timetable->offers() as $offer) {
            if ($offer->verdict->isFree()) {
                $free[] = [$offer->slot->start, $offer->slot->end];
            } elseif (self::isTaken($offer)) {
                $taken[$offer->slot->start] = true;
            }
        }
        $glance = ['at' => $timetable->now, 'stamp' => $timetable->sheet->stamp, 'taken' => $taken, 'free' => $free];
        apcu_enabled() && apcu_store(self::key($timetable->sheet->id), $glance, self::LASTS);
    }

    /**
     * What to tell whoever wants a slot that is certainly taken; null when it has to be looked at.
     *
     * @param  bool  $lost  when the database has just said so
     */
    public static function refusal(Sheet $sheet, int $start, int $now, bool $lost = false): ?SlotGone
    {
        $glance = self::recent($sheet, $now);
        if ($glance === null || (! $lost && ! isset($glance['taken'][$start]) && ! self::isStruck($sheet, $start, $now))) {
            return null;
        }
        $free = array_filter($glance['free'], static fn (array $slot): bool => $slot[0] !== $start && $slot[0] > $now && ! self::isStruck($sheet, $slot[0], $now));
        $nearest = Timetable::nearest(array_map(static fn (array $slot): Span => Span::of(...$slot), array_values($free)), $start, 2 * SheetTimetable::NEAREST);
        // Or all who come too late for one time would be sent to the same three, to be too late again.
        shuffle($nearest);
        $named = Timetable::nearest(array_slice($nearest, 0, SheetTimetable::NEAREST), $start, SheetTimetable::NEAREST);

        return SlotGone::because(
            Verdict::against([new Reason(Because::NoSeat, State::Taken)]), $start, $named, $sheet->host->school->timeZone(),
        );
    }

    /** Somebody has the slot now; where it has one seat, nobody else can. */
    public static function strike(SheetTimetable $timetable, int $start): void
    {
        $slot = $timetable->slotAt($start);
        $sheet = $timetable->sheet;
        if (apcu_enabled() && $slot !== null && $timetable->seatsOf($slot) === 1 && $sheet->rules->seats === 1 && $sheet->anyOne() === []) {
            apcu_store(self::struck($sheet->id, $start), $timetable->now, self::STRUCK);
        }
    }

    /** A slot was given back, or a seat of it. */
    public static function forget(int $sheet, int $start): void
    {
        apcu_enabled() && apcu_delete([self::key($sheet), self::struck($sheet, $start)]);
    }

    /** @return array{at: int, stamp: int, taken: array<int, true>, free: list<array{int, int}>}|null */
    private static function recent(Sheet $sheet, int $now): ?array
    {
        /** @var array{at: int, stamp: int, taken: array<int, true>, free: list<array{int, int}>}|false $glance */
        $glance = apcu_enabled() ? apcu_fetch(self::key($sheet->id)) : false;

        return $glance !== false && $glance['stamp'] === $sheet->stamp && $now - $glance['at'] < self::LASTS ? $glance : null;
    }

    private static function isStruck(Sheet $sheet, int $start, int $now): bool
    {
        $at = apcu_fetch(self::struck($sheet->id, $start));

        return is_int($at) && $now - $at < self::STRUCK;
    }

    private static function isTaken(Offer $offer): bool
    {
        return array_map(static fn (Reason $reason): Because => $reason->because, $offer->verdict->reasons) === [Because::NoSeat];
    }

    private static function key(int $sheet): string
    {
        return "glance|$sheet";
    }

    private static function struck(int $sheet, int $start): string
    {
        return "struck|$sheet|$start";
    }
}
