<?php

declare(strict_types=1);

namespace App\Allotting;

use App\Booking\BookingWish;
use App\Booking\BookSlot;
use App\Booking\Claim;
use App\Booking\Claimant;
use App\Booking\NoInterpreter;
use App\Booking\NoSeatLeft;
use App\Booking\NotAsFilledIn;
use App\Booking\Permit;
use App\Booking\Told;
use App\Framework\Contended;
use App\Models\Booking;
use App\Models\Party;
use App\Models\Pass;
use App\Models\Sheet;
use App\Plans\Shortlist;
use App\Timetables\Asking;
use App\Timetables\Guards;
use App\Timetables\SheetAtHand;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Facades\DB;
use Ramsey\Uuid\Uuid;

/** Books what one family was allotted, by the same judge and the same holds as everybody; and has it told, once. */
final class BookFamily
{
    public function __construct(private readonly BookSlot $book) {}

    /** @param  int  $now  seconds since the epoch */
    public function __invoke(Allotment $allotment, int $pass, int $now): void
    {
        Contended::transaction(function () use ($allotment, $pass, $now): void {
            $pass = Pass::query()->findOrFail($pass);
            $rows = $allotment->rows()->where('pass_id', $pass->id)->with('sheet')->get();
            self::guard($pass, $rows);
            // Another worker was quicker with them.
            if (Allotted::query()->whereKey($rows->modelKeys())->where('told', true)->exists()) {
                return;
            }
            $bookings = [];
            $list = Shortlist::of($allotment->round_id, $pass->id);
            foreach ($this->all($allotment, $rows, $pass, $list, $now) as [$row, $booking]) {
                if ($booking instanceof NotGranted) {
                    $row->update(['starts_at' => null, 'ends_at' => null, 'why' => $booking]);
                } else {
                    $row->update(['booking_id' => $booking->id]);
                    $bookings[] = $booking;
                }
            }
            Allotted::query()
                ->whereKey($rows->modelKeys())
                ->update(['told' => true]);
            $list === null || $this->leftForLater($list, $rows);
            event(new FamilyAllotted($allotment->round, $pass, $bookings, $rows));
        });
    }

    /**
     * What of it could not be booked now. Nothing is: all of it is booked, and taken back before anybody sees it.
     *
     * @param  int  $now  seconds since the epoch
     * @return array<int, NotGranted> by row
     */
    public function refused(Allotment $allotment, int $pass, int $now): array
    {
        $refused = [];
        try {
            Contended::transaction(function () use ($allotment, $pass, $now, &$refused): never {
                $refused = [];
                $pass = Pass::query()->findOrFail($pass);
                $rows = $allotment->rows()->where('pass_id', $pass->id)->with('sheet')->get();
                self::guard($pass, $rows);
                $list = Shortlist::of($allotment->round_id, $pass->id);
                foreach ($this->all($allotment, $rows, $pass, $list, $now) as [$row, $booking]) {
                    if ($booking instanceof NotGranted) {
                        $refused[$row->id] = $booking;
                    }
                }
                throw new OnlyTried();
            });
        } catch (OnlyTried) {
            return $refused;
        }
    }

    /** @param  Collection<int, Allotted>  $rows */
    private static function guard(Pass $pass, Collection $rows): void
    {
        $given = $rows->filter(static fn(Allotted $row): bool => $row->starts_at !== null && $row->sheet !== null);
        Guards::bookings(
            array_values(
                $given
                    ->map(
                        static fn(Allotted $row): Sheet => SheetAtHand::held(
                            $row->sheet ?? throw new \LogicException(),
                        ),
                    )
                    ->all(),
            ),
            (string) $pass->email,
            array_values($given->map(static fn(Allotted $row): string => $row->student)->all()),
        );
    }

    /**
     * @param  Collection<int, Allotted>  $rows
     * @return \Generator<int, array{Allotted, Booking|NotGranted}> what was given, one after the other
     */
    private function all(Allotment $allotment, Collection $rows, Pass $pass, ?Shortlist $list, int $now): \Generator
    {
        $answers = array_column($list->wished['about'] ?? [], 'answers', 'student');
        foreach ($rows as $row) {
            if ($row->starts_at !== null) {
                yield [
                    $row,
                    $row->sheet === null
                        ? NotGranted::HostGone
                        : $this->one($allotment, $row, $pass, (array) ($answers[$row->student] ?? []), $now),
                ];
            }
        }
    }

    /** @param  array<string, mixed>  $answers */
    private function one(Allotment $allotment, Allotted $row, Pass $pass, array $answers, int $now): Booking|NotGranted
    {
        $sheet = SheetAtHand::held($row->sheet ?? throw new \LogicException());
        $start = (int) $row->span()?->start;
        $place = $sheet->places->firstOrFail();
        try {
            // What was refused halfway takes nothing along of what the family has been given before.
            return DB::transaction(function () use (
                $allotment,
                $row,
                $pass,
                $answers,
                $sheet,
                $start,
                $place,
                $now,
            ): Booking {
                $who = Asking::visitor($pass->id, $pass->email, $row->student, $place->id)
                    ->about($row->student_id)
                    ->interpreted($row->language);
                $permit = Permit::of($sheet, $start, new Claim($who, Claimant::Staff, $now));

                return $this->book->onSlot(
                    $sheet,
                    $permit,
                    new BookingWish(
                        start: $start,
                        placeId: $place->id,
                        name: $pass->name,
                        email: (string) $pass->email,
                        phone: $pass->phone,
                        student: $row->student,
                        requestKey: Uuid::uuid5(
                            Uuid::NAMESPACE_OID,
                            "recess allotment $allotment->id row $row->id",
                        )->toString(),
                        passId: $pass->id,
                        by: Party::Office,
                        studentId: $row->student_id,
                        told: Told::AtOnce,
                        language: $row->language,
                        answers: $answers,
                    ),
                );
            });
        } catch (NoInterpreter) {
            return NotGranted::NoInterpreter;
        } catch (NoSeatLeft | NotAsFilledIn | UniqueConstraintViolationException) {
            return NotGranted::TimeGone;
        }
    }

    /**
     * What could not be given stays ticked: free times are open to all afterwards.
     *
     * @param  Collection<int, Allotted>  $rows
     */
    private function leftForLater(Shortlist $list, Collection $rows): void
    {
        $left = $rows
            ->filter(
                static fn(Allotted $row): bool => $row->starts_at === null &&
                    $row->sheet !== null &&
                    $row->why !== NotGranted::OtherGuardian,
            )
            ->map(
                static fn(Allotted $row): array => ['sheet' => (string) $row->sheet?->slug, 'student' => $row->student],
            );
        $list->update(['asked' => ['picks' => array_values($left->all())] + $list->asked]);
    }
}
