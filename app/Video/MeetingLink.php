<?php

declare(strict_types=1);

namespace App\Video;

use App\Framework\Words;
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

    /**
     * What the visitor is told where the link will stand; empty where none will come any more.
     *
     * @param  bool  $here  whether it is read on the page where the link will stand
     */
    public static function promise(Booking $booking, int $now, bool $here): string
    {
        if (
            $booking->place->kind !== PlaceKind::Video ||
            self::forVisitor($booking, $now) !== null ||
            !$booking->stands() ||
            $booking->span()->end <= $now
        ) {
            return '';
        }
        $rules = $booking->sheet->rules;

        return Words::say(
            'booking.link.' .
                match (true) {
                    $booking->state === BookingState::Kept => 'kept',
                    $booking->state === BookingState::Asked => 'asked',
                    self::of($booking) === null => 'later',
                    $rules->text('link_shown') === 'before' => 'before',
                    default => 'called',
                },
            ['minutes' => $rules->whole('link_minutes'), 'where' => $here ? 'here' : 'there'],
        );
    }
}
