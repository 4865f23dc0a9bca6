<?php

declare(strict_types=1);

namespace App\Booking;

use App\Framework\Words;
use App\Models\BookingState;
use App\Models\Instant;
use App\Models\Pass;
use App\Models\Sheet;
use Illuminate\Support\Facades\DB;

/**
 * How much of a sheet stands for addresses that have never answered, from one network. Addresses are made up in no time: so
 * the first few of a network stand where the school asks no answer, the next wait for one, and no more wait at once than some.
 */
final class Unanswered
{
    /**
     * Whether a booking has to wait until its address has answered. To be called inside a transaction that has raised the
     * sheet's guard.
     *
     * @param  string|null  $origin  hash of the network from which it is asked; null where nobody stands behind a network
     * @param  int  $now  seconds since the epoch
     *
     * @throws NotNowFromHere when as many wait already, or there is no address that could answer
     */
    public static function mustAnswer(Sheet $sheet, Pass $pass, ?string $origin, int $now): bool
    {
        if ($pass->confirmed_at !== null) {
            return false;
        }
        $asked = $sheet->host->school->confirm_addresses && $pass->email !== null;
        if ($origin === null) {
            return $asked;
        }
        $standing = array_column(BookingState::standing(), 'value');
        $theirs = array_column(
            DB::select(
                'SELECT bookings.state FROM bookings JOIN passes ON passes.id = bookings.pass_id WHERE bookings.sheet_id = ?' .
                    " AND bookings.origin = ? AND bookings.starts_at > ? AND bookings.state IN ('" .
                    implode("', '", $standing) .
                    "') AND passes.confirmed_at IS NULL",
                [$sheet->id, $origin, Instant::column($now)],
            ),
            'state',
        );
        $kept = count(array_keys($theirs, BookingState::Kept->value, true));
        $must = $asked || count($theirs) - $kept >= config()->integer('recess.unanswered.stand');
        if ($must && ($pass->email === null || $kept >= config()->integer('recess.unanswered.wait'))) {
            throw new NotNowFromHere(
                Words::say($pass->email === null ? 'booking.needs_address' : 'booking.many_wait', [
                    'phone' => $sheet->host->school->phoneOrNone(),
                ]),
            );
        }

        return $must;
    }
}
