<?php

declare(strict_types=1);

namespace App\Booking;

use App\Framework\Contended;
use App\Models\Booking;
use App\Models\BookingState;
use App\Models\Instant;
use App\Models\LinkMode;
use App\Models\Party;
use App\Models\Pass;
use App\Models\Place;
use App\Models\Sheet;
use App\Models\StaffMember;
use App\Timetables\Asking;
use App\Timetables\Glance;
use App\Timetables\Guards;
use App\Timetables\SheetAtHand;
use App\Video\VideoRooms;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Str;
use Recess\Names\NameKey;

/**
 * Gives a visitor the slot they wish for, or says that it is gone.
 *
 * The rules are asked first, for a kind answer; whether two people get the same seat is decided by the
 * database alone (docs/decisions/0002-holds.md).
 */
final class BookSlot
{
    /** Seconds for which a time is kept for an address that has not answered yet. */
    private const CONFIRM = 1800;

    public function __construct(private readonly TakeSeat $takeSeat, private readonly VideoRooms $videoRooms) {}

    /**
     * @param  int  $now  seconds since the epoch
     *
     * @throws SlotGone when it cannot be had
     * @throws NotAsFilledIn when it cannot be had by them, for a reason on another pass
     * @throws RequestKeyReused when the key was used for another wish
     */
    public function __invoke(Sheet $sheet, BookingWish $wish, int $now): Booking
    {
        $who = Asking::visitor($wish->passId, $wish->email, $wish->student, $wish->placeId)
            ->about($wish->studentId)
            ->keeping($wish->keeper)
            ->interpreted($wish->language);
        try {
            [$booking, $timetable] = Contended::transaction(function () use ($sheet, $wish, $who, $now): array {
                // Whoever else decides for one of these waits here, and then sees this booking.
                Guards::booking($sheet, $wish->email, $wish->student, $wish->language);
                $sheet = SheetAtHand::held($sheet);
                $permit = Permit::of($sheet, $wish->start, new Claim($who, Claimant::of($wish->by), $now));

                return [$this->onSlot($sheet, $permit, $wish), $permit->timetable];
            });
            Glance::strike($sheet, $timetable, $wish->start, $wish->requestKey);

            return $booking;
        } catch (NotAsFilledIn $refusal) {
            return $this->alreadyKept($sheet, $wish) ?? throw $refusal->byLetter($wish->email, $now);
        } catch (UniqueConstraintViolationException | NoSeatLeft) {
            // Whoever was quicker may have been this visitor's own first press.
            return $this->alreadyKept($sheet, $wish) ??
                throw SlotGone::of(SheetAtHand::held($sheet), $wish->start, $now, $who, $wish->hostId);
        }
    }

    private function alreadyKept(Sheet $sheet, BookingWish $wish): ?Booking
    {
        $booking = Booking::query()->where('request_key', $wish->requestKey)->first();
        if ($booking !== null && !hash_equals($booking->request_digest, $wish->digest($sheet->id))) {
            throw new RequestKeyReused();
        }

        return $booking;
    }

    /**
     * Books a slot that is theirs by what was decided before. To be called inside a transaction that has raised the guards of
     * those it decides for.
     *
     * @throws NoInterpreter
     * @throws NoSeatLeft
     * @throws UniqueConstraintViolationException when somebody was quicker
     */
    public function onSlot(Sheet $sheet, Permit $permit, BookingWish $wish): Booking
    {
        [$timetable, $slot] = [$permit->timetable, $permit->slot];
        $seat = ($this->takeSeat)($sheet->id, $timetable, $slot, SeatWish::with($wish->hostId, $wish->keeper));
        $interpreter = $wish->language === null ? null : HoldInterpreter::along($sheet, $wish->language, $seat);
        $now = $timetable->world->now;
        $asked = $sheet->rules->yes('approve') && $wish->by === Party::Visitor;
        $pass = Pass::ofVisitor($wish->passId, $wish->name, $wish->email, $wish->phone, $wish->reads);
        $unconfirmed = $wish->by === Party::Visitor && Unanswered::mustAnswer($sheet, $pass, $wish->origin, $now);
        $state = match (true) {
            $unconfirmed => BookingState::Kept,
            $asked => BookingState::Asked,
            default => BookingState::Booked,
        };
        $place = $sheet->places->firstWhere('id', $wish->placeId) ?? Place::query()->findOrFail($wish->placeId);
        $booking = new Booking([
            'sheet_id' => $sheet->id,
            'staff_id' => $seat->staffId,
            'pass_id' => $pass->id,
            'place_id' => $wish->placeId,
            'hold_id' => $seat->holdId,
            'seat' => $seat->seat,
            'starts_at' => Instant::column($seat->span->start),
            'ends_at' => Instant::column($seat->span->end),
            'student' => $wish->student,
            'student_key' => NameKey::of($wish->student),
            'student_id' => $wish->studentId,
            'answers' => (object) $wish->answers,
            'state' => $state,
            'letter_waits' => $pass->hasAnswered() && Sitting::gathers($wish, $pass, $state, $seat->span->start, $now),
            'held_until' => $asked
                ? Instant::column(min($slot->start, $now + $sheet->rules->whole('asked_hours') * 3600))
                : null,
            'confirm_until' => $unconfirmed ? Instant::column(min($slot->start, $now + self::CONFIRM)) : null,
            'language' => $wish->language,
            'interpreter_id' => $interpreter,
            'made_by' => $wish->by,
            'uid' => $wish->entry->uid ?? Str::uuid()->toString(),
            'sequence' => $wish->entry->sequence ?? 0,
            'maybe' => false,
            'answer_note' => '',
            'cancel_note' => '',
            'cancelled_by' => null,
            'cancelled_by_id' => null,
            'link' => null,
            'called_in_at' => null,
            'request_key' => $wish->requestKey,
            'request_digest' => $wish->digest($sheet->id),
            'origin' => $pass->confirmed_at === null ? $wish->origin : null,
        ]);
        // All that the messages, the pages that are told, and the answer will ask of it is known already.
        $booking->setRelations(['sheet' => $sheet, 'pass' => $pass, 'place' => $place, 'guests' => new Collection()]);
        $booking->setRelation(
            'host',
            $booking->staff_id === $sheet->staff_id
                ? $sheet->host
                : StaffMember::query()->findOrFail($booking->staff_id),
        );
        $booking->save();
        if ($place->link_mode === LinkMode::Each) {
            $booking->update(['link' => $this->videoRooms->linkFor($booking)]);
        }
        event(
            new BookingNews(
                $booking,
                $wish->entry === null ? Occasion::made($booking) : Occasion::Accepted,
                $wish->presser ?? ($wish->by === Party::Visitor ? Presser::pass($pass) : Presser::side($wish->by)),
                $wish->entry->word ?? '',
                told: $wish->told,
            ),
        );

        return $booking;
    }
}
