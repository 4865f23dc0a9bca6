<?php

declare(strict_types=1);

namespace App\Booking;

use App\Framework\Contended;
use App\Framework\Undoable;
use App\Framework\Words;
use App\Models\Booking;
use App\Models\BookingState;
use App\Models\Guest;
use App\Models\Instant;
use Illuminate\Database\UniqueConstraintViolationException;

/** Takes the last change of a booking back, as long as nobody has been told of it: it is as if it had not been. */
final class TakeBack
{
    public function __construct(private readonly Relocate $relocate) {}

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
                    'given back' => $this->standAgain($booking, $change, $now),
                    'moved' => ($this->relocate)(
                        [Destination::back($booking, self::spot($change))],
                        Relocation::takenBack($now),
                    ),
                    'guest left' => Guest::query()
                        ->whereKey($change->whole('guest'))
                        ->update(['left_at' => null]),
                    default => Guest::query()
                        ->whereKey($change->whole('guest'))
                        ->update(['left_at' => Instant::column($now)]),
                };
                Booking::query()->whereKey($booking->id)->increment('sequence');
                $change->takeBack($now);
            });
        } catch (UniqueConstraintViolationException | NoSeatLeft | NotAsFilledIn | OtherHost) {
            throw new PassRefused(Words::say('booking.undo_taken'));
        }
    }

    private function standAgain(Booking $booking, Undoable $change, int $now): void
    {
        $state =
            BookingState::tryFrom(is_string($change->facts['state'] ?? null) ? $change->facts['state'] : '') ??
            BookingState::Booked;
        $this->relocate->again($booking, self::spot($change), $state, Relocation::takenBack($now));
    }

    private static function spot(Undoable $change): Spot
    {
        return Spot::from($change->facts['spot'] ?? null) ?? throw new NoSeatLeft();
    }
}
