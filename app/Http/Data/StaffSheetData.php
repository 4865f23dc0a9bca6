<?php

declare(strict_types=1);

namespace App\Http\Data;

use App\Models\Booking;
use App\Models\Sheet;
use App\Timetables\SheetTimetable;
use App\Wording\Spell;
use Recess\Rules\State;

/** A sheet as its host sees it: with who has booked, about whom, and the phone number. */
final class StaffSheetData
{
    /** @return array<string, mixed> as SheetRow in docs/formats/recess.openapi.yaml */
    public static function row(SheetTimetable $timetable): array
    {
        $sheet = $timetable->sheet;
        $taken = array_filter($timetable->offers, static fn ($offer): bool => $offer->verdict->reasons !== []
            && in_array(State::Taken, array_column($offer->verdict->reasons, 'state'), true));

        return [
            'id' => $sheet->id,
            'title' => $sheet->title,
            'state' => $sheet->state->value,
            'link' => $sheet->link(),
            'when' => self::when($timetable),
            'slots' => count($timetable->offers),
            'free' => count($timetable->free()),
            'taken' => count($taken),
        ];
    }

    /** @return array<string, mixed> as HostSheet in docs/formats/recess.openapi.yaml */
    public static function whole(SheetTimetable $timetable): array
    {
        $sheet = $timetable->sheet;

        return [
            ...self::row($timetable),
            'intro' => $sheet->intro,
            'zone' => Spell::zone($timetable->zone),
            'days' => RulerData::days($timetable->zone, $timetable->pieces, $timetable->offers, $timetable->now),
            'bookings' => array_values($sheet->bookings()->with(['pass', 'place'])->orderBy('starts_at')->orderBy('id')->get()
                ->map(static fn (Booking $booking): array => self::booking($booking, $timetable))->all()),
            'form' => self::form($timetable),
        ];
    }

    /** @return array<string, mixed> as SheetForm: what the worksheet says now */
    private static function form(SheetTimetable $timetable): array
    {
        $sheet = $timetable->sheet;
        $block = $sheet->blocks->firstOrFail();
        $hours = $block->toCore()->usual->hours[0];
        $place = $sheet->places->firstOrFail();

        return [
            'title' => $sheet->title,
            'intro' => $sheet->intro,
            'date' => $block->pattern['on'][0],
            'from' => (string) $hours->from,
            'until' => (string) $hours->until(),
            'minutes' => $block->slot_minutes,
            'gap' => $block->gap_minutes,
            'place_kind' => $place->kind->value,
            'place_label' => $place->label,
            'place_link' => $place->link ?? '',
            'directions' => $place->directions,
            'seats' => $sheet->seats,
            'lead_hours' => intdiv($sheet->lead_minutes, 60),
        ];
    }

    private static function when(SheetTimetable $timetable): string
    {
        $stretches = array_map(
            static fn ($pieces): string => Spell::date($timetable->zone->dateAt($pieces->stretch->start)).', '
                .Spell::time($pieces->stretch->start, $timetable->zone).' to '.Spell::time($pieces->stretch->end, $timetable->zone),
            $timetable->pieces,
        );

        return implode('; ', $stretches);
    }

    /** @return array<string, mixed> as HostBooking */
    private static function booking(Booking $booking, SheetTimetable $timetable): array
    {
        $zone = $timetable->zone;

        return [
            'id' => $booking->id,
            'day' => Spell::shortDate($zone->dateAt($booking->span()->start)),
            'from' => Spell::time($booking->span()->start, $zone),
            'until' => Spell::time($booking->span()->end, $zone),
            'student' => $booking->student,
            'name' => $booking->pass->name,
            'phone' => $booking->pass->phone,
            'email' => $booking->pass->email,
            'place' => $booking->place->label,
            'state' => $booking->state->value,
            'cancelled_by' => $booking->cancelled_by?->value,
            'cancel_note' => $booking->cancel_note,
            'can_cancel' => ! $booking->isCancelled() && $booking->span()->end > $timetable->now,
        ];
    }
}
