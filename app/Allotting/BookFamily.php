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
            // Another worker was quicker with them.
            if (Allotted::query()->whereKey($rows->modelKeys())->where('told', true)->exists()) {
                return;
            }
            $bookings = [];
            $list = Shortlist::of($allotment->round_id, $pass->id);
            $answers = array_column($list->wished['about'] ?? [], 'answers', 'student');
            foreach ($given as $row) {
                $booking = $this->one($allotment, $row, $pass, (array) ($answers[$row->student] ?? []), $now);
                if ($booking instanceof NotGranted) {
                    $row->update(['starts_at' => null, 'ends_at' => null, 'why' => $booking]);
                } else {
                    $row->update(['booking_id' => $booking->id]);
                    $bookings[] = $booking;
                }
            }
            $rows->filter(static fn(Allotted $row): bool => $row->starts_at !== null && $row->sheet === null)->each(
                static fn(Allotted $row) => $row->update([
                    'starts_at' => null,
                    'ends_at' => null,
                    'why' => NotGranted::HostGone,
                ]),
            );
            Allotted::query()
                ->whereKey($rows->modelKeys())
                ->update(['told' => true]);
            $list === null || $this->leftForLater($list, $rows);
            event(new FamilyAllotted($allotment->round, $pass, $bookings, $rows));
        });
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
