<?php

declare(strict_types=1);

namespace App\Sharing;

use App\Framework\Answered;
use App\Framework\Words;
use App\Models\Booking;
use App\Models\Question;
use App\Models\Sheet;
use App\Models\StaffMember;
use App\School\UsualQuestions;
use Recess\Time\LocalDate;
use Recess\Time\LocalTime;
use Recess\Time\Zone;

/** A sheet's bookings as a table: a heading, then a row each. */
final class BookingTable
{
    /**
     * @param  StaffMember  $reader  an answer that is not for the list of the day is read by the one who meets the visitor alone
     * @return iterable<list<string|LocalDate|LocalTime>>
     */
    public static function rows(Sheet $sheet, StaffMember $reader): iterable
    {
        $zone = $sheet->host->school->timeZone();
        $questions = array_filter(
            $sheet->questions->all,
            static fn(Question $one): bool => !in_array($one->key, ['student', 'phone'], true),
        );
        yield [
            ...Words::each(
                'tables',
                'date',
                'from',
                'to',
                'host',
                'student',
                'visitor',
                'email',
                'phone',
                'place',
                'link',
                'state',
                'word',
            ),
            ...array_values(array_map(static fn(Question $one): string => $one->label, $questions)),
        ];
        foreach (
            $sheet
                ->bookings()
                ->whereNull('confirm_until')
                ->with(['pass', 'place', 'host'])
                ->orderBy('starts_at')
                ->orderBy('id')
                ->get()
            as $booking
        ) {
            yield [
                ...self::row($booking, $zone),
                ...array_values(
                    array_map(
                        static fn(Question $one): string => $one->onRunSheet || $booking->staff_id === $reader->id
                            ? Answered::said($booking->answers[$one->key] ?? null)
                            : '',
                        $questions,
                    ),
                ),
            ];
        }
    }

    /** @return list<string|LocalDate|LocalTime> */
    private static function row(Booking $booking, Zone $zone): array
    {
        return [
            $zone->dateAt($booking->span()->start),
            $zone->timeAt($booking->span()->start),
            $zone->timeAt($booking->span()->end),
            $booking->host->name,
            $booking->student,
            $booking->pass->name,
            (string) $booking->pass->email,
            $booking->pass->phone,
            $booking->place->label,
            (string) ($booking->link ?? $booking->place->link),
            $booking->state->value,
            $booking->cancel_note,
        ];
    }

    /** @return array<string, string> what was answered and may be read by that reader, by question; empty answers left out */
    public static function answers(Sheet $sheet, Booking $booking, StaffMember $reader): array
    {
        return Answered::all(
            $sheet->questions->with(UsualQuestions::word()),
            $booking->answers,
            onRunSheetOnly: $booking->staff_id !== $reader->id,
        );
    }
}
