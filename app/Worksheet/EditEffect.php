<?php

declare(strict_types=1);

namespace App\Worksheet;

use App\Actions\PlaceStatement;
use App\Actions\Settlement;
use App\Actions\SheetStatement;
use App\Models\Booking;
use App\Models\BookingState;
use App\Models\Sheet;
use App\Timetables\Onlooker;
use App\Timetables\SheetTimetable;
use Illuminate\Database\Eloquent\Collection;
use Recess\Changes\Booked;
use Recess\Changes\Edit;
use Recess\Changes\Effect;
use Recess\Changes\Left;
use Recess\Offer;
use Recess\Rules\Because;
use Recess\Rules\Reason;
use Recess\Time\Span;

/** What a worksheet, if saved, would do to those who have booked on its sheet. */
final readonly class EditEffect
{
    private const CANNOT = [Because::Past, Because::HostBusy, Because::SlotClosed];

    /** @param  Collection<int, Booking>  $bookings by number */
    private function __construct(
        public Effect $effect,
        public Collection $bookings,
        public SheetTimetable $after,
    ) {
    }

    /** @param  Sheet  $after  as it would be; see PreviewSheet */
    public static function of(Sheet $sheet, Sheet $after, SheetStatement $statement, int $now): self
    {
        $bookings = $sheet->bookings()->whereIn('state', [BookingState::Booked, BookingState::Asked])
            ->where('ends_at', '>', gmdate('Y-m-d H:i:s', $now))->with(['pass', 'place'])->orderBy('starts_at')->get()->keyBy('id');
        $timetable = new SheetTimetable($after, $now, emptied: true);
        $booked = array_flip($bookings->map(static fn (Booking $booking): int => $booking->span()->start)->all());
        $slots = array_values(array_map(
            static fn (Offer $offer): Span => $offer->slot,
            array_filter($timetable->offers(), static fn (Offer $offer): bool => isset($booked[$offer->slot->start])
                || array_filter($offer->verdict->reasons, static fn (Reason $reason): bool => in_array($reason->because, self::CANNOT, true)) === []),
        ));
        $places = array_map(static fn (PlaceStatement $place): string => (string) $place->id, $statement->places);

        return new self(Edit::effect(array_values($bookings->map(static fn (Booking $booking): Booked => new Booked(
            $booking->id, $booking->span(), (string) $booking->place_id, self::elsewhere($sheet, $booking, $now),
        ))->all()), $slots, $places, $statement->rules->seats), $bookings, $timetable);
    }

    /** @return list<Span> when the visitor or the student is in another meeting */
    private static function elsewhere(Sheet $sheet, Booking $booking, int $now): array
    {
        $known = Onlooker::of($sheet, $booking->pass_id, $booking->pass->email, $booking->student, $booking->place_id, $now, $booking);

        return array_map(static fn ($one): Span => $one->span, [...$known->visitor->engagements, ...$known->student->engagements]);
    }

    /** Whether there is a choice for everybody whom it touches; somebody may have booked since the writer looked. */
    public function isSettledBy(?Settlement $settlement): bool
    {
        $touched = array_map(static fn (Booked $booked): int => (int) $booked->id, [
            ...array_map(static fn (array $one): Booked => $one[0], $this->effect->otherLength),
            ...$this->effect->otherPlace,
            ...array_map(static fn (Left $left): Booked => $left->booking, $this->effect->left),
        ]);

        return array_diff($touched, array_keys($settlement->choices ?? [])) === [];
    }
}
