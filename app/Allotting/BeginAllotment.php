<?php

declare(strict_types=1);

namespace App\Allotting;

use App\Models\Instant;
use App\Models\Round;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Facades\DB;

/** Has times looked for, for all that is wished of a round. What was pinned in the last one keeps its time. */
final class BeginAllotment
{
    /** Seconds after which whoever works at one and says nothing is taken for gone. */
    private const SILENT = 300;

    /**
     * @param  int  $now  seconds since the epoch
     *
     * @throws AllotmentRefused when one is at work, or there is nothing to allot
     */
    public function __invoke(Round $round, int $seed, int $now): Allotment
    {
        $round->isCollecting() ||
            throw AllotmentRefused::because($round->allotted_at === null ? 'not_collecting' : 'allotted_already');
        self::giveUpSilent($round, $now);
        try {
            return DB::transaction(static function () use ($round, $seed, $now): Allotment {
                $allotment = Allotment::query()->create([
                    'round_id' => $round->id,
                    'busy' => $round->id,
                    'state' => AllotmentState::Waiting,
                    'seed' => $seed,
                    'begun_at' => Instant::column($now),
                ]);
                dispatch(new WorkAllotment($allotment->id));

                return $allotment;
            });
        } catch (UniqueConstraintViolationException) {
            throw AllotmentRefused::because('at_work');
        }
    }

    /** One of which nobody was heard for long holds up no other. */
    private static function giveUpSilent(Round $round, int $now): void
    {
        Allotment::query()
            ->where('busy', $round->id)
            ->whereIn('state', [AllotmentState::Waiting, AllotmentState::Running])
            ->whereRaw('COALESCE(heard_at, begun_at) < ?', [Instant::column($now - self::SILENT)])
            ->update(['busy' => null, 'state' => AllotmentState::Failed, 'ended_at' => Instant::column($now)]);
    }
}
