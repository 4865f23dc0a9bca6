<?php

declare(strict_types=1);

namespace App\Replanning;

use App\Booking\CancelBooking;
use App\Booking\Destination;
use App\Booking\Ending;
use App\Booking\NoSeatLeft;
use App\Booking\NotAsFilledIn;
use App\Booking\Presser;
use App\Booking\Relocate;
use App\Booking\Relocation;
use App\Framework\Contended;
use App\Framework\Undoable;
use App\Live\Announce;
use App\Models\Booking;
use App\Models\Instant;
use App\Models\Party;
use App\Models\Sheet;
use App\Timetables\Guards;
use Illuminate\Database\UniqueConstraintViolationException;

/**
 * Somebody of a round is away: their meetings go to other times or colleagues, or are given back, as it was looked at
 * before; all of it, or nothing. Nobody books those times any more.
 */
final class LetBeAway
{
    public function __construct(private readonly Relocate $relocate, private readonly CancelBooking $cancel) {}

    /**
     * @param  list<Choice>  $choices  one for each meeting that it hits
     * @param  string  $word  to those who lose their time
     *
     * @throws ReplanRefused when it hits others than were looked at, or a time was taken meanwhile
     */
    public function __invoke(Absence $absence, array $choices, string $word): void
    {
        $byBooking = array_column(array_map(static fn(Choice $one): array => [$one->booking, $one], $choices), 1, 0);
        $steads = new Steads($absence);
        try {
            Contended::transaction(function () use ($absence, $byBooking, $steads, $word): void {
                $sheet = $absence->host->sheet ?? throw ReplanRefused::because('not_in_it');
                $this->guard($sheet, $absence, $byBooking, $steads);
                $bookings = $absence->bookings();
                array_diff($bookings->modelKeys(), array_keys($byBooking)) === [] ||
                    throw ReplanRefused::because('others_hit');
                $round = $absence->host->round;
                $change = Undoable::begun(Replanned::about($round), 'away', $absence->now);
                $facts = ['spots' => Replanned::spots($bookings), 'sheet' => $sheet->id];
                $moves = [];
                foreach ($bookings as $booking) {
                    $choice = $byBooking[$booking->id];
                    $to =
                        $choice->sheet === null
                            ? null
                            : $steads->sheet($choice->sheet) ?? throw ReplanRefused::because('not_in_it');
                    $to === null
                        ? ($this->cancel)(
                            $booking,
                            Ending::by(Presser::side(Party::Office), $word)->partOf($change->key),
                        )
                        : ($moves[] = Destination::slot($booking, (int) $choice->start, $to));
                }
                $moves === [] ||
                    ($this->relocate)(
                        $moves,
                        Relocation::by(Presser::side(Party::Office), $word, $absence->now)->partOf($change->key),
                    );
                $change->with($facts + ['closed' => $this->close($sheet, $absence)]);
            });
        } catch (NoSeatLeft | NotAsFilledIn | UniqueConstraintViolationException) {
            throw ReplanRefused::because('taken_meanwhile');
        }
    }

    /** @param  array<int, Choice>  $choices */
    private function guard(Sheet $sheet, Absence $absence, array $choices, Steads $steads): void
    {
        $sheets = array_filter(
            array_map(
                static fn(Choice $one): ?Sheet => $one->sheet === null ? null : $steads->sheet($one->sheet),
                $choices,
            ),
        );
        $people = $absence
            ->bookings()
            ->map(static fn(Booking $one): array => [(string) $one->pass->email, $one->student])
            ->all();
        Guards::meetings([$sheet, ...array_values($sheets)], array_values($people));
    }

    /** @return list<int> when those begin that were open before */
    private function close(Sheet $sheet, Absence $absence): array
    {
        $known = $sheet
            ->slotChanges()
            ->where('closed', true)
            ->pluck('starts_at')
            ->map(static fn(mixed $at): string => (string) $at)
            ->all();
        $closed = [];
        foreach ($absence->host->round->pieces() as $pieces) {
            foreach ($pieces->slots as $slot) {
                if ($absence->hits($slot) && !in_array(Instant::column($slot->start), $known, true)) {
                    $sheet->closeSlot($slot, away: true);
                    $closed[] = $slot->start;
                }
            }
        }
        Announce::sheet($sheet->id);

        return $closed;
    }
}
