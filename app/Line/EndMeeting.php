<?php

declare(strict_types=1);

namespace App\Line;

use App\Models\StaffMember;

/** The meeting under way is over; nobody is called in yet. */
final class EndMeeting
{
    /**
     * @param  list<string>  $who  by TurnKey
     *
     * @throws PressedElsewhere
     */
    public function __invoke(StaffMember $host, int $revision, array $who, int $now): void
    {
        Press::at($host, $revision, 'end', $now, static function (Press $press) use ($who): void {
            foreach ($who as $key) {
                $press->turn($key)->isUnderWay()
                    ? $press->close($key)
                    : throw PressedElsewhere::because('over_already');
            }
        });
    }
}
