<?php

declare(strict_types=1);

namespace App\Http\Controllers\Visit;

use App\Actions\CancelBooking;
use App\Http\Data\PassData;
use App\Http\Page;
use App\Http\Requests\CancelRequest;
use App\Mail\CalendarEntry;
use App\Models\Booking;
use App\Models\Party;
use App\Models\Pass;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;

/** A visitor's private page for their bookings. */
final class PassController
{
    public function page(Pass $pass): View
    {
        return Page::visit('Pass', 'Your pass', $this->data($pass));
    }

    public function show(Pass $pass): JsonResponse
    {
        return new JsonResponse($this->data($pass));
    }

    public function giveBack(Pass $pass, Booking $booking, CancelRequest $request, CancelBooking $cancel): JsonResponse
    {
        if (! $booking->isCancelled() && $booking->starts_at->isPast()) {
            return new JsonResponse(['message' => 'This meeting has begun or is over, so its time cannot be given back.'], 409);
        }
        $cancel($booking, Party::Visitor, $request->note());

        return new JsonResponse($this->data($pass));
    }

    public function entry(Pass $pass, Booking $booking): Response
    {
        return new Response(CalendarEntry::file($booking), 200, [
            'Content-Type' => 'text/calendar; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="meeting.ics"',
        ]);
    }

    /** @return array<string, mixed> */
    private function data(Pass $pass): array
    {
        return PassData::of($pass, CarbonImmutable::now()->getTimestamp());
    }
}
