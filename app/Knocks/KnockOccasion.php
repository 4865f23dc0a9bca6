<?php

declare(strict_types=1);

namespace App\Knocks;

/** What happened to a knock; that it was accepted is told as a booking. */
enum KnockOccasion: string
{
    case ToConfirm = 'to_confirm';
    case Asked = 'asked';
    /** One of several has said yes; the others are still asked. */
    case OneAccepted = 'one_accepted';
    case Maybe = 'maybe';
    /** The day before, of what is not sure yet. */
    case AskedAgain = 'asked_again';
    case Declined = 'declined';
    case Proposed = 'proposed';
    case Lapsed = 'lapsed';
    case TakenBack = 'taken_back';
}
