<?php

declare(strict_types=1);

namespace App\Http\Data;

use App\Models\Booking;
use App\Models\Pass;
use App\Wording\Spell;

/** A visitor's pass: all of their bookings, in order. */
final class PassData
{
    /**
     * @param  int  $now  seconds since the epoch
     * @return array<string, mixed> as Pass in docs/formats/recess.openapi.yaml
     */
    public static function of(Pass $pass, int $now): array
    {
        $path = '/p/'.$pass->token();
        $bookings = $pass->bookings()->with(['sheet.host.school', 'place'])->orderBy('starts_at')->get();

        return [
            'path' => $path,
            'name' => $pass->name,
            'email' => $pass->email,
            'school' => $bookings->first()?->sheet->host->school->name ?? '',
            'bookings' => array_values($bookings->map(static fn (Booking $booking): array => self::booking($booking, $path, $now))->all()),
        ];
    }

    /** @return array<string, mixed> */
    private static function booking(Booking $booking, string $path, int $now): array
    {
        $zone = $booking->sheet->host->school->timeZone();

        return [
            'id' => $booking->id,
            'title' => $booking->sheet->title,
            'sheet_path' => '/s/'.$booking->sheet->slug,
            'host' => ['name' => $booking->sheet->host->name, 'subject' => $booking->sheet->host->subject],
            'date' => Spell::date($zone->dateAt($booking->span()->start)),
            'from' => Spell::time($booking->span()->start, $zone),
            'until' => Spell::time($booking->span()->end, $zone),
            'zone' => Spell::zone($zone),
            'place' => ['label' => $booking->place->label, 'link' => $booking->place->link, 'directions' => $booking->place->directions],
            'student' => $booking->student,
            'state' => $booking->state->value,
            'cancelled_by' => $booking->cancelled_by?->value,
            'cancel_note' => $booking->cancel_note,
            'can_give_back' => ! $booking->isCancelled() && $booking->span()->start > $now,
            'entry_path' => "$path/bookings/$booking->id.ics",
        ];
    }
}
