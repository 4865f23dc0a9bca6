<?php

declare(strict_types=1);

namespace App\Http\Controllers\Staff;

use App\Actions\CancelBooking;
use App\Http\Data\StaffSheetData;
use App\Http\Requests\CancelRequest;
use App\Models\Booking;
use App\Models\Party;
use App\Timetables\SheetTimetable;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;

/** What a host does with one booking. */
final class BookingController
{
    public function cancel(Booking $booking, CancelRequest $request, CancelBooking $cancel): JsonResponse
    {
        if (! $booking->isCancelled() && $booking->ends_at->isPast()) {
            return new JsonResponse(['message' => 'This meeting is over, so it cannot be cancelled any more.'], 409);
        }
        $cancel($booking, Party::Host, $request->note());

        return new JsonResponse(StaffSheetData::whole(new SheetTimetable($booking->sheet, CarbonImmutable::now()->getTimestamp())));
    }
}
