<?php

declare(strict_types=1);

namespace App\Booking;

/** What a message is about. */
enum Occasion: string
{
    case Booked = 'booked';
    case Asked = 'asked';
    case Accepted = 'accepted';
    case Maybe = 'maybe';
    case Declined = 'declined';
    case Moved = 'moved';
    case Cancelled = 'cancelled';
    case LinkAdded = 'link added';
    case LinkChanged = 'link changed';
    case PlaceChanged = 'place changed';
    case AnswersChanged = 'answers changed';
    case Reminder = 'reminder';
    case GuestBrought = 'guest brought';
    case GuestLeft = 'guest left';

    /** Whether the meeting is off once this is said. */
    public function isOff(): bool
    {
        return $this === self::Cancelled || $this === self::Declined;
    }

    /** Whether the meeting is not agreed yet. */
    public function isOpen(): bool
    {
        return $this === self::Asked || $this === self::Maybe;
    }
}
