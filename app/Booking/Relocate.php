<?php

declare(strict_types=1);

namespace App\Booking;

use App\Framework\Contended;
use App\Framework\Undoable;
use App\Models\Booking;
use App\Models\BookingState;
use App\Models\Instant;
use App\Models\LinkMode;
use App\Models\Party;
use App\Models\Place;
use App\Models\PlaceKind;
use App\Models\StaffMember;
use App\Timetables\Asking;
use App\Timetables\Guards;
use App\Timetables\Interpreters;
use App\Timetables\SheetAtHand;
use App\Video\VideoRooms;
use Illuminate\Database\UniqueConstraintViolationException;
use Recess\Time\Span;

/**
 * The one way in which a standing meeting comes to be at another time, with somebody else or at another place; its inverse is
 * itself. One or many at once: all give up their time first, so that they can change places among themselves, and where one of
 * them cannot have its new time, all are where they were (docs/decisions/0030-one-mover.md).
 */
final class Relocate
{
    public function __construct(
        private readonly TakeSeat $takeSeat,
        private readonly GiveUpSeat $giveUpSeat,
        private readonly VideoRooms $videoRooms,
        private readonly LineHold $line,
    ) {}

    /**
     * @param  list<Destination>  $moves
     * @return list<Booking> in the same order
     *
     * @throws NoSeatLeft when one cannot be had, or is given back by now
     * @throws NoInterpreter when one is free, and nobody who speaks their language is
     * @throws NotAsFilledIn when one cannot be had by them, for a reason on another pass
     * @throws OtherHost when one can be had with somebody else alone
     * @throws UniqueConstraintViolationException when somebody was quicker
     */
    public function __invoke(array $moves, Relocation $how): array
    {
        return Contended::transaction(function () use ($moves, $how): array {
            self::guard($moves);
            $legs = array_map(fn(Destination $to): array => $this->leave($to), $moves);
            // What was done to them before cannot be taken back any more, but as a part of this.
            Undoable::pass(
                array_map(static fn(Destination $to): string => LastChange::about($to->booking->id), $moves),
                $how->now,
            );
            foreach ($legs as [$booking, $to]) {
                $this->arrive($booking, $to, $how);
            }
            // Told once all have arrived: what one left another may have, and only what is free then is for those who wait.
            foreach ($legs as [$booking, , $was, $span]) {
                $change = !$how->isUndoable
                    ? null
                    : Undoable::made(LastChange::about($booking->id), 'moved', $how->now, [
                        'spot' => $was->toArray(),
                        'by' => $how->presser->side === Party::Visitor ? '' : LastChange::BY_STAFF,
                    ]);
                if ($how->told !== Told::Nobody) {
                    event(
                        new BookingNews(
                            $booking,
                            Occasion::Moved,
                            $how->presser,
                            $how->note,
                            $span,
                            StaffMember::query()->findOrFail($was->host),
                            $change->key ?? $how->change,
                            $how->told,
                        ),
                    );
                }
            }

            return array_column($legs, 0);
        });
    }

    /** A meeting that was given back stands again, where it was. To be called inside a transaction that has raised its guards. */
    public function again(Booking $booking, Spot $spot, BookingState $state, Relocation $how): void
    {
        $booking->fill(['state' => $state, 'cancelled_by' => null, 'cancelled_by_id' => null, 'cancel_note' => '']);
        $this->arrive($booking, Destination::back($booking, $spot), $how);
    }

    /** Its time and host stay, its place is another. To be called inside a transaction that has raised its guards. */
    public function toPlace(Booking $booking, Place $place, Presser $by, string $note): void
    {
        $this->putAt($booking, $place);
        $booking->fill(['sequence' => $booking->sequence + 1])->save();
        event(new BookingNews($booking, Occasion::PlaceChanged, $by, $note));
    }

    /**
     * Raises the guards of all whom it touches.
     *
     * @param  list<Destination>  $moves
     */
    public static function guard(array $moves): void
    {
        $sheets = $people = $interpreters = [];
        foreach ($moves as $to) {
            $booking = $to->booking;
            array_push($sheets, $booking->sheet, $to->sheet);
            $people[] = [(string) $booking->pass->email, $booking->student];
            array_push($interpreters, ...Interpreters::at($to->sheet, $booking->language));
        }
        Guards::meetings($sheets, $people, $interpreters);
    }

