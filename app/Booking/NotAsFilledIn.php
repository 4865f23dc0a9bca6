<?php

declare(strict_types=1);

namespace App\Booking;

use App\Framework\Refused;
use App\Framework\Words;
use App\Models\Pass;
use App\Models\Sheet;
use App\Timetables\Asking;
use Illuminate\Http\Request;
use Recess\Rules\Because;

/**
 * Something stands against a booking that is on another pass: of that address, or about that student. Who has shown
 * that they read that address, or look after that child, hears what it is. Anybody else hears neither what nor when,
 * and the same whatever it is; where guests may come they can ask to be brought, whether or not it helps.
 */
final class NotAsFilledIn extends Refused
{
    private function __construct(
        string $message,
        private readonly Sheet $sheet,
        /** Whether they have been told what it is. */
        private readonly bool $isTold,
    ) {
        parent::__construct($message);
    }

    public static function of(Sheet $sheet): self
    {
        return new self(
            Words::say('booking.not_as_filled_in', ['phone' => $sheet->host->school->phoneOrNone()]),
            $sheet,
            false,
        );
    }

    /** @param  list<Because>  $against  what the other passes are against */
    public static function because(Sheet $sheet, array $against, Asking $who): self
    {
        $pass = $who->passId === null ? null : Pass::query()->find($who->passId);
        $reason = $against[0] ?? null;
        $isShown =
            $pass !== null &&
            ($reason?->isOfStudent() === true
                ? // A child of theirs by the school's own lists.
                    $pass->guardian_id !== null && $who->studentId !== null
                : // An address that has answered, or that the school has written to.
                    $pass->hasAnswered() || $pass->guardian_id !== null);
        // Where guardians are kept apart, what another one has is nobody's to know.
        $isShown = $isShown && !($reason?->isOfStudent() === true && $sheet->host->school->guardians_apart);
        $key = match ($isShown ? $reason : null) {
            Because::VisitorHasEnough,
            Because::VisitorHadWeek,
            Because::VisitorHadMonth,
            Because::VisitorHadTerm
                => 'visitor_enough',
            Because::VisitorElsewhere => 'visitor_elsewhere',
            Because::StudentHasEnough => 'student_enough',
            Because::StudentElsewhere => 'student_elsewhere',
            default => null,
        };

        return $key === null
            ? self::of($sheet)
            : new self(Words::say("booking.against.$key", ['student' => $who->student]), $sheet, true);
    }

    /**
     * The same for whoever has not shown who they are: if the address they typed is theirs, they find there what is
     * booked. To be called once the transaction is over.
     *
     * @param  int  $now  seconds since the epoch
     */
    public function byLetter(string $email, int $now): self
    {
        if ($this->isTold || $email === '') {
            return $this;
        }
        event(new StandsAgainst($email, $now));

        return new self(
            Words::say('booking.not_as_filled_in_letter', ['phone' => $this->sheet->host->school->phoneOrNone()]),
            $this->sheet,
            false,
        );
    }

    protected function more(Request $request): array
    {
        return ['ask_to_join' => AskedAlong::on($this->sheet)];
    }
}
