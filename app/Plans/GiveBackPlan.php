<?php

declare(strict_types=1);

namespace App\Plans;

use App\Booking\CancelBooking;
use App\Booking\Ending;
use App\Booking\Presser;
use App\Framework\Contended;
use App\Models\Booking;
use App\Models\Pass;
use App\Models\Round;
use App\Models\Sheet;
use App\Timetables\Guards;

/** A family cancels all that it has booked of a round and may still change, in one transaction. */
final class GiveBackPlan
{
    public function __construct(private readonly CancelBooking $cancel) {}

    /** @param  int  $now  seconds since the epoch */
    public function __invoke(Round $round, Pass $pass, string $word, int $now): void
    {
        Contended::transaction(function () use ($round, $pass, $word, $now): void {
            $bookings = array_values(FindPlan::movable($round, $pass, $now)->get()->all());
            if ($bookings === []) {
                return;
            }
            Guards::bookings(
                array_map(static fn(Booking $one): Sheet => $one->sheet, $bookings),
                (string) $pass->email,
                array_map(static fn(Booking $one): string => $one->student, $bookings),
            );
            $ending = Ending::by(Presser::pass($pass), $word)->ofPlan();
            $off = array_map(fn(Booking $one): Booking => ($this->cancel)($one, $ending), $bookings);
            event(new PlanGivenBack($round, $pass, $off, $word));
        });
    }
}
