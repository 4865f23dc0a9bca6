<?php

declare(strict_types=1);

namespace App\Answers;

/** Why a message was left alone: it is listed, and nothing came of it. */
enum Left: string
{
    case TooLarge = 'too_large';
    case Automatic = 'automatic';
    case NoCalendar = 'no_calendar';
    case NotReadable = 'not_readable';
    /** Neither an answer nor another time. */
    case OtherMethod = 'other_method';
    case UnknownEntry = 'unknown_entry';
    /** From an address to which that entry never went, or that is not the one who answers. */
    case Stranger = 'stranger';
    /** Not sent to the address that the entry names. */
    case OtherAddress = 'other_address';
    /** Than the entry is now, or than another answer. */
    case Older = 'older';
    case Off = 'off';
    case Begun = 'begun';
    /** It says nothing that anything could come of. */
    case Nothing = 'nothing';
    /** It would, but something is in the way. */
    case Refused = 'refused';
}
