<?php

declare(strict_types=1);

namespace App\Video;

use App\Models\Booking;
use App\Models\BookingState;
use App\Models\PlaceKind;

/** The video link of a meeting, and when its visitor gets to see it. */
final class MeetingLink
{
    /** As the host sees it; null where there is none (yet). */
    public static function of(Booking $booking): ?string
    {
        return $booking->link ?? $booking->place->link;
    }

    /** As the visitor may see it at that instant. */
    public static function forVisitor(Booking $booking, int $now): ?string
    {
        $rules = $booking->sheet->rules;
        $due = match ($rules->text('link_shown')) {
            'booked' => true,
            'before' => $now >= $booking->span()->start - $rules->whole('link_minutes') * 60,
            default => $booking->called_in_at !== null,
        };

        return $due && $booking->state === BookingState::Booked ? self::of($booking) : null;
    }

    /** What the visitor is told where the link will stand. */
    public static function promise(Booking $booking, int $now): string
    {
        if (
            $booking->place->kind !== PlaceKind::Video ||
            self::forVisitor($booking, $now) !== null ||
            !$booking->stands()
        ) {
            return '';
        }
        $rules = $booking->sheet->rules;

        return match (true) {
            $booking->state === BookingState::Kept => 'The link comes when the time is booked.',
            $booking->state === BookingState::Asked => 'The link comes when your wish is accepted.',
            self::of($booking) === null => 'The link comes later; you get a message when it is there.',
            $rules->text('link_shown') === 'before' => "The link appears here {$rules->whole(
                'link_minutes',
            )} minutes before the meeting.",
            default => 'The link appears here when you are called in.',
        };
    }
}
