<?php

declare(strict_types=1);

namespace App\Line;

use App\Models\Instant;
use App\Models\Outcome;
use App\Models\StaffMember;

/** Notes that somebody came, or did not; or takes such a note away, so that they are waited for again. */
final class MarkOutcome
{
    /**
     * @param  list<string>  $who  by TurnKey
     *
     * @throws PressedElsewhere
     */
    public function __invoke(StaffMember $host, int $revision, array $who, ?Outcome $outcome, int $now): void
    {
        Press::at($host, $revision, $outcome === null ? 'unmarked' : $outcome->value, $now, static function (
            Press $press,
        ) use ($who, $outcome, $now): void {
            foreach ($who as $key) {
                $turn = $press->turn($key);
                // One who was in and is over stays so: only what became of it is said otherwise.
                $ended =
                    $turn->called_at === null
                        ? null
                        : ($outcome === null
                            ? null
                            : $turn->ended_at ?? Instant::column($now));
                $turn->fill(['outcome' => $outcome, 'ended_at' => $outcome === Outcome::Met ? $ended : null])->save();
                if ($outcome === Outcome::Missed) {
                    $turn->fill(['called_at' => null])->save();
                }
                $press->calledIn($key, $turn->isUnderWay() ? $turn->called_at?->getTimestamp() : null);
            }
        });
    }
}
