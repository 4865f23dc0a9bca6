<?php

declare(strict_types=1);

namespace App\Allotting;

/** What has become of an allotment. */
enum AllotmentState: string
{
    case Waiting = 'waiting';
    case Running = 'running';
    case Found = 'found';
    case Booking = 'booking';
    case Booked = 'booked';
    case Failed = 'failed';

    /** Whether somebody is at it, so that nothing else may be begun. */
    public function isBusy(): bool
    {
        return in_array($this, self::busy(), true);
    }

    /** @return list<self> */
    public static function busy(): array
    {
        return [self::Waiting, self::Running, self::Booking];
    }
}
