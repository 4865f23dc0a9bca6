<?php

declare(strict_types=1);

namespace App\Booking;

use App\Models\Booking;
use App\Models\Sheet;
use Recess\Time\Span;

/** Where a meeting is to go. */
final readonly class Destination
{
    private function __construct(
        public Booking $booking,
        /** The instant at which its slot begins then. */
        public int $start,
        /** The sheet on which it is then. */
        public Sheet $sheet,
        /** With whom it has to be; null for whoever of the sheet can, rather the one it is with. */
        public ?int $host = null,
        /** The time that it has there where the sheet makes no such slot: of a meeting that keeps its hour. */
        public ?Span $hour = null,
        /** All as it was there. */
        public ?Spot $back = null,
    ) {}

    public static function slot(Booking $booking, int $start, ?Sheet $sheet = null, ?int $host = null): self
    {
        return new self($booking, $start, $sheet ?? $booking->sheet, $host);
    }

    /** The same hour, whether or not the sheet makes a slot of it. */
    public static function hour(Booking $booking, Span $hour, Sheet $sheet, ?int $host = null): self
    {
        return new self($booking, $hour->start, $sheet, $host, $hour);
    }

    /** Where it was. */
    public static function back(Booking $booking, Spot $spot): self
    {
        $sheet = $spot->sheet === $booking->sheet_id ? $booking->sheet : Sheet::query()->findOrFail($spot->sheet);

        return new self($booking, $spot->start, $sheet, $spot->host, $spot->slot(), $spot);
    }
}
