<?php

declare(strict_types=1);

namespace App\Passes;

use App\Booking\MoveBooking;
use App\Booking\PassRefused;
use App\Booking\Relocation;
use App\Framework\Words;
use App\Models\Booking;
use App\Models\Pass;
use App\Models\SheetKind;

/** A visitor moves a booking before it begins; for some seconds they can take that back (LastChange). */
final class MoveOwn
{
    public function __construct(private readonly MoveBooking $move) {}

    /**
     * @param  int|null  $host  whom else they are content to meet
     *
     * @throws PassRefused when the meeting has begun, is only kept for an address that has not answered, or was asked for: then another time is asked for, too
     */
    public function __invoke(Pass $pass, Booking $booking, int $start, int $now, ?int $host = null): void
    {
        Changeable::ahead($booking, $now);
        Changeable::confirmed($booking);
        if ($booking->sheet->kind === SheetKind::Knock) {
            throw new PassRefused(Words::say('knocks.move_by_asking', ['host' => $booking->host->name]));
        }
        ($this->move)($booking, $start, Relocation::byVisitor($pass, $now), $host);
    }
}
