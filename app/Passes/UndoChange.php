<?php

declare(strict_types=1);

namespace App\Passes;

use App\Booking\Destination;
use App\Booking\LastChange;
use App\Booking\NoSeatLeft;
use App\Booking\NotAsFilledIn;
use App\Booking\OtherHost;
use App\Booking\PassRefused;
use App\Booking\Relocate;
use App\Booking\Relocation;
use App\Booking\Spot;
use App\Framework\Contended;
use App\Framework\Words;
use App\Models\Booking;
use App\Models\BookingState;
use App\Models\Guest;
use App\Models\Instant;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Facades\DB;

/** Takes a visitor's last change back, as long as nobody has been told of it (LastChange): it is as if it had not been. */
final class UndoChange
{
    public function __construct(private readonly Relocate $relocate)
    {
    }

    /**
     * @param  int  $now  seconds since the epoch
     *
     * @throws PassRefused when it is too late, or somebody was quicker
     */
    public function __invoke(Booking $booking, int $now): void
    {
        try {
            Contended::transaction(function () use ($booking, $now): void {
                Relocate::guard([Destination::slot($booking, $booking->span()->start)]);
                $booking = Booking::query()->findOrFail($booking->id);
                $change = LastChange::of($booking, $now) ?? throw new PassRefused(Words::say('booking.undo_late'));
                match ($change->what) {
                    'given back' => $this->takeAgain($booking, $change, $now),
                    'moved' => $this->moveBack($booking, $change, $now),
                    'guest left' => Guest::query()->whereKey($change->whole('guest'))->update(['left_at' => null]),
                    default => Guest::query()->whereKey($change->whole('guest'))->update(['left_at' => Instant::column($now)]),
                };
                $booking->update(['undo' => null, 'sequence' => $booking->sequence + 1]);
                DB::table('undone')->insert(['change_key' => $change->key, 'at' => Instant::column($now)]);
            });
        } catch (UniqueConstraintViolationException|NoSeatLeft|NotAsFilledIn|OtherHost) {
            throw new PassRefused(Words::say('booking.undo_taken'));
        }
    }

    private function takeAgain(Booking $booking, LastChange $change, int $now): void
    {
        $spot = Spot::from($change->facts['spot'] ?? null) ?? throw new NoSeatLeft;
        $state = BookingState::from(is_string($change->facts['state'] ?? null) ? $change->facts['state'] : 'booked');
        $this->relocate->again($booking, $spot, $state, Relocation::takenBack($now));
    }

    private function moveBack(Booking $booking, LastChange $change, int $now): void
    {
        $spot = Spot::from($change->facts['spot'] ?? null) ?? throw new NoSeatLeft;
        ($this->relocate)([Destination::back($booking, $spot)], Relocation::takenBack($now));
        $booking->refresh();
    }
}
