<?php

declare(strict_types=1);

namespace App\Knocks;

use App\Booking\Claim;
use App\Booking\Claimant;
use App\Models\Instant;
use App\Models\Party;
use App\Models\Sheet;
use App\Models\StaffMember;
use App\Timetables\Asking;
use Recess\Time\Span;

/** A host names other times; they are kept, and one press of the visitor takes one. What was asked for is free again. */
final class ProposeTimes
{
    public function __construct(private readonly KnockChange $change, private readonly KeepTimes $keepTimes) {}

    /**
     * @param  StaffMember  $host  one of the knock's
     * @param  non-empty-list<Span>  $spans
     * @param  int  $now  seconds since the epoch
     *
     * @throws KnockRefused when it is not open any more, or one of them cannot be had; then all is as it was
     */
    public function __invoke(Knock $knock, StaffMember $host, array $spans, string $word, int $now): Knock
    {
        return $this->change->on($knock, function (Knock $knock, Sheet $sheet) use ($host, $spans, $word, $now): Knock {
            if ($knock->state === KnockState::Unconfirmed) {
                throw KnockRefused::because('not_asked');
            }
            $this->change->letGo($knock);
            $knock->choices()->delete();
            $pass = $knock->pass;
            $answerBy = $now + KnockTerms::of($knock->host)->kept_hours * 3600;
            $gone = ($this->keepTimes)(
                $sheet,
                $spans,
                new Claim(
                    Asking::visitor($pass->id, $pass->email, $knock->student)
                        ->about($knock->student_id)
                        ->keeping($knock->keeper),
                    Claimant::Staff,
                    $now,
                ),
                $answerBy,
            );
            if ($gone !== null) {
                throw KnockRefused::gone($gone, [], $knock->zone());
            }
            foreach ($spans as $i => $span) {
                $knock->choices()->create([
                    'by' => Party::Host,
                    'position' => $i + 1,
                    'starts_at' => Instant::column($span->start),
                    'ends_at' => Instant::column($span->end),
                ]);
            }
            $knock->hosts->each(
                static fn(KnockHost $one) => $one->update([
                    'answer' => $one->staff_id === $host->id ? HostAnswer::Accepted : HostAnswer::None,
                ]),
            );
            $knock->update([
                'state' => KnockState::Proposed,
                'until' => KeepTimes::until($spans, $answerBy),
                'answer_note' => $word,
                'sequence' => $knock->sequence + 1,
            ]);
            $knock->load('choices');
            event(new KnockNews($knock, KnockOccasion::Proposed, $host, $word));

            return $knock;
        });
    }
}
