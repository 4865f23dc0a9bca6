<?php

declare(strict_types=1);

namespace App\Telling;

use App\Answers\LetterBounced;
use App\Framework\Clock;
use App\Models\BookingState;
use App\Models\Instant;
use App\Models\Pass;
use App\Models\School;
use App\Models\StaffMember;

/** A letter came back: the hosts of what its reader has booked hear of it, and the office of each school that writes there. */
final class TellOfBounce
{
    public function __invoke(LetterBounced $bounced): void
    {
        $now = Clock::now();
        $schools = StaffMember::query()->where('email', $bounced->email)->pluck('school_id')->all();
        foreach (Pass::query()->where('email', $bounced->email)->get() as $pass) {
            $schools[] = School::ofPass($pass);
            $ahead = $pass
                ->bookings()
                ->whereIn('state', BookingState::standing())
                ->where('starts_at', '>', Instant::column($now));
            foreach ($ahead->get() as $booking) {
                MailFailed::of($booking, $pass, $bounced->why);
            }
        }
        foreach (array_unique(array_filter($schools)) as $school) {
            Unsent::cameBack($bounced->email, (int) $school, $bounced->why);
        }
    }
}
