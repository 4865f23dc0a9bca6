<?php

declare(strict_types=1);

namespace App\Replanning;

use App\Booking\Spot;
use App\Framework\Undoable;
use App\Models\Booking;
use App\Models\Round;
use Illuminate\Support\Collection;

/** What was done to a round at once, for some seconds: so that it can be taken back whole. */
final readonly class Replanned
{
    public static function about(Round $round): string
    {
        return "round|$round->id";
    }

    public static function last(Round $round, int $now): ?Undoable
    {
        return Undoable::last(self::about($round), $now);
    }

    /**
     * @param  Collection<int, Booking>  $bookings  before anything is done to them
     * @return array<int, array<string, mixed>> where each is, and in which state
     */
    public static function spots(Collection $bookings): array
    {
        return $bookings
            ->mapWithKeys(
                static fn(Booking $one): array => [
                    $one->id => Spot::of($one)->toArray() + ['state' => $one->state->value],
                ],
            )
            ->all();
    }
}
