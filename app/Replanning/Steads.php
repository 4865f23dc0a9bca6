<?php

declare(strict_types=1);

namespace App\Replanning;

use App\Booking\Claimant;
use App\Directory\Student;
use App\Directory\Teachers;
use App\Models\Booking;
use App\Models\Sheet;
use App\Timetables\Asking;
use App\Timetables\Judge;
use Recess\Changes\Displaced;
use Recess\Changes\LeastMoves;
use Recess\Changes\Stead;
use Recess\Fitting\Between;
use Recess\Offer;
use Recess\Rules\Because;
use Recess\Rules\Reason;

/**
 * Where those could meet whose teacher is away: with whoever stands in, with the same teacher at another time, or with a
 * colleague who teaches the same child; around all else that they have, judged as any booking is.
 */
final class Steads
{
    /** What a family has enough of, the office does not add to. */
    private const ENOUGH = [
        Because::VisitorHasEnough,
        Because::VisitorHadWeek,
        Because::VisitorHadMonth,
        Because::VisitorHadTerm,
        Because::StudentHasEnough,
    ];

    /** @var array<int, Sheet> of the round, by their host */
    private array $sheets = [];

    public function __construct(private readonly Absence $absence)
    {
        foreach ($absence->host->round->openSheets() as $sheet) {
            $this->sheets[$sheet->staff_id] = $sheet;
        }
    }

    public function sheet(int $id): ?Sheet
    {
        foreach ($this->sheets as $sheet) {
            if ($sheet->id === $id) {
                return $sheet;
            }
        }

        return null;
    }

    /**
     * For as many as possible, and moved as little as can be.
     *
     * @param  array<Booking>  $bookings
     * @return array<int, array{best: Stead|null, all: list<Stead>}> by booking
     */
    public function of(array $bookings): array
    {
        $displaced = [];
        $teachers = $this->teachers($bookings);
        foreach ($bookings as $booking) {
            $displaced[] = new Displaced(
                "pass $booking->pass_id",
                // Who stands in is no other host: the hour stays.
                (string) ($this->absence->substitute->sheet_id ?? $booking->sheet_id),
                $booking->span(),
                $this->for($booking, $teachers[(int) $booking->student_id] ?? []),
            );
        }
        $best = LeastMoves::find($displaced, new Between($this->absence->host->round->school->travel()));
        $steads = [];
        foreach (array_values($bookings) as $i => $booking) {
            $all = $displaced[$i]->steads;
            usort(
                $all,
                static fn(Stead $a, Stead $b): int => LeastMoves::cost($displaced[$i], $a) <=>
                    LeastMoves::cost($displaced[$i], $b),
            );
            $steads[$booking->id] = ['best' => $best[$i], 'all' => $all];
        }

        return $steads;
    }

    /**
     * @param  array<Booking>  $bookings
     * @return array<int, list<int>> by student: who teaches it
     */
    private function teachers(array $bookings): array
    {
        $students = array_filter(array_map(static fn(Booking $one): ?int => $one->student_id, $bookings));

        return Teachers::of(Student::query()->whereKey($students)->with('classes')->get());
    }

    /**
     * @param  list<int>  $teachers  of the child
     * @return list<Stead>
     */
    private function for(Booking $booking, array $teachers): array
    {
        $away = $this->absence->host->staff_id;
        $steads = [];
        $standsIn = $this->absence->substitute?->staff_id;
        foreach (array_unique(array_filter([$standsIn, $away, ...$teachers])) as $staff) {
            $sheet = $this->sheets[$staff] ?? null;
            $place = $sheet?->places->first();
            if ($sheet === null || $place === null) {
                continue;
            }
            $dates = $this->absence->host->round->dates();
            $timetable = Judge::over($sheet, $dates, $this->absence->now, Asking::moving($booking, $sheet)->across());
            foreach ($timetable->offers() as $offer) {
                $whole = $timetable->whole($offer->slot);
                $isAway = $whole === null || ($staff === $away && $this->absence->hits($whole));
                if (
                    !$isAway &&
                    $offer->slot->start > $this->absence->now &&
                    $this->can($offer, $staff === $away || $staff === $standsIn)
                ) {
                    $steads[] = new Stead((string) $sheet->id, $place->spot(), $whole);
                }
            }
        }

        return $steads;
    }

    private function can(Offer $offer, bool $isSame): bool
    {
        if (!Claimant::Staff->mayHave($offer->verdict)) {
            return false;
        }
        $enough = array_filter(
            $offer->verdict->reasons,
            static fn(Reason $reason): bool => in_array($reason->because, self::ENOUGH, true),
        );

        return $isSame || $enough === [];
    }
}
