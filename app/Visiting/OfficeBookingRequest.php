<?php

declare(strict_types=1);

namespace App\Visiting;

use App\Models\Party;

/** The office books for somebody on the phone, who may have no e-mail address. */
final class OfficeBookingRequest extends BookingRequest
{
    protected function emailOptional(): bool
    {
        return true;
    }

    protected function party(): Party
    {
        return Party::Office;
    }
}
