<?php

declare(strict_types=1);

namespace App\Calendars;

use App\Models\StaffMember;

/** A room whose meetings stand in hosts' calendars: read back from there they are not something else. Rooms tag theirs by this name. */
interface OwnEntries
{
    /**
     * @param  int  $since  an instant
     * @return list<string> the UIDs of all that may still stand there (RFC 5545, 3.8.4.7)
     */
    public function uids(StaffMember $host, int $since): array;
}
