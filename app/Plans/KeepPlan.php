<?php

declare(strict_types=1);

namespace App\Plans;

use App\Booking\BookingWish;
use App\Booking\BookSlot;
use App\Booking\Claim;
use App\Booking\Claimant;
use App\Booking\Destination;
use App\Booking\NoInterpreter;
use App\Booking\NoSeatLeft;
use App\Booking\NotAsFilledIn;
use App\Booking\OtherHost;
use App\Booking\Permit;
use App\Booking\Relocate;
use App\Booking\Relocation;
use App\Booking\RequestKeyReused;
use App\Booking\Told;
use App\Framework\Contended;
use App\Models\Booking;
use App\Models\Pass;
use App\Models\Round;
use App\Models\Sheet;
use App\Timetables\Asking;
use App\Timetables\Glance;
use App\Timetables\Guards;
use App\Timetables\SheetAtHand;
use Illuminate\Database\UniqueConstraintViolationException;
use Ramsey\Uuid\Uuid;
use Recess\Timetable;

/** Books all meetings of a family's plan in one transaction, or none: by the same judge and the same holds as single ones. */
final class KeepPlan
{
    public function __construct(private readonly BookSlot $book, private readonly Relocate $relocate) {}

    /**
     * @param  int  $now  seconds since the epoch
     *
     * @throws PlanGone when one of them cannot be had any more; then those that stood are where they were
     * @throws NotAsFilledIn when one cannot be had by them, for a reason on another pass
     * @throws RequestKeyReused when the key was used for another plan
     */
    public function __invoke(Round $round, PlanWish $wish, int $now): Pass
    {
        $sheets = array_map(static fn(Pick $pick): Sheet => $pick->sheet, $wish->picks);
        $students = array_map(static fn(Pick $pick): string => $pick->student, $wish->picks);
        /** @var list<array{Sheet, Timetable, int}> $judged */
        $judged = [];
        $pass = Contended::transaction(function () use ($round, $wish, $sheets, $students, $now, &$judged): Pass {
            Guards::bookings(
                [...$sheets, ...array_map(static fn(Destination $to): Sheet => $to->sheet, $wish->moves)],
                $wish->holder->email,
                [...$students, ...array_map(static fn(Destination $to): string => $to->booking->student, $wish->moves)],
                $wish->language,
            );
            $known = $this->alreadyKept($wish);
            if ($known !== null) {
                return $known;
            }
            $pass = $wish->holder->pass();
            $judged = [];
            $bookings = $this->moved($wish, $pass, $now);
            foreach ($wish->picks as $pick) {
                $sheet = SheetAtHand::held($pick->sheet);
                try {
                    $who = Asking::visitor($pass->id, $pass->email, $pick->student, $sheet->places->firstOrFail()->id)
                        ->about($pick->studentId)
                        ->interpreted($wish->language);
                    $permit = Permit::of($sheet, (int) $pick->start, new Claim($who, Claimant::Visitor, $now));
                    $bookings[] = $this->book->onSlot($sheet, $permit, $this->one($wish, $pick, $sheet, $pass));
                } catch (NotAsFilledIn $refusal) {
                    // To whom the school knows as the child's guardian it can be told; to others not even that.
                    throw $pick->studentId === null
                        ? $refusal
                        : ($pick->isTakenForChild($pass->id)
                            ? PlanGone::at($pick, $pass)
                            : PlanGone::elsewhere($pick));
                } catch (NoInterpreter) {
                    throw PlanGone::withoutInterpreter($pick);
                } catch (NoSeatLeft | UniqueConstraintViolationException) {
                    throw PlanGone::at($pick, $pass);
                }
                $judged[] = [$sheet, $permit->timetable, (int) $pick->start];
            }
            $bookings === [] || event(new PlanKept($round, $pass, $bookings, count($wish->moves)));

            return $pass;
        });
        foreach ($judged as [$sheet, $timetable, $start]) {
            Glance::strike($sheet, $timetable, $start, $wish->requestKey);
        }

        return $pass;
    }

    /**
     * Those that stand go first, all at once: what one of them leaves another may have, and a new one.
     *
     * @return list<Booking>
     */
    private function moved(PlanWish $wish, Pass $pass, int $now): array
    {
        try {
            return $wish->moves === [] ? [] : ($this->relocate)($wish->moves, Relocation::ofPlan($pass, $now));
        } catch (NoSeatLeft | NoInterpreter | NotAsFilledIn | OtherHost | UniqueConstraintViolationException) {
            throw PlanGone::whileMoving();
        }
    }

    private function one(PlanWish $wish, Pick $pick, Sheet $sheet, Pass $pass): BookingWish
    {
        return new BookingWish(
            start: (int) $pick->start,
            placeId: $sheet->places->firstOrFail()->id,
            name: $pass->name,
            email: (string) $pass->email,
            phone: $wish->holder->phone ?: $pass->phone,
            student: $pick->student,
            studentId: $pick->studentId,
            requestKey: self::key($wish, $pick),
            passId: $pass->id,
            reads: $wish->holder->reads,
            told: Told::PlanToVisitor,
            language: $wish->language,
            answers: $wish->answers[$pick->student] ?? [],
            origin: $wish->holder->origin,
        );
    }

    /** Pressed twice, or an answer that was lost: it is theirs already. */
    private function alreadyKept(PlanWish $wish): ?Pass
    {
        $keys = array_map(static fn(Pick $pick): string => self::key($wish, $pick), $wish->picks);
        $kept = Booking::query()->whereIn('request_key', $keys)->with('pass')->get();
        if ($kept->isNotEmpty() && $kept->count() < count($keys)) {
            throw new RequestKeyReused();
        }

        return $kept->first()?->pass;
    }

    private static function key(PlanWish $wish, Pick $pick): string
    {
        return Uuid::uuid5($wish->requestKey, "{$pick->sheet->id}|$pick->start|$pick->student")->toString();
    }
}
