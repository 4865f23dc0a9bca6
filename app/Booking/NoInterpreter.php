<?php

declare(strict_types=1);

namespace App\Booking;

use App\Framework\Words;
use Illuminate\Http\JsonResponse;

/** The time is free, but nobody who speaks the family's language is then. Nothing was changed. */
final class NoInterpreter extends NoSeatLeft
{
    public function render(): JsonResponse
    {
        return new JsonResponse(['message' => Words::say('booking.no_interpreter')], 409);
    }

    /** It is an answer, not a fault: the log need not know. */
    public function report(): void
    {
    }
}
