<?php

declare(strict_types=1);

namespace App\Plans;

use App\Framework\Clock;
use App\Framework\Words;
use App\Models\Pass;
use App\Timetables\Asking;
use App\Timetables\Judge;
use App\Timetables\SheetAtHand;
use Recess\Rules\Because;

/** Somebody was quicker with one meeting of a plan; nothing of it was booked. */
final class PlanGone extends \RuntimeException
{
    /** They, or the child with somebody else who looks after it, are in another meeting then. */
    public static function elsewhere(Pick $pick): self
    {
        return new self(
            Words::say('rounds.elsewhere', [
                'child' => $pick->student,
                'time' => $pick->moment(),
                'apart' => $pick->apart(),
            ]),
        );
    }

    /** One of those that stand cannot go where it was to go: all are where they were. */
    public static function whileMoving(): self
    {
        return new self(Words::say('rounds.not_moved'));
    }

    public static function withoutInterpreter(Pick $pick): self
    {
        return new self(
            Words::say('rounds.no_interpreter', ['host' => $pick->sheet->host->name, 'time' => $pick->moment()]),
        );
    }

    public static function at(Pick $pick, Pass $pass): self
    {
        // Of two tabs the second: nobody else was quicker.
        if ($pick->standsIn($pass->bookings()->where('sheet_id', $pick->sheet->id)->whereNotNull('hold_id')->get())) {
            return new self(
                Words::say('rounds.have_it', ['host' => $pick->sheet->host->name, 'child' => $pick->student]),
            );
        }
        if ($pick->isTakenForChild($pass->id)) {
            return new self(
                Words::say('rounds.child_has_it', [
                    'host' => $pick->sheet->host->name,
                    'child' => $pick->student,
                    'apart' => $pick->apart(),
                ]),
            );
        }

        $offer = Judge::at((int) $pick->start, SheetAtHand::held($pick->sheet), Clock::now(), Asking::host())->offerAt(
            (int) $pick->start,
        );
        if ($offer === null || in_array(Because::SlotClosed, array_column($offer->verdict->reasons, 'because'), true)) {
            return new self(
                Words::say('rounds.no_longer', ['host' => $pick->sheet->host->name, 'time' => $pick->moment()]),
            );
        }

        return new self(Words::say('rounds.gone', ['host' => $pick->sheet->host->name, 'time' => $pick->moment()]));
    }
}
