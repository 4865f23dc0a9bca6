<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Models\Booking;
use App\Models\BookingState;
use App\Models\Instant;
use App\Models\Sheet;
use App\Timetables\Asking;
use App\Timetables\Judge;
use App\Timetables\Worlds;
use App\Writing\SheetStatement;
use Illuminate\Database\Eloquent\Collection;
use Recess\Asker;
use Recess\Changes\Booked;
use Recess\Changes\Effect;
use Recess\Changes\Left;
use Recess\Changes\Within;
use Recess\Sheet as CoreSheet;
use Recess\Time\DateRange;
use Recess\Time\Dates;
use Recess\Time\LocalDate;
use Recess\Time\Span;
use Recess\Timetable;

/** What a worksheet, if saved, would do to those who have booked on its sheet. */
final readonly class EditEffect
{
    /** Days after the last booking in which another time is looked for. */
    private const LOOK = 92;

    /** @param  Collection<int, Booking>  $bookings by number */
    private function __construct(
        public Effect $effect,
        public Collection $bookings,
        /** The sheet as it would be, with nobody on it. */
        public Timetable $after,
        public Sheet $sheet,
        /** What the worksheet states; null where the sheet stays as it is and the school's days change around it. */
        public ?SheetStatement $statement,
    ) {}

    /**
     * @param  int  $now  seconds since the epoch
     * @param  Within  $within  how far people are proposed to be moved
     */
    public static function of(
        Sheet $sheet,
        SheetStatement $statement,
        int $now,
        Within $within = Within::SameWeek,
    ): self {
        return self::between($sheet, $statement->onto($sheet), $statement, $now, $within);
    }

    /** What other closed days of the school would do to them. */
    public static function ofClosing(Sheet $sheet, Dates $closedDays, int $now, Within $within = Within::SameWeek): self
    {
        return self::between($sheet, $sheet->toCore()->withClosedDays($closedDays), null, $now, $within);
    }

    private static function between(
        Sheet $sheet,
        CoreSheet $after,
        ?SheetStatement $statement,
        int $now,
        Within $within,
    ): self {
        $bookings = $sheet
            ->bookings()
            ->whereIn('state', BookingState::standing())
            ->where('ends_at', '>', Instant::column($now))
            ->with(['pass', 'place', 'hold'])
            ->orderBy('starts_at')
            ->get()
            ->keyBy('id');
        $timetable = Timetable::of(
            $after,
            Worlds::of(
                $sheet,
                self::dates($after->zone->dateAt($now), $bookings, $sheet),
                $now,
                Asking::host(),
            )->emptied(),
        );
        $booked = $bookings->map(
            static fn(Booking $one): Booked => new Booked(
                $one->id,
                $one->slot(),
                (int) $one->place_id,
                whole: $one->span(),
            ),
        );
        $effect = $timetable->effectOn(array_values($booked->all()), $within);
        // Where people are otherwise is asked for those alone who are to be somewhere at another time.
        $moved = self::moved($effect);
        if ($moved !== []) {
            $known = $booked->map(
                static fn(Booked $one): Booked => isset($moved[$one->id])
                    ? self::known($one, self::asker($sheet, $bookings->findOrFail((int) $one->id), $now))
                    : $one,
            );
            $effect = $timetable->effectOn(array_values($known->all()), $within);
        }

        return new self($effect, $bookings, $timetable, $sheet, $statement);
    }

    /** The sheet as it would be, to whoever has a booking: some are met for longer. */
    public function for(int $booking): Timetable
    {
        $one = $this->bookings->findOrFail($booking);

        return $one->rest() === null
            ? $this->after
            : $this->after->seenBy(self::asker($this->sheet, $one, $this->after->world->now));
    }

    /** @return list<Span> what would be free instead for whoever loses their time */
    public function insteadOf(Booking $booking): array
    {
        [$start, $now] = [$booking->span()->start, $this->after->world->now];

        return Judge::around($start, $this->sheet, $now, Asking::moving($booking), $this->after->sheet)->nearestFree(
            $start,
            Judge::NEAREST,
        );
    }

    public function touchesNobody(): bool
    {
        return $this->effect->otherLength === [] && $this->effect->otherPlace === [] && $this->effect->left === [];
    }

    /** @param  Collection<int, Booking>  $bookings */
    private static function dates(LocalDate $today, Collection $bookings, Sheet $sheet): DateRange
    {
        $zone = $sheet->toCore()->zone;
        $days = $bookings->map(static fn(Booking $one): int => $zone->dayAt($one->span()->start))->all();

        return DateRange::of(
            LocalDate::fromDay(min([$today->day, ...$days]) - 1),
            LocalDate::fromDay(max([$today->day, ...$days]) + self::LOOK),
        );
    }

    /** @return array<int|string, true> by booking */
    private static function moved(Effect $effect): array
    {
        $ids = [
            ...array_map(static fn(array $one): int|string => $one[0]->id, $effect->otherLength),
            ...array_map(static fn(Left $left): int|string => $left->booking->id, $effect->left),
        ];

        return array_fill_keys($ids, true);
    }

    private static function asker(Sheet $sheet, Booking $booking, int $now): Asker
    {
        return Worlds::asker($sheet, Asking::moving($booking)->across(), $now);
    }

    private static function known(Booked $one, Asker $asker): Booked
    {
        return new Booked($one->id, $one->slot, $one->place, $asker->visitor, $asker->student, $one->whole);
    }

    /** Whether there is a choice for everybody whom it touches; somebody may have booked since the writer looked. */
    public function isSettledBy(?Settlement $settlement): bool
    {
        $touched = array_map(static fn(Booked $booked): int => (int) $booked->id, [
            ...array_map(static fn(array $one): Booked => $one[0], $this->effect->otherLength),
            ...$this->effect->otherPlace,
            ...array_map(static fn(Left $left): Booked => $left->booking, $this->effect->left),
        ]);

        return array_diff($touched, array_keys($settlement->choices ?? [])) === [];
    }
}
