<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Framework\Contended;
use App\Models\BookingState;
use App\Models\Instant;
use App\Models\School;
use App\Models\Sheet;
use App\Timetables\Guards;
use Recess\Changes\Within;

/** Sets the school's closed days. Whoever has booked on a day that closes is moved or told, on all sheets, in one go. */
final class CloseDays
{
    public function __construct(private readonly Resettle $resettle) {}

    /**
     * @param  list<array{name: string, first: string, last: string}>  $closedDays  all of them, as they are then
     * @param  int  $now  seconds since the epoch
     *
     * @throws BookingsAffected when that touches a booking for which nothing is settled
     */
    public function __invoke(School $school, array $closedDays, int $now, Settlement $settlement): void
    {
        Contended::transaction(function () use ($school, $closedDays, $now, $settlement): void {
            foreach ($this->sheets($school, $now) as $sheet) {
                Guards::edit($sheet);
            }
            $touched = $this->effects($school, $closedDays, $now, $settlement->within);
            if (
                array_filter($touched, static fn(EditEffect $effect): bool => !$effect->isSettledBy($settlement)) !== []
            ) {
                throw new BookingsAffected($touched, $settlement->within);
            }
            $school->update(['closed_days' => $closedDays]);
            foreach ($touched as $effect) {
                ($this->resettle)($effect->sheet->refresh(), $effect, $settlement);
            }
        });
    }

    /**
     * @param  list<array{name: string, first: string, last: string}>  $closedDays
     * @return list<EditEffect> of the sheets that it touches
     */
    public function effects(School $school, array $closedDays, int $now, Within $within): array
    {
        $then = School::rangesOf($closedDays);
        $effects = array_map(
            static fn(Sheet $sheet): EditEffect => EditEffect::ofClosing($sheet, $then, $now, $within),
            $this->sheets($school, $now),
        );

        return array_values(array_filter($effects, static fn(EditEffect $effect): bool => !$effect->touchesNobody()));
    }

    /** @return list<Sheet> those on which somebody is still to come */
    private function sheets(School $school, int $now): array
    {
        return array_values(
            Sheet::query()
                ->whereHas('host', static fn($host) => $host->where('school_id', $school->id))
                ->whereHas(
                    'bookings',
                    static fn($booking) => $booking
                        ->whereIn('state', BookingState::standing())
                        ->where('ends_at', '>', Instant::column($now)),
                )
                ->with(Sheet::PARTS)
                ->orderBy('id')
                ->get()
                ->all(),
        );
    }
}
