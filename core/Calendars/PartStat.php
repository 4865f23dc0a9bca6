<?php

declare(strict_types=1);

namespace Recess\Calendars;

/** What somebody who is asked to come says to it (RFC 5545, 3.2.12). */
enum PartStat: string
{
    case NeedsAction = 'NEEDS-ACTION';
    case Accepted = 'ACCEPTED';
    case Tentative = 'TENTATIVE';
    case Declined = 'DECLINED';
    /** Somebody else goes in their place, who is not known here. */
    case Delegated = 'DELEGATED';
}
