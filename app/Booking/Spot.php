<?php

declare(strict_types=1);

namespace App\Booking;

use App\Models\Booking;
use Recess\Time\Span;

/** Where a meeting is: when, with whom, at which place, and what hangs on that. What it takes to put it back there. */
final readonly class Spot
{
    /** @param  array<string, mixed>|null  $answers  null where they are the same wherever it is */
    private function __construct(
        public int $sheet,
        /** The instants at which its slot begins and ends. */
        public int $start,
        public int $end,
        public int $host,
        public int $place,
        public ?string $link,
        /** The instant until which a wish is held; null where it is agreed. */
        public ?int $held,
        public ?array $answers,
    ) {}

    public static function of(Booking $booking): self
    {
        return new self(
            $booking->sheet_id,
            $booking->slot()->start,
            $booking->slot()->end,
            $booking->staff_id,
            $booking->place_id,
            $booking->link,
            $booking->held_until?->getTimestamp(),
            $booking->answers,
        );
    }

    /** @param  mixed  $kept  as toArray() makes it; null when it is not that */
    public static function from(mixed $kept): ?self
    {
        $numbers = array_filter(
            array_intersect_key(is_array($kept) ? $kept : [], array_flip(['sheet', 'start', 'end', 'host', 'place'])),
            is_int(...),
        );
        if (!is_array($kept) || count($numbers) !== 5) {
            return null;
        }

        return new self(
            $numbers['sheet'],
            $numbers['start'],
            $numbers['end'],
            $numbers['host'],
            $numbers['place'],
            is_string($kept['link'] ?? null) ? $kept['link'] : null,
            is_int($kept['held'] ?? null) ? $kept['held'] : null,
            is_array($kept['answers'] ?? null) ? $kept['answers'] : null,
        );
    }

    public function slot(): Span
    {
        return Span::of($this->start, $this->end);
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return get_object_vars($this);
    }
}
