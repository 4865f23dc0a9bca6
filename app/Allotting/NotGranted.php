<?php

declare(strict_types=1);

namespace App\Allotting;

use App\Framework\Words;
use Recess\Allotting\Why;

/** Why a wish has no time. */
enum NotGranted: string
{
    case OutsideWindows = 'outside-windows';
    case HostFull = 'host-full';
    case Clashes = 'clashes';

    case NoInterpreter = 'no-interpreter';

    /** Another guardian of the child wished the same, and was first. */
    case OtherGuardian = 'other-guardian';

    /** The host is not in the round any more. */
    case HostGone = 'host-gone';

    /** Between finding and booking the time went to something else. */
    case TimeGone = 'time-gone';

    public static function of(Why $why): self
    {
        return self::from($why->value);
    }

    /** In words, about a host who is called so: to the office, or to the family whose wish it was. */
    public function said(string $host, bool $toFamily = false): string
    {
        return Words::say(
            ($toFamily ? 'allotting.to_family_' : 'allotting.why_') . str_replace('-', '_', $this->value),
            ['host' => $host],
        );
    }
}
