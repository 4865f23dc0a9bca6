<?php

declare(strict_types=1);

namespace App\Replanning;

use App\Booking\CancelBooking;
use App\Booking\GiveUpSeat;
use App\Booking\NoSeatLeft;
use App\Booking\NotAsFilledIn;
use App\Booking\Permit;
use App\Booking\Reseat;
use App\Booking\TakeSeat;
use App\Framework\Contended;
use App\Live\Announce;
use App\Models\Booking;
use App\Models\Party;
use App\Models\Sheet;
use App\Timetables\Asking;
use App\Timetables\Guards;
use Illuminate\Database\UniqueConstraintViolationException;

/**
 * Somebody of a round is away: their meetings go to other times or colleagues, or are given back, as it was looked at
 * before; all of it, or nothing. Nobody books those times any more.
 */
final class LetBeAway
{
    public function __construct(
        private readonly TakeSeat $takeSeat, private readonly GiveUpSeat $giveUpSeat, private readonly Reseat $reseat, private readonly CancelBooking $cancel,
    ) {
    }

    /**
     * @param  list<Choice>  $choices  one for each meeting that it hits
     * @param  string  $word  to those who lose their time
     *
     * @throws ReplanRefused when it hits others than were looked at, or a time was taken meanwhile
     */
    public function __invoke(Absence $absence, array $choices, string $word): void
    {
        $byBooking = array_column(array_map(static fn (Choice $one): array => [$one->booking, $one], $choices), 1, 0);
        $steads = new Steads($absence);
        try {
            Contended::transaction(function () use ($absence, $byBooking, $steads, $word): void {
                $sheet = $absence->host->sheet ?? throw ReplanRefused::because('not_in_it');
                $this->guard($sheet, $absence, $byBooking, $steads);
                $bookings = $absence->bookings();
                array_diff($bookings->modelKeys(), array_keys($byBooking)) === [] || throw ReplanRefused::because('others_hit');
                $moves = [];
                foreach ($bookings as $booking) {
                    $choice = $byBooking[$booking->id];
                    $to = $choice->sheet === null ? null : $steads->sheet($choice->sheet) ?? throw ReplanRefused::because('not_in_it');
                    $to === null ? ($this->cancel)($booking, Party::Office, $word) : $moves[] = [$booking, $to, (int) $choice->start];
                }
                $this->move($moves, $absence, $word);
                $this->close($sheet, $absence);
            });
        } catch (NoSeatLeft|NotAsFilledIn|UniqueConstraintViolationException) {
            throw ReplanRefused::because('taken_meanwhile');
        }
    }

    /** @param  array<int, Choice>  $choices */
    private function guard(Sheet $sheet, Absence $absence, array $choices, Steads $steads): void
    {
        $sheets = array_filter(array_map(static fn (Choice $one): ?Sheet => $one->sheet === null ? null : $steads->sheet($one->sheet), $choices));
        $people = $absence->bookings()->map(static fn (Booking $one): array => [(string) $one->pass->email, $one->student])->all();
        Guards::meetings([$sheet, ...array_values($sheets)], array_values($people));
    }

    /** @param  list<array{Booking, Sheet, int}>  $moves  all give up their time first, so that they can change places among themselves */
    private function move(array $moves, Absence $absence, string $word): void
    {
        foreach ($moves as [$booking]) {
            [$hold, $seat] = [(int) $booking->hold_id, (int) $booking->seat];
            $booking->update(['hold_id' => null, 'seat' => null]);
            ($this->giveUpSeat)($hold, $seat);
        }
        foreach ($moves as [$booking, $to, $start]) {
            $place = $to->places->firstOrFail();
            $who = Asking::visitor($booking->pass_id, $booking->pass->email, $booking->student, $place->id, $booking);
            [$timetable, $offer] = Permit::of($to, $start, $who, Party::Office, $absence->now);
            $seat = ($this->takeSeat)($to->id, $timetable, $offer->slot);
            if ($to->id !== $booking->sheet_id) {
                $booking->update(['sheet_id' => $to->id, 'place_id' => $place->id, 'link' => null]);
                $booking->setRelation('sheet', $to)->setRelation('place', $place);
            }
            ($this->reseat)($booking, $seat, Party::Office, $word);
        }
    }

    private function close(Sheet $sheet, Absence $absence): void
    {
        foreach ($absence->host->round->pieces() as $pieces) {
            foreach ($pieces->slots as $slot) {
                if ($absence->hits($slot)) {
                    $sheet->closeSlot($slot);
                }
            }
        }
        Announce::sheet($sheet->id);
    }
}
