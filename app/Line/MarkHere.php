<?php

declare(strict_types=1);

namespace App\Line;

use App\Models\Instant;
use App\Models\StaffMember;

/** Somebody stands at the door and has not said so anywhere: the host notes it. */
final class MarkHere
{
    /**
     * @param  list<string>  $who  by TurnKey
     *
     * @throws PressedElsewhere
     */
    public function __invoke(StaffMember $host, int $revision, array $who, int $now): void
    {
        Press::at($host, $revision, 'here', $now, static function (Press $press) use ($who, $now): void {
            foreach ($who as $key) {
                $turn = $press->turn($key);
                $turn
                    ->fill([
                        'arrived_at' => $turn->arrived_at ?? Instant::column($now),
                        'arrived_by' => $turn->arrived_by ?: 'desk',
                        'outcome' => $turn->isUnderWay() ? $turn->outcome : null,
                    ])
                    ->save();
            }
        });
    }
}
