<?php

declare(strict_types=1);

namespace App\Knocks;

/** How a knock stands. */
enum KnockState: string
{
    /** Kept for an address that has not answered yet. */
    case Unconfirmed = 'unconfirmed';
    case Asked = 'asked';
    /** One time stays kept; not sure. */
    case Maybe = 'maybe';
    /** The host has named other times, and keeps them. */
    case Proposed = 'proposed';
    case Accepted = 'accepted';
    case Declined = 'declined';
    /** Nobody answered in time. */
    case Lapsed = 'lapsed';
    case TakenBack = 'taken back';

    /** @return list<self> those whose times are kept */
    public static function open(): array
    {
        return [self::Unconfirmed, self::Asked, self::Maybe, self::Proposed];
    }

    public function isOpen(): bool
    {
        return in_array($this, self::open(), true);
    }

    /** Whether a host can say yes, maybe or no. */
    public function waitsForHost(): bool
    {
        return $this === self::Asked || $this === self::Maybe;
    }
}
