<?php

declare(strict_types=1);

namespace App\Line;

use App\Booking\BookingNews;
use App\Booking\Occasion;
use App\Framework\Contended;
use App\Models\Booking;
use App\Models\BookingState;
use App\Models\Instant;
use App\Models\Party;
use App\Models\StaffMember;
use App\Timetables\Guards;

/** Two who agree change their times: each with all that is theirs, on the same sheet, with the same host. */
final class SwapTurns
{
    /** @throws PressedElsewhere when it cannot be; both have their times as they were */
    public function __invoke(StaffMember $host, int $revision, Booking $one, Booking $other, int $now): void
    {
        Contended::transaction(function () use ($host, $revision, $one, $other, $now): void {
            Guards::sheet($one->sheet);
            Press::at($host, $revision, 'swap', $now, function (Press $press) use ($one, $other): void {
                [$one, $other] = [$press->booking(TurnKey::of($one)), $press->booking(TurnKey::of($other))];
                $this->allow($one, $other);
                $press->swapped($one, $other);
                self::exchange($one, $other);
                foreach ([[$one, $other->span()], [$other, $one->span()]] as [$booking, $was]) {
                    event(new BookingNews($booking, Occasion::Moved, Party::Host, '', $was, change: $press->key));
                }
            });
        });
    }

    /** To be called inside a transaction that has raised the sheet's guards. */
    public static function exchange(Booking $one, Booking $other): void
    {
        [$first, $second] = [[$one->span(), (int) $one->hold_id, (int) $one->seat, $one->staff_id], [$other->span(), (int) $other->hold_id, (int) $other->seat, $other->staff_id]];
        // A seat has one booking: for a moment one of them has none.
        $one->update(['hold_id' => null, 'seat' => null]);
        $other->moveTo(...$first);
        $one->moveTo(...$second);
    }

    private function allow(Booking $one, Booking $other): void
    {
        match (true) {
            $one->sheet_id !== $other->sheet_id || $one->span()->seconds() !== $other->span()->seconds() => throw PressedElsewhere::because('swap_unlike'),
            $one->turn?->called_at !== null || $other->turn?->called_at !== null => throw PressedElsewhere::because('in_already'),
            $this->isAway($one, $other) || $this->isAway($other, $one) => throw PressedElsewhere::because('swap_clash'),
            default => null,
        };
    }

    /** Whether somebody is in another meeting, or their place is not there, at the time that would be theirs. */
    private function isAway(Booking $who, Booking $at): bool
    {
        $there = $who->sheet->toCore()->placesAt($at->span());

        return ($there !== [] && ! array_key_exists($who->place_id, $there))
            || Booking::query()->where('pass_id', $who->pass_id)->whereKeyNot([$who->id, $at->id])->whereIn('state', BookingState::standing())
                ->where('starts_at', '<', Instant::column($at->span()->end))->where('ends_at', '>', Instant::column($at->span()->start))->exists();
    }
}
