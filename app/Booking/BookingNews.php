<?php

declare(strict_types=1);

namespace App\Booking;

use App\Models\Booking;
use App\Models\Guest;
use App\Models\StaffMember;
use Recess\Time\Span;

/** Raised in the transaction that changes a booking, so that what hangs on it is kept or dropped with the change. */
final readonly class BookingNews
{
    public function __construct(
        public Booking $booking,
        public Occasion $occasion,
        public Presser $by,
        /** A word to the other side. */
        public string $note = '',
        /** When it was before it was moved. */
        public ?Span $was = null,
        /** Whom it was with before it was moved. */
        public ?StaffMember $wasWith = null,
        /** The key of a change that its visitor can take back for some seconds (LastChange): until then it is told to nobody. */
        public ?string $change = null,
        public Told $told = Told::Each,
        /** Who comes along, or does not any more, where it is about them. */
        public ?Guest $guest = null,
    ) {}
}
