<?php

declare(strict_types=1);

namespace App\Knocks;

use App\Booking\AgreedEntry;
use App\Booking\BookingWish;
use App\Booking\BookSlot;
use App\Booking\Claim;
use App\Booking\Claimant;
use App\Booking\NoSeatLeft;
use App\Booking\NotAsFilledIn;
use App\Booking\Permit;
use App\Booking\Presser;
use App\Models\Party;
use App\Models\Sheet;
use App\Models\StaffMember;
use App\Timetables\Asking;
use Illuminate\Database\UniqueConstraintViolationException;

/** A host says yes to one of the times. Once all who have to be there have, it is a booking like any other; its other times are free again. */
final class AcceptKnock
{
    public function __construct(private readonly KnockChange $change, private readonly BookSlot $book) {}

    /**
     * @param  StaffMember  $host  one of the knock's
     * @param  int  $choice  its number
     * @param  int  $now  seconds since the epoch
     *
     * @throws KnockRefused when it is not open any more, or the time is none of its
     */
    public function __invoke(Knock $knock, StaffMember $host, int $choice, string $word, int $now): Knock
    {
        return $this->change->answered($knock, $choice, function (Knock $knock, Sheet $sheet, KnockChoice $one) use (
            $host,
            $word,
            $now,
        ): Knock {
            if ($one->span()->start <= $now) {
                throw KnockRefused::because('begun');
            }
            $this->choose($knock, $one);
            $knock->hosts->firstWhere('staff_id', $host->id)?->update(['answer' => HostAnswer::Accepted]);

            return $this->settled($knock, $sheet, new Agreed($host, Presser::staff($host, Party::Host), $word), $now);
        });
    }

    /** The time that a knock is about from now on; others are free again. */
    public function choose(Knock $knock, KnockChoice $one): void
    {
        $this->change->letGo($knock, $one->span());
        $knock->choices->each(
            static fn(KnockChoice $other) => $other->id === $one->id
                ? $other->update(['chosen' => true])
                : $other->delete(),
        );
        $knock->load('choices');
    }

    /**
     * Booked where everybody has said yes to the chosen time; else the others are told that one has.
     *
     * @param  int  $now  seconds since the epoch
     */
    public function settled(Knock $knock, Sheet $sheet, Agreed $agreed, int $now): Knock
    {
        $open = $knock->hosts->filter(static fn(KnockHost $one): bool => $one->answer !== HostAnswer::Accepted);
        if ($open->isNotEmpty()) {
            $maybe = $open->contains(static fn(KnockHost $one): bool => $one->answer === HostAnswer::Maybe);
            $knock->update([
                'state' => $maybe ? KnockState::Maybe : KnockState::Asked,
                'sequence' => $knock->sequence + 1,
                'answer_note' => $agreed->word,
            ]);
            event(new KnockNews($knock, KnockOccasion::OneAccepted, $agreed->by, $agreed->word));

            return $knock;
        }
        $span = $knock->chosen()?->span() ?? throw KnockRefused::because('no_such_time');
        if ($knock->host->school->closedDays()->holds($knock->zone()->dateAt($span->start))) {
            throw KnockRefused::because('closed_day');
        }
        $pass = $knock->pass;
        $who = Asking::visitor($pass->id, $pass->email, $knock->student, $knock->place_id)
            ->about($knock->student_id)
            ->keeping($knock->keeper);
        try {
            $permit = Permit::of(
                $sheet,
                $span->start,
                new Claim($who, Claimant::Kept, $now),
                KnockSheet::at($sheet, $span),
            );
            $booking = $this->book->onSlot(
                $sheet,
                $permit,
                new BookingWish(
                    start: $span->start,
                    placeId: (int) $knock->place_id,
                    name: $pass->name,
                    email: (string) $pass->email,
                    phone: $pass->phone,
                    student: $knock->student,
                    requestKey: $knock->request_key,
                    answers: array_filter(['details' => $knock->details, 'work' => $knock->work]) + $knock->answers,
                    passId: $pass->id,
                    keeper: $knock->keeper,
                    studentId: $knock->student_id,
                    entry: new AgreedEntry($knock->uid, $knock->sequence + 1, $agreed->word),
                    presser: $agreed->presser,
                ),
            );
        } catch (NoSeatLeft | NotAsFilledIn | UniqueConstraintViolationException) {
            throw KnockRefused::because('cannot_be_had');
        }
        KnockSheet::agreed($sheet, $knock->terms(), $span, $now);
        $knock->update([
            'state' => KnockState::Accepted,
            'booking_id' => $booking->id,
            'sequence' => $knock->sequence + 1,
            'answer_note' => $agreed->word,
        ]);

        return $knock;
    }
}
