<?php

declare(strict_types=1);

namespace App\Passes;

use App\Booking\BookingNews;
use App\Booking\NotAsFilledIn;
use App\Booking\Occasion;
use App\Booking\Presser;
use App\Framework\Contended;
use App\Models\Booking;
use App\Models\BookingState;
use App\Models\Instant;
use App\Models\Pass;
use App\Timetables\Asking;
use App\Timetables\Guards;
use App\Timetables\Judge;
use Recess\Names\NameKey;
use Recess\Rules\Reason;

/** A misspelt name of a student is mended in all of a pass's bookings to come, as far as it could have been booked under that name. */
final class MendStudent
{
    /**
     * @param  string  $was  the name as it is
     * @param  int  $now  seconds since the epoch
     *
     * @throws NotAsFilledIn when a booking of somebody else about a student of that name stands against it
     */
    public function __invoke(Pass $pass, string $was, string $name, int $now): void
    {
        // Whom the school knows by its own lists, the school mends.
        $bookings = $pass
            ->bookings()
            ->whereNull('student_id')
            ->where('student_key', NameKey::of($was))
            ->whereIn('state', BookingState::standing())
            ->where('ends_at', '>', Instant::column($now))
            ->orderBy('id')
            ->get();
        Contended::transaction(static function () use ($pass, $bookings, $name, $now): void {
            foreach ($bookings as $booking) {
                Guards::booking($booking->sheet, (string) $pass->email, $name);
                if (NameKey::of($name) !== $booking->student_key && self::standsAgainst($booking, $name, $now)) {
                    throw NotAsFilledIn::of($booking->sheet);
                }
                $booking->update([
                    'student' => $name,
                    'student_key' => NameKey::of($name),
                    'sequence' => $booking->sequence + 1,
                ]);
                event(new BookingNews($booking, Occasion::AnswersChanged, Presser::pass($pass)));
            }
        });
    }

    /** Whether the rules of students would have been against it: that they have enough, or are elsewhere. */
    private static function standsAgainst(Booking $booking, string $name, int $now): bool
    {
        $start = $booking->span()->start;
        $who = Asking::visitor($booking->pass_id, null, $name, $booking->place_id)->insteadOf($booking)->across();
        $reasons = Judge::at($start, $booking->sheet, $now, $who)->offerAt($start)->verdict->reasons ?? [];

        return array_filter($reasons, static fn(Reason $reason): bool => $reason->because->isOfStudent()) !== [];
    }
}
