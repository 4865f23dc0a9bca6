<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Booking\BookSlot;
use App\Framework\Clock;
use App\Framework\Download;
use App\Framework\Printed;
use App\Framework\Spell;
use App\Models\Booking;
use App\Models\Sheet;
use App\Visiting\OfficeBookingRequest;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;

/** Booking for people on the phone, who may have no e-mail address, and a slip of paper for them. */
final class OfficeController
{
    public function book(Sheet $sheet, OfficeBookingRequest $request, BookSlot $bookSlot): JsonResponse
    {
        $now = Clock::now();
        $booking = $bookSlot($sheet, $request->wish(), $now);

        return new JsonResponse(HostSheetData::whole($sheet->refresh(), $now) + ['booked' => $booking->id], 201);
    }

    public function slip(Booking $booking): Response
    {
        $pdf = Printed::pdf(
            'paper.slip',
            [
                'booking' => $booking,
                'when' => Spell::slot($booking->span(), $booking->sheet->host->school->timeZone()),
            ],
            $booking->sheet->host->school->country,
        );

        return Download::paper($pdf, 'slip.pdf', inline: true);
    }
}
