<?php

declare(strict_types=1);

namespace App\Knocks;

use App\Models\Instant;
use App\Models\Seat;
use App\Models\Sheet;
use App\Models\StaffMember;

/** A host says maybe to one of the times: it stays kept until shortly before, and they are asked again the day before. */
final class HoldKnock
{
    /** Seconds before a meeting until which a maybe keeps it: whoever waits has to know in time. */
    public const ENDS = 7_200;

    public function __construct(private readonly KnockChange $change, private readonly AcceptKnock $accept) {}

    /**
     * @param  StaffMember  $host  one of the knock's
     * @param  int  $now  seconds since the epoch
     *
     * @throws KnockRefused when it is not open any more, the time is none of its, or too near to stay unsure
     */
    public function __invoke(Knock $knock, StaffMember $host, int $choice, string $word, int $now): Knock
    {
        return $this->change->answered($knock, $choice, function (Knock $knock, Sheet $sheet, KnockChoice $one) use (
            $host,
            $word,
            $now,
        ): Knock {
            $until = $one->span()->start - self::ENDS;
            if ($until <= $now) {
                throw KnockRefused::because('too_near_for_maybe');
            }
            $this->accept->choose($knock, $one);
            $knock->hosts->firstWhere('staff_id', $host->id)?->update(['answer' => HostAnswer::Maybe]);
            Seat::query()
                ->where('keeper', $knock->keeper)
                ->update(['kept_until' => Instant::column($until)]);
            $knock->update([
                'state' => KnockState::Maybe,
                'until' => Instant::column($until),
                'answer_note' => $word,
                'sequence' => $knock->sequence + 1,
                'asked_again_at' => null,
            ]);
            event(new KnockNews($knock, KnockOccasion::Maybe, $host, $word));

            return $knock;
        });
    }
}
