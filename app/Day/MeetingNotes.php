<?php

declare(strict_types=1);

namespace App\Day;

use App\Framework\Spell;
use App\Models\Booking;
use App\Models\StaffMember;
use Illuminate\Database\Eloquent\Collection;

/** A reader's own notes about some meetings, and the last one of before about the same student or with the same visitor. */
final readonly class MeetingNotes
{
    /** As many of before are looked through. */
    private const MOST = 500;

    /** @param  Collection<int, MeetingNote>  $notes  the newest meeting first */
    private function __construct(private Collection $notes) {}

    /** @param  Collection<int, Booking>  $bookings */
    public static function of(StaffMember $reader, Collection $bookings): self
    {
        $students = $bookings->pluck('student_key')->filter()->unique()->values()->all();

        return new self(
            MeetingNote::query()
                ->where('staff_id', $reader->id)
                ->with('booking')
                ->whereHas(
                    'booking',
                    static fn($booking) => $booking
                        ->whereIn('pass_id', $bookings->pluck('pass_id')->unique()->all())
                        ->orWhereIn('student_key', $students),
                )
                ->limit(self::MOST)
                ->get()
                ->sortByDesc(static fn(MeetingNote $note): int => $note->booking->span()->start)
                ->values(),
        );
    }

    /** @return array{note: string, last_note: array{when: string, text: string}|null} */
    public function about(Booking $booking): array
    {
        $last = $this->notes->first(
            static fn(MeetingNote $note): bool => $note->booking->span()->start < $booking->span()->start &&
                ($booking->student_key === ''
                    ? $note->booking->pass_id === $booking->pass_id
                    : $note->booking->student_key === $booking->student_key),
        );
        $zone = $booking->sheet->host->school->timeZone();

        return [
            'note' =>
                $this->notes->first(static fn(MeetingNote $note): bool => $note->booking_id === $booking->id)->text ??
                '',
            'last_note' =>
                $last === null
                    ? null
                    : ['when' => Spell::plainDate($zone->dateAt($last->booking->span()->start)), 'text' => $last->text],
        ];
    }
}
