<?php

declare(strict_types=1);

namespace App\Timetables;

use App\Framework\AtHand;
use App\Models\Audience;
use App\Models\Sheet;
use Recess\Offer;
use Recess\Rules\Because;
use Recess\Rules\Reason;
use Recess\Rules\State;
use Recess\Rules\Verdict;
use Recess\Time\Span;
use Recess\Time\Zone;
use Recess\Timetable;

/**
 * What of a sheet was taken and free a moment ago, shared by the web server's processes.
 *
 * When a round opens, two of three press too late. They are told so from here, without a question to the database;
 * whoever may still have a chance goes on to where the database decides. A slot that is taken meanwhile is struck out
 * at once, and what is given back throws the glance away (docs/decisions/0011-rush.md).
 */
final readonly class Glance
{
    /** Seconds until what other processes have given back is seen at the latest. */
    private const LASTS = 10;

    /** Seconds for which a slot stays struck out: longer than any glance that was begun before it was taken. */
    private const STRUCK = 60;

    /** Seconds for which it is known who took a slot. */
    private const HOLDER = 600;

    /**
     * @param  array<int, true>  $taken  by the start of the slot
     * @param  list<array{int, int}>  $free
     */
    private function __construct(
        private int $sheet,
        private int $stamp,
        private int $at,
        public Zone $zone,
        private array $taken,
        private array $free,
    ) {}

    /** The glance at a sheet, when there is one and the sheet is as it was. */
    public static function at(int $sheet, int $stamp, int $now): ?self
    {
        $glance = AtHand::get(self::key($sheet));

        return $glance instanceof self && $glance->stamp === $stamp && $now - $glance->at < self::LASTS
            ? $glance
            : null;
    }

    /** To be called with a timetable for nobody in particular: it is shown to others. */
    public static function keep(Sheet $sheet, Timetable $timetable): void
    {
        // What is for some alone is said to nobody who has not shown who they are.
        if ($sheet->audience !== Audience::Anyone) {
            return;
        }
        $taken = $free = [];
        foreach ($timetable->offers() as $offer) {
            if ($offer->verdict->isFree()) {
                $free[] = [$offer->slot->start, $offer->slot->end];
            } elseif (self::isTaken($offer)) {
                $taken[$offer->slot->start] = true;
            }
        }
        $glance = new self($sheet->id, $sheet->stamp, $timetable->world->now, $timetable->sheet->zone, $taken, $free);
        AtHand::put(self::key($sheet->id), $glance, self::LASTS);
    }

    /** Whether somebody has all of the slot. */
    public function hasTaken(int $start, int $now): bool
    {
        return isset($this->taken[$start]) || $this->isStruck($start, $now);
    }

    /** That somebody has a slot, as the judge would say it. */
    public static function taken(): Verdict
    {
        return Verdict::against([new Reason(Because::NoSeat, State::Taken)]);
    }

    /** @return list<Span> what was free near a slot a moment ago, the closest first */
    public function nearestFree(int $start, int $now): array
    {
        $free = array_filter(
            $this->free,
            fn(array $slot): bool => $slot[0] !== $start && $slot[0] > $now && !$this->isStruck($slot[0], $now),
        );
        $nearest = Timetable::nearest(
            array_map(static fn(array $slot): Span => Span::of(...$slot), array_values($free)),
            $start,
            2 * Judge::NEAREST,
        );
        // Or all who come too late for one time would be sent to the same three, to be too late again.
        shuffle($nearest);

        return Timetable::nearest(array_slice($nearest, 0, Judge::NEAREST), $start, Judge::NEAREST);
    }

    /**
     * Somebody has the slot now; where it has one seat, nobody else can.
     *
     * @param  string  $holder  the key of the press that took it, or the hash of the key under which it is kept
     * @param  int|null  $until  the instant until which it is only kept
     */
    public static function strike(
        Sheet $sheet,
        Timetable $timetable,
        int $start,
        string $holder,
        ?int $until = null,
    ): void {
        $slot = $timetable->slotAt($start);
        if (
            AtHand::isThere() &&
            $sheet->audience === Audience::Anyone &&
            $slot !== null &&
            $timetable->capacity($slot)->seats === 1
        ) {
            foreach ($timetable->row($slot) as $one) {
                AtHand::put(
                    self::struck($sheet->id, $one->start),
                    [$timetable->world->now, $holder, $until ?? PHP_INT_MAX],
                    self::HOLDER,
                );
            }
        }
    }

    /** Who took the slot last, as strike() was told; null when that is not known here. */
    public static function holder(int $sheet, int $start): ?string
    {
        return self::strokeAt($sheet, $start)[1] ?? null;
    }

    /** A slot was given back, or a seat of it. */
    public static function forget(int $sheet, int $start): void
    {
        AtHand::forget(self::key($sheet), self::struck($sheet, $start));
    }

    private function isStruck(int $start, int $now): bool
    {
        [$at, , $until] = self::strokeAt($this->sheet, $start) ?? [0, '', 0];

        return $now - $at < self::STRUCK && $now < $until;
    }

    /** @return array{int, string, int}|null when, by whom, until when */
    private static function strokeAt(int $sheet, int $start): ?array
    {
        /** @var array{int, string, int}|null $stroke */
        $stroke = AtHand::get(self::struck($sheet, $start));

        return $stroke;
    }

    private static function isTaken(Offer $offer): bool
    {
        return array_map(static fn(Reason $reason): Because => $reason->because, $offer->verdict->reasons) === [
            Because::NoSeat,
        ];
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
