<?php

declare(strict_types=1);

namespace App\Line;

use App\Booking\LetGo;
use App\Framework\Contended;
use App\Framework\Undoable;
use App\Models\Booking;
use App\Timetables\Guards;

/** The host takes an offer back that nobody has answered: its time is free at once, and a message that has not gone yet never goes. */
final class TakeOfferBack
{
    public function __construct(private readonly LetGo $letGo) {}

    /** @throws PressedElsewhere when it was answered meanwhile */
    public function __invoke(Booking $booking, int $now): void
    {
        Contended::transaction(function () use ($booking, $now): void {
            Guards::booking($booking->sheet, (string) $booking->pass->email, $booking->student);
            $offer = TimeOffer::live($booking->id, $now) ?? throw PressedElsewhere::because('offer_answered');
            Undoable::last("offer|$offer->id", $now)?->takeBack($now);
            $offer->delete();
            ($this->letGo)($booking->sheet, $offer->keeper);
        });
    }
}
