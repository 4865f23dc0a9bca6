<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Framework\Contended;
use App\Framework\Guard;
use App\Models\Round;
use App\Models\SheetState;
use App\Models\StaffMember;

/**
 * Takes somebody into a round that is published already, with the times that all of it has: to stand in for whoever is away,
 * or because they were forgotten. Who is in it already stays as they are. The way back is TakeOut.
 *
 * @phpstan-import-type WhereToFind from RoundHost
 */
final class TakeIn
{
    public function __construct(private readonly PublishRound $publish) {}

    /**
     * @param  WhereToFind  $place
     * @param  int  $now  seconds since the epoch
     *
     * @throws RoundRefused before it is published, when it is over, and where nobody would find them
     */
    public function __invoke(Round $round, StaffMember $staff, array $place, int $now): RoundHost
    {
        return Contended::transaction(function () use ($round, $staff, $place, $now): RoundHost {
            Guard::round($round->id);
            $round = Round::query()->findOrFail($round->id);
            $round->published_at !== null || throw RoundRefused::because('not_published_yet');
            $round->state === SheetState::Open || throw RoundRefused::because('not_open');
            $round->range()->end > $now || throw RoundRefused::because('it_is_over');
            $part = RoundHost::query()->firstOrCreate(
                ['round_id' => $round->id, 'staff_id' => $staff->id],
                RoundHost::whereToFind($place),
            );
            if ($part->wasRecentlyCreated) {
                $part->hasPlace() || throw RoundRefused::because('no_place', ['count' => 1, 'names' => $staff->name]);
                $this->publish->sheetOf($part->setRelation('round', $round), $now);
            }

            return $part->refresh();
        });
    }
}
