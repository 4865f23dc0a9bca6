<?php

declare(strict_types=1);

namespace App\Keeping;

use App\Directory\Guardian;
use App\Directory\Student;
use App\Framework\SlotKey;
use App\Framework\Spell;
use App\Models\Booking;
use App\Models\Guest;
use App\Models\Pass;
use App\Models\Waiting;
use App\Passes\Joiner;

/** All that is kept of a visitor, for themselves: as JSON to take along, and for a page to read. */
final class KeptData
{
    /** @return array<string, mixed> instants as RFC 3339 writes them */
    public static function of(Pass $pass): array
    {
        $guardian = $pass->guardian_id === null ? null : Guardian::query()->with('students.classes')->find($pass->guardian_id);

        return [
            'format' => 'recess-kept', 'version' => 1,
            'you' => ['name' => $pass->name, 'email' => $pass->email, 'email_to_be' => $pass->new_email, 'phone' => $pass->phone, 'clock' => $pass->clock, 'since' => $pass->created_at?->toRfc3339String(), 'email_answered' => $pass->confirmed_at?->toRfc3339String()],
            'school_lists' => $guardian === null ? null : [
                'name' => $guardian->name, 'email' => $guardian->email, 'phone' => $guardian->phone, 'language' => $guardian->language, 'number' => $guardian->number,
                'students' => array_values($guardian->students->map(static fn (Student $one): array => ['name' => $one->name, 'number' => $one->number, 'classes' => array_values($one->classes->pluck('name')->all())])->all()),
            ],
            'meetings' => array_values($pass->bookings()->with(['sheet.host.school', 'place', 'host', 'guests.pass'])->orderBy('starts_at')->get()->map(self::meeting(...))->all()),
            'brought_to' => array_values(Guest::query()->where('pass_id', $pass->id)->with('booking.sheet')->get()->map(static fn (Guest $one): array => ['meeting' => $one->booking->sheet->title, 'starts' => SlotKey::of($one->booking->span()->start)])->all()),
            'in_line' => array_values(Waiting::query()->where('pass_id', $pass->id)->with('sheet')->get()->map(static fn (Waiting $one): array => ['sheet' => $one->sheet->title, 'wants' => $one->wants])->all()),
        ];
    }

    /** @return array<string, mixed> */
    private static function meeting(Booking $booking): array
    {
        return [
            'sheet' => $booking->sheet->title, 'with' => $booking->host->name, 'starts' => SlotKey::of($booking->span()->start), 'ends' => SlotKey::of($booking->span()->end),
            'said' => Spell::slot($booking->span(), $booking->sheet->host->school->timeZone()), 'place' => $booking->place->label, 'student' => $booking->student, 'answers' => (object) $booking->answers,
            'state' => $booking->state->value, 'note' => $booking->cancel_note, 'answer' => $booking->answer_note, 'link' => $booking->link,
            'guests' => array_values($booking->guests->map(static fn (Guest $one): string => $one->pass->name)->all()),
            'asked_to_come' => array_values(Joiner::query()->where('booking_id', $booking->id)->pluck('name')->all()),
        ];
    }
}