    /** @return array{Booking, Destination, Spot, Span} as it is now without its time, and where it was */
    private function leave(Destination $to): array
    {
        $booking = Booking::query()->findOrFail($to->booking->id);
        if (!$booking->stands() || $booking->hold_id === null) {
            throw new NoSeatLeft();
        }
        $leg = [$booking, $to, Spot::of($booking), $booking->span()];
        $this->giveUpSeat->ofBooking($booking);

        return $leg;
    }

    private function arrive(Booking $booking, Destination $to, Relocation $how): void
    {
        $sheet = SheetAtHand::held($to->sheet);
        $was = $booking->staff_id;
        if ($sheet->id !== $booking->sheet_id) {
            $booking->fill(['sheet_id' => $sheet->id]);
            $this->putAt($booking, $sheet->places->firstOrFail());
        }
        $booking->setRelation('sheet', $sheet);
        if ($to->back !== null) {
            // Those who wait had it for as long as this could be taken back.
            $this->line->release($sheet, $to->start, $to->back->host, $how->now);
        }
        $core = $sheet->toCore();
        $as = $to->hour === null || $core->hasSlot($to->hour) ? null : $core->only($to->hour);
        $permit = Permit::of($sheet, $to->start, new Claim(Asking::moving($booking), $how->by, $how->now), $as);
        if ($to->host !== null && $permit->timetable->hostsFor($permit->slot, $to->host) === []) {
            throw OtherHost::of($permit->timetable->hostsFor($permit->slot), $permit->slot->start, $core->zone);
        }
        $wish = $to->host === null ? SeatWish::rather($was) : SeatWish::with($to->host);
        $seat = ($this->takeSeat)($sheet->id, $permit->timetable, $permit->slot, $wish);
        $interpreter =
            $booking->language === null
                ? null
                : HoldInterpreter::along($sheet, $booking->language, $seat, $booking->interpreter_id);
        $booking->fill([
            'hold_id' => $seat->holdId,
            'seat' => $seat->seat,
            'staff_id' => $seat->staffId,
            'interpreter_id' => $interpreter,
            'starts_at' => Instant::column($seat->span->start),
            'ends_at' => Instant::column($seat->span->end),
            // A wish stays a wish, and is not held beyond its time.
            'held_until' =>
                $booking->held_until === null
                    ? null
                    : Instant::column(min($booking->held_until->getTimestamp(), $permit->slot->start)),
            'sequence' => $booking->sequence + 1,
        ]);
        $booking
            ->unsetRelation('hold')
            ->unsetRelation('interpreter')
            ->setRelation('host', StaffMember::query()->findOrFail($seat->staffId));
        $to->back === null ? $this->follow($booking, $seat->staffId !== $was) : $this->restore($booking, $to->back);
        $booking->save();
    }

    /**
     * A time that is not at the place they had is at the first that it can be at; the message names it. Where somebody else is met
     * there, what was for one person's eyes stays with that person, and so does their link.
     */
    private function follow(Booking $booking, bool $withSomebodyElse): void
    {
        $there = $booking->sheet->toCore()->placesAt($booking->span());
        if ($there !== [] && !array_key_exists($booking->place_id, $there)) {
            $this->putAt($booking, Place::query()->findOrFail(array_key_first($there)));
        }
        if ($withSomebodyElse) {
            $booking->fill([
                'answers' => (object) array_diff_key(
                    $booking->answers,
                    array_flip($booking->sheet->questions->private()),
                ),
                'link' => $booking->place->link_mode === LinkMode::Each ? $this->videoRooms->linkFor($booking) : null,
            ]);
        }
    }

    private function restore(Booking $booking, Spot $spot): void
    {
        $booking
            ->fill([
                'place_id' => $spot->place,
                'link' => $spot->link,
                'answers' => (object) ($spot->answers ?? $booking->answers),
                'held_until' => $spot->held === null ? null : Instant::column($spot->held),
            ])
            ->unsetRelation('place');
    }

    private function putAt(Booking $booking, Place $place): void
    {
        $booking->fill(['place_id' => $place->id, 'link' => null])->setRelation('place', $place);
        if ($place->link_mode === LinkMode::Each && $place->kind === PlaceKind::Video) {
            $booking->fill(['link' => $this->videoRooms->linkFor($booking)]);
        }
    }
}
