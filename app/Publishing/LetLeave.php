<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Accounts\HasLeft;
use App\Booking\CancelBooking;
use App\Booking\Destination;
use App\Booking\Ending;
use App\Booking\InterpretNoMore;
use App\Booking\NoSeatLeft;
use App\Booking\NotAsFilledIn;
use App\Booking\OtherHost;
use App\Booking\Presser;
use App\Booking\Relocate;
use App\Booking\Relocation;
use App\Framework\Contended;
use App\Knocks\EndKnocks;
use App\Models\Booking;
use App\Models\BookingState;
use App\Models\Hold;
use App\Models\Instant;
use App\Models\Party;
use App\Models\Sheet;
use App\Models\SheetHost;
use App\Models\SheetState;
use App\Models\StaffMember;
use App\Timetables\Guards;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Str;

/**
 * Somebody leaves. Their sheets go to a colleague, with the meetings that the colleague has time for; all others are
 * cancelled, and everybody is told. Their name stays on what was; they do not come in any more.
 */
final class LetLeave
{
    public function __construct(
        private readonly Relocate $relocate,
        private readonly CancelBooking $cancel,
        private readonly EndKnocks $endKnocks,
        private readonly InterpretNoMore $interpretNoMore,
    ) {}

    /**
     * @param  StaffMember|null  $to  who takes the sheets; null when they are closed
     * @param  string  $word  to those who have booked
     * @param  int  $now  seconds since the epoch
     * @return array{sheets: int, moved: int, cancelled: int}
     */
    public function __invoke(StaffMember $staff, ?StaffMember $to, string $word, int $now): array
    {
        $done = ['sheets' => 0, 'moved' => 0, 'cancelled' => 0];
        // Sheet by sheet: a school does not wait for one long transaction, and begun anew it goes on where it stopped.
        foreach (Sheet::query()->where('staff_id', $staff->id)->orderBy('id')->get() as $sheet) {
            $done['sheets'] += $this->sheet($sheet, $to, $now) ? 1 : 0;
        }
        ($this->endKnocks)($staff, $word);
        foreach (self::meetings($staff, $now) as $booking) {
            // Whoever has the sheet now: the colleague who takes it, or the one on whose sheet they stood in.
            $taker = $booking->sheet->staff_id === $staff->id ? null : $booking->sheet->host;
            if ($taker !== null && $this->moves($booking, $taker, $word, $now)) {
                $done['moved']++;
            } else {
                ($this->cancel)($booking, Ending::by(Presser::side(Party::Office), $word));
                $done['cancelled']++;
            }
        }
        // Left first, so that they are not asked to interpret again.
        $this->goes($staff, $now);
        ($this->interpretNoMore)($staff, $now);

        return $done;
    }

    /** @return list<Booking> those with them, still to come */
    public static function meetings(StaffMember $staff, int $now): array
    {
        return array_values(
            Booking::query()
                ->where('staff_id', $staff->id)
                ->whereIn('state', BookingState::standing())
                ->where('ends_at', '>', Instant::column($now))
                ->with(['sheet.host.school', 'pass', 'host'])
                ->orderBy('starts_at')
                ->get()
                ->all(),
        );
    }

    /** @return bool whether there was anything to do with it */
    private function sheet(Sheet $sheet, ?StaffMember $to, int $now): bool
    {
        return Contended::transaction(static function () use ($sheet, $to, $now): bool {
            Guards::edit($sheet);
            $open = $sheet->state !== SheetState::Closed && $sheet->put_away_at === null;
            if ($to === null) {
                $closed = $sheet->state === SheetState::Draft ? [] : ['state' => SheetState::Closed];
                $sheet->update(['put_away_at' => $sheet->put_away_at ?? Instant::column($now)] + $closed);
            } else {
                $sheet->colleagues()->where('staff_id', $to->id)->delete();
                $sheet->update(['staff_id' => $to->id, 'version' => $sheet->version + 1]);
            }

            return $open;
        });
    }

    /** Whether the taker has time, and so has who interprets. */
    private function moves(Booking $booking, StaffMember $to, string $word, int $now): bool
    {
        if ($to->left_at !== null) {
            return false;
        }
        try {
            ($this->relocate)(
                [Destination::hour($booking, $booking->slot(), $booking->sheet, $to->id)],
                Relocation::handedOver($word, $now),
            );

            return true;
        } catch (UniqueConstraintViolationException | NoSeatLeft | NotAsFilledIn | OtherHost) {
            return false;
        }
    }

    private function goes(StaffMember $staff, int $now): void
    {
        Contended::transaction(static function () use ($staff, $now): void {
            // Their time alongside others is nobody's any more; those meetings stand.
            Hold::query()
                ->where('staff_id', $staff->id)
                ->whereNotNull('with_hold_id')
                ->where('ends_at', '>', Instant::column($now))
                ->whereNotIn(
                    'with_hold_id',
                    Booking::query()->where('interpreter_id', $staff->id)->whereNotNull('hold_id')->select('hold_id'),
                )
                ->delete();
            SheetHost::query()->where('staff_id', $staff->id)->delete();
            // What else is theirs goes from the rooms that keep it.
            event(new HasLeft($staff));
            $staff
                ->forceFill([
                    'left_at' => Instant::column($now),
                    'office' => false,
                    'reader' => false,
                    'password' => Str::random(60),
                    'totp_secret' => null,
                    'totp_at' => null,
                    'feed_hash' => null,
                    'picture' => null,
                ])
                ->save();
        });
    }
}
