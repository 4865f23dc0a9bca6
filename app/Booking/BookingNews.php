<?php

declare(strict_types=1);

namespace App\Booking;

use App\Models\Booking;
use App\Models\Party;

/** Raised in the transaction that changes a booking, so that what hangs on it is kept or dropped with the change. */
final readonly class BookingNews
{
    public function __construct(
        public Booking $booking,
        public Occasion $occasion,
        public Party $by,
        /** A word to the other side. */
        public string $note = '',
        /** The instant at which it began before it was moved. */
        public ?int $was = null,
    ) {
    }
}
