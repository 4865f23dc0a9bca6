<?php

declare(strict_types=1);

namespace App\Booking;

use App\Models\Sheet;
use App\Timetables\Judge;
use App\Timetables\Worlds;
use Recess\Offer;
use Recess\Rules\Because;
use Recess\Sheet as CoreSheet;
use Recess\Time\Span;
use Recess\Timetable;

/** That somebody may have a slot, and with whom. Nobody else decides it: not for a booking, a keep, a move, an offer or what is taken back. */
final readonly class Permit
{
    private function __construct(public Timetable $timetable, public Span $slot) {}

    /**
     * To be called inside a transaction that has raised the guards of those it decides for.
     *
     * @param  int  $start  the instant at which the slot begins
     * @param  CoreSheet|null  $as  the sheet as it is judged, where that is not as it stands
     *
     * @throws NoSeatLeft when it cannot be had
     * @throws NotAsFilledIn when it cannot be had by them, for a reason on another pass
     */
    public static function of(Sheet $sheet, int $start, Claim $claim, ?CoreSheet $as = null): self
    {
        [$who, $by, $now] = [$claim->who, $claim->by, $claim->now];
        $timetable = Judge::at($start, $sheet, $now, $who, $as);
        if (!$by->asksCalendars()) {
            $timetable = Timetable::of($timetable->sheet, $timetable->world->withoutCalendars());
        }
        $offer = self::had($timetable, $start, $by);
        // Whoever has no name, address or student yet has nothing on another pass.
        $against = $who->canBeKnownAcross()
            ? self::against($timetable->seenBy(Worlds::asker($sheet, $who->across(), $now)), $start, $by)
            : [];
        if ($against !== []) {
            throw NotAsFilledIn::because($sheet, $against, $who);
        }

        return new self($timetable, $offer->slot);
    }

    /** The whole meeting: for those who are met for longer, with the times after its slot. */
    public function whole(): Span
    {
        return $this->timetable->whole($this->slot) ?? throw new NoSeatLeft();
    }

    /** @throws NoSeatLeft */
    private static function had(Timetable $timetable, int $start, Claimant $by): Offer
    {
        $against = self::against($timetable, $start, $by);

        return $against === []
            ? $timetable->offerAt($start) ?? throw new NoSeatLeft()
            : throw $against === [Because::NoInterpreter] ? new NoInterpreter() : new NoSeatLeft();
    }

    /**
     * @return list<Because>
     *
     * @throws NoSeatLeft when there is no such slot
     */
    private static function against(Timetable $timetable, int $start, Claimant $by): array
    {
        return $by->isRefused(($timetable->offerAt($start) ?? throw new NoSeatLeft())->verdict);
    }
}
