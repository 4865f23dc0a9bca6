<?php

declare(strict_types=1);

namespace App\Booking;

/** Which seat of a slot somebody would like: with whom, and whether it is only kept for them. */
final readonly class SeatWish
{
    private function __construct(
        /** The one of several hosts whom it has to be. */
        public ?int $host = null,
        /** Of several hosts, the one with whom it was so far. */
        public ?int $rather = null,
        /** Hash of the key under which it may be kept already, or is to be kept. */
        public ?string $keeper = null,
        /** An instant, to keep it until then rather than to take it for good. */
        public ?int $until = null,
        /** For whose pass it is kept, where that is known. */
        public ?int $for = null,
    ) {}

    public static function with(?int $host, ?string $keeper = null): self
    {
        return new self($host, keeper: $keeper);
    }

    public static function rather(int $host): self
    {
        return new self(rather: $host);
    }

    public function kept(string $keeper, int $until, ?int $for = null): self
    {
        return new self($this->host, $this->rather, $keeper, $until, $for);
    }
}
