<?php

declare(strict_types=1);

namespace App\Knocks;

use App\Models\Instant;
use App\Models\Seat;
use App\Passes\AddressAnswered;
use Recess\Time\Span;

/** The address of whoever knocked has answered: now the hosts are asked. */
final class AskAtLast
{
    public function __construct(private readonly KnockChange $change) {}

    public function handle(AddressAnswered $answered): void
    {
        foreach (
            Knock::query()
                ->where('pass_id', $answered->pass->id)
                ->where('state', KnockState::Unconfirmed)
                ->where('until', '>', Instant::column($answered->now))
                ->with(Knock::PARTS)
                ->get()
            as $knock
        ) {
            try {
                $this->change->on($knock, static function (Knock $knock) use ($answered): void {
                    if ($knock->state !== KnockState::Unconfirmed) {
                        return;
                    }
                    $spans = array_values(
                        $knock->choices->map(static fn(KnockChoice $one): Span => $one->span())->all(),
                    );
                    if ($spans === []) {
                        return;
                    }
                    $answerBy = $answered->now + KnockTerms::of($knock->host)->kept_hours * 3600;
                    foreach ($spans as $span) {
                        Seat::query()
                            ->where('keeper', $knock->keeper)
                            ->whereIn(
                                'hold_id',
                                static fn($hold) => $hold
                                    ->select('id')
                                    ->from('holds')
                                    ->where('sheet_id', $knock->sheet_id)
                                    ->where('starts_at', Instant::column($span->start)),
                            )
                            ->update(['kept_until' => Instant::column(min($answerBy, $span->start))]);
                    }
                    $knock->update(['state' => KnockState::Asked, 'until' => KeepTimes::until($spans, $answerBy)]);
                    event(new KnockNews($knock, KnockOccasion::Asked));
                });
            } catch (KnockRefused) {
                // Taken back while its address answered.
            }
        }
    }
}
