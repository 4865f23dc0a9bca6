<?php

declare(strict_types=1);

namespace App\Day;

use App\Models\Booking;

/** Raised for each who gets such a message, in the transaction that notes it. */
final readonly class WrittenAfterwards
{
    public function __construct(
        public AfterLetter $letter,
        public Booking $booking,
        public string $subject,
        public string $text,
    ) {}
}
