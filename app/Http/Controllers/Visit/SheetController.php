<?php

declare(strict_types=1);

namespace App\Http\Controllers\Visit;

use App\Actions\BookSlot;
use App\Http\Data\PassData;
use App\Http\Data\VisitSheetData;
use App\Http\Page;
use App\Http\Requests\BookingRequest;
use App\Models\Sheet;
use App\Timetables\SheetTimetable;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;

/** A sheet for visitors: look, and book. */
final class SheetController
{
    public function page(Sheet $sheet): View
    {
        return Page::visit('Visit', $sheet->title.' with '.$sheet->host->name, $this->data($sheet));
    }

    public function show(Sheet $sheet): JsonResponse
    {
        return new JsonResponse($this->data($sheet));
    }

    public function book(Sheet $sheet, BookingRequest $request, BookSlot $bookSlot): JsonResponse
    {
        $now = CarbonImmutable::now()->getTimestamp();
        $booking = $bookSlot($sheet, $request->wish(), $now);

        return new JsonResponse(
            PassData::of($booking->pass, $now),
            $booking->wasRecentlyCreated ? 201 : 200,
            ['Cache-Control' => 'no-store, private'],
        );
    }

    /** @return array<string, mixed> */
    private function data(Sheet $sheet): array
    {
        return VisitSheetData::of(new SheetTimetable($sheet, CarbonImmutable::now()->getTimestamp()));
    }
}
