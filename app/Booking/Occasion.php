<?php

declare(strict_types=1);

namespace App\Booking;

use App\Models\Booking;
use App\Models\BookingState;

/** What a message is about. */
enum Occasion: string
{
    case Booked = 'booked';
    case ToConfirm = 'please confirm';
    case Lapsed = 'lapsed';
    case Asked = 'asked';
    case Accepted = 'accepted';
    case Maybe = 'maybe';
    case Declined = 'declined';
    case Moved = 'moved';
    case MovedAway = 'moved away';
    case Cancelled = 'cancelled';
    case LinkAdded = 'link added';
    case LinkChanged = 'link changed';
    case PlaceChanged = 'place changed';
    case AnswersChanged = 'answers changed';
    case Reminder = 'reminder';
    case GuestBrought = 'guest brought';
    case GuestLeft = 'guest left';

    /** That a booking is made, as both sides hear it. */
    public static function made(Booking $booking): self
    {
        return match ($booking->state) {
            BookingState::Kept => self::ToConfirm,
            BookingState::Asked => self::Asked,
            default => self::Booked,
        };
    }

    /** Whether the meeting is off once this is said. */
    public function isOff(): bool
    {
        return in_array($this, [self::Cancelled, self::Declined, self::Lapsed], true);
    }

    /** Whether the meeting is not agreed yet. */
    public function isOpen(): bool
    {
        return in_array($this, [self::ToConfirm, self::Asked, self::Maybe], true);
    }
}
