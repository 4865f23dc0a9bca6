<?php

declare(strict_types=1);

namespace App\Line;

use App\Models\Instant;
use App\Models\StaffMember;

/** Calls somebody in, or several together; whoever was in goes. Only now is there a link for them. */
final class CallIn
{
    /**
     * @param  non-empty-list<string>  $who  by TurnKey
     *
     * @throws PressedElsewhere when one of them has left or was in already; nobody is called then
     */
    public function __invoke(StaffMember $host, int $revision, array $who, int $now): void
    {
        Press::at($host, $revision, 'call', $now, static function (Press $press) use ($who, $now): void {
            $together = [];
            foreach ($who as $key) {
                $together[] = $key[0] === 'b' ? $press->booking($key)->span()->start : null;
            }
            foreach ($press->underWay() as $key) {
                // Of one slot they are in together: who comes later comes to the others.
                $with = $key[0] === 'b' && in_array($press->booking($key)->span()->start, $together, true);
                $with || $press->close($key);
            }
            foreach ($who as $key) {
                $turn = $press->turn($key);
                if ($turn->isOver() || $turn->called_at !== null) {
                    throw PressedElsewhere::because($turn->isOver() ? 'over_already' : 'in_already');
                }
                $turn
                    ->fill([
                        'arrived_at' => $turn->arrived_at ?? Instant::column($now),
                        'arrived_by' => $turn->arrived_by ?: 'desk',
                        'called_at' => Instant::column($now),
                        'word' => '',
                        'word_at' => null,
                    ])
                    ->save();
                $press->calledIn($key, $now);
            }
            // Whatever was said of being late, and the break: now it is seen.
            $press->desk->fill(['late_minutes' => 0, 'break_from' => null, 'break_until' => null]);
        });
    }
}
