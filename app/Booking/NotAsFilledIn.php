<?php

declare(strict_types=1);

namespace App\Booking;

use App\Framework\Refused;
use App\Framework\Words;
use App\Models\Sheet;
use Illuminate\Http\Request;

/**
 * Something stands against a booking that is on another pass: of that address, or about that student. Whoever asks may be
 * anybody, so they hear neither what nor when; where guests may come they can ask to be brought, whether or not it helps.
 */
final class NotAsFilledIn extends Refused
{
    public function __construct(private readonly Sheet $sheet)
    {
        parent::__construct(Words::say('booking.not_as_filled_in', ['phone' => $sheet->host->school->phoneOrNone()]));
    }

    protected function more(Request $request): array
    {
        return ['ask_to_join' => $this->sheet->rules->whole('guests') > 0 && $this->sheet->asksForStudent()];
    }
}
