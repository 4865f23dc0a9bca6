<?php

declare(strict_types=1);

namespace App\Passes;

use App\Booking\AskedAlong;
use App\Framework\Contended;
use App\Models\BookingState;
use App\Models\Instant;
use App\Models\Sheet;
use Recess\Names\NameKey;

/**
 * Whoever finds that a student has a time already asks to be brought to it. Whether there is one they do not learn here:
 * whoever has it is asked, and answers or does not.
 */
final class AskToJoin
{
    /** Open requests at one booking; more are not carried there. */
    private const MOST = 5;

    /** @param  int  $now  seconds since the epoch */
    public function __invoke(Sheet $sheet, string $student, string $name, string $email, int $now): void
    {
        if (!AskedAlong::on($sheet)) {
            return;
        }
        Contended::transaction(static function () use ($sheet, $student, $name, $email, $now): void {
            $bookings = $sheet
                ->bookings()
                ->where('student_key', NameKey::of($student))
                ->whereIn('state', [BookingState::Asked, BookingState::Booked])
                ->where('starts_at', '>', Instant::column($now))
                ->with(['pass', 'guests.pass'])
                ->get();
            foreach ($bookings as $booking) {
                $joiners = Joiner::query()->where('booking_id', $booking->id);
                $comes =
                    $booking->pass->email === $email ||
                    $booking->guests
                        ->whereNull('left_at')
                        ->contains(static fn($guest): bool => $guest->pass->email === $email);
                if (
                    !$comes &&
                    (clone $joiners)->where('email', $email)->doesntExist() &&
                    $joiners->count() < self::MOST
                ) {
                    event(
                        new JoinerAsks(
                            Joiner::query()->create(['booking_id' => $booking->id, 'name' => $name, 'email' => $email]),
                        ),
                    );
                }
            }
        });
    }
}
