<?php

declare(strict_types=1);

namespace App\Line;

use App\Models\StaffMember;

/** Some minutes more for the meeting under way; whoever waits is told so. */
final class GiveMinutes
{
    private const MOST = 120;

    /**
     * @param  list<string>  $who  by TurnKey
     *
     * @throws PressedElsewhere
     */
    public function __invoke(StaffMember $host, int $revision, array $who, int $minutes, int $now): void
    {
        Press::at($host, $revision, 'more', $now, static function (Press $press) use ($who, $minutes): void {
            foreach ($who as $key) {
                $turn = $press->turn($key);
                if (!$turn->isUnderWay()) {
                    throw PressedElsewhere::because('over_already');
                }
                $turn->fill(['more_minutes' => min(self::MOST, $turn->more_minutes + $minutes)])->save();
            }
        });
    }
}
