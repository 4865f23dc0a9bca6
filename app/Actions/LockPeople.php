<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Booking;
use Illuminate\Support\Facades\DB;

/**
 * Makes two bookings for the same visitor or student wait for one another, on whichever sheets, so that the second
 * is judged with the first in sight. To be called first in a transaction.
 */
final class LockPeople
{
    public function __invoke(string $email, string $student): void
    {
        $digests = array_map(static fn (string $who): string => hash('sha256', $who), array_filter([
            $email === '' ? '' : 'visitor|'.mb_strtolower($email),
            $student === '' ? '' : 'student|'.Booking::studentKey($student),
        ]));
        // In one order, or two of them wait for each other.
        sort($digests);
        if ($digests !== []) {
            // Inserting what is there already takes the row's lock, which is what this is for.
            DB::table('booking_people')->upsert(array_map(static fn (string $digest): array => ['digest' => $digest], $digests), ['digest'], ['digest']);
        }
    }
}
