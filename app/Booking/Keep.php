<?php

declare(strict_types=1);

namespace App\Booking;

/** A slot that is to be kept for somebody for a while. */
final readonly class Keep
{
    public function __construct(
        /** The instant at which it begins. */
        public int $start,
        /** Hash of the key under which it is kept. */
        public string $keeper,
        /** Keyed hash of the network address from which it is kept, or of what keeps it there. */
        public string $at,
        /** An instant; null for as long as whoever types is given. */
        public ?int $until = null,
        /** Of hosts of whom one is enough, the one who is wished for. */
        public ?int $host = null,
        /** For whose pass, where that is known. */
        public ?int $for = null,
    ) {}
}
