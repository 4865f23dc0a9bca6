<?php

declare(strict_types=1);

namespace App\Booking;

use App\Framework\Contended;
use App\Models\Booking;
use App\Timetables\Guards;

/** A visitor tells their host something else than they did. */
final class ChangeAnswers
{
    /**
     * @param  array<string, mixed>  $answers  by question, already checked against the sheet's
     * @param  string  $phone  empty to leave it as it is
     */
    public function __invoke(Booking $booking, Presser $by, array $answers, string $phone): void
    {
        Contended::transaction(static function () use ($booking, $by, $answers, $phone): void {
            Guards::sheet($booking->sheet);
            $booking->refresh()->update(['answers' => (object) $answers, 'sequence' => $booking->sequence + 1]);
            if ($phone !== '') {
                $booking->pass->update(['phone' => $phone]);
            }
            event(new BookingNews($booking, Occasion::AnswersChanged, $by));
        });
    }
}
