<?php

declare(strict_types=1);

namespace App\Allotting;

use App\Framework\Words;
use App\Models\School;
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

    /** In words, to the office, about a host who is called so. */
    public function said(string $host): string
    {
        return Words::say('allotting.why_' . str_replace('-', '_', $this->value), ['host' => $host]);
    }

    /** The same to the family whose wish it was. */
    public function saidToFamily(string $host, School $school): string
    {
        return Words::say('allotting.to_family_' . str_replace('-', '_', $this->value), [
            'host' => $host,
            'apart' => $school->guardians_apart ? 'yes' : 'no',
        ]);
    }
}
