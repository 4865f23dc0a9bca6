<?php

declare(strict_types=1);

namespace App\Line;

use App\Booking\Claim;
use App\Booking\Claimant;
use App\Booking\LetGo;
use App\Booking\NoSeatLeft;
use App\Booking\NotAsFilledIn;
use App\Booking\Permit;
use App\Booking\SeatWish;
use App\Booking\SlotGone;
use App\Booking\TakeSeat;
use App\Framework\Contended;
use App\Framework\Undoable;
use App\Models\Booking;
use App\Models\Instant;
use App\Models\Secret;
use App\Models\StaffMember;
use App\Timetables\Asking;
use App\Timetables\Guards;
use App\Timetables\SheetAtHand;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Str;

/** Keeps another time for somebody and offers it to them; an earlier offer to them is let go. One press of theirs takes it. */
final class OfferTime
{
    /** Seconds for which it is kept at most. */
    private const LASTS = 2 * 86_400;

    public function __construct(private readonly TakeSeat $takeSeat, private readonly LetGo $letGo) {}

    /**
     * @param  int  $start  the instant at which the time begins
     *
     * @throws SlotGone when it cannot be had; nothing is offered
     */
    public function __invoke(StaffMember $by, Booking $booking, int $start, string $word, int $now): TimeOffer
    {
        $sheet = $booking->sheet;
        try {
            return Contended::transaction(function () use ($by, $booking, $sheet, $start, $word, $now): TimeOffer {
                Guards::booking($sheet, (string) $booking->pass->email, $booking->student);
                $sheet = SheetAtHand::held($sheet);
                $earlier = TimeOffer::query()->where('booking_id', $booking->id)->first();
                if ($earlier !== null) {
                    ($this->letGo)($sheet, $earlier->keeper);
                    $earlier->delete();
                }
                $permit = Permit::of($sheet, $start, new Claim(Asking::moving($booking), Claimant::Staff, $now));
                $keeper = Secret::hash(Str::uuid()->toString());
                $until = min($now + self::LASTS, $permit->slot->start);
                $seat = ($this->takeSeat)(
                    $sheet->id,
                    $permit->timetable,
                    $permit->slot,
                    SeatWish::rather($booking->staff_id)->kept($keeper, $until, $booking->pass_id),
                );
                $made = TimeOffer::query()->create([
                    'booking_id' => $booking->id,
                    'staff_id' => $seat->staffId,
                    'starts_at' => Instant::column($seat->span->start),
                    'ends_at' => Instant::column($seat->span->end),
                    'until' => Instant::column($until),
                    'keeper' => $keeper,
                    'word' => $word,
                ]);
                $change = Undoable::made("offer|$made->id", 'offered', $now);
                event(new AnotherTimeOffered($made, $by, $change->key));

                return $made;
            });
        } catch (UniqueConstraintViolationException | NoSeatLeft | NotAsFilledIn) {
            throw SlotGone::of(SheetAtHand::held($sheet), $start, $now, Asking::moving($booking), null);
        }
    }
}
