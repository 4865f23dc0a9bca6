<?php

declare(strict_types=1);

namespace Demo;

use App\Models\Booking;
use App\Models\Secret;
use App\Models\Sheet;
use App\Video\VideoRooms;

/** Stands where a video service would: each meeting's room is a page of this application that says whose it is. */
final class StandInRooms implements VideoRooms
{
    public function areMade(): bool
    {
        return true;
    }

    public function linkFor(Booking $booking): string
    {
        return url('/video-room/' . self::key($booking->uid));
    }

    public function linkForAll(Sheet $sheet): string
    {
        return url('/video-room/' . self::key($sheet->uid));
    }

    public static function key(string $uid): string
    {
        return $uid . '-' . substr(Secret::of("video|$uid"), 0, 16);
    }
}
